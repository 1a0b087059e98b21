/** What a record holds under a key of its own: an id may be any word, "constructor" too. */
export function own(record, key) {
    return Object.hasOwn(record, key) ? record[key] : undefined;
}
//# sourceMappingURL=own.js.map