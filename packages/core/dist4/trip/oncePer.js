/**
 * A value made once for a trip or one of its lists, and kept as long as that is: neither ever changes, a change makes new
 * ones. Loads ask the same of a trip for every member and day.
 */
export function oncePer(make) {
    const made = new WeakMap();
    return (list) => {
        const known = made.get(list);
        // That there is nothing is an answer too.
        if (known !== undefined || made.has(list))
            return known;
        const value = make(list);
        made.set(list, value);
        return value;
    };
}
//# sourceMappingURL=oncePer.js.map