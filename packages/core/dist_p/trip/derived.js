/** A field as it is. */
export const whole = (value) => ({ value, key: [value] });
/** A list of which each entry counts, and not which list it is. */
export const entries = (value) => ({ value, key: value });
/** The fields of some parts. The type is that of a trip, for the functions that read one; other fields are not there. */
export function tripOf(parts) {
    return Object.fromEntries(Object.entries(parts).map(([field, part]) => [field, part.value]));
}
/** Remembers the last result. */
export class Derived {
    make;
    last;
    /** @param make works the figure out of the parts; reads no other field */
    constructor(make) {
        this.make = make;
    }
    of(parts) {
        if (this.last === undefined || !areSame(this.last.parts, parts))
            this.last = { parts, result: this.make(tripOf(parts)) };
        return this.last.result;
    }
}
function areSame(a, b) {
    for (const field in b) {
        const [before, now] = [a[field].key, b[field].key];
        if (before.length !== now.length)
            return false;
        for (let i = 0; i < now.length; i += 1)
            if (before[i] !== now[i])
                return false;
    }
    return true;
}
//# sourceMappingURL=derived.js.map