/** Names as people type them twice: neither case nor spaces tell two people or two things apart. */
/** The same for all spellings of a name. */
export function nameKey(name) {
    return name.trim().toLowerCase().replace(/\s+/g, ' ');
}
export const isSameName = (a, b) => nameKey(a) === nameKey(b);
//# sourceMappingURL=names.js.map