/** What a message repeats of a value: enough to find it, never all of it. */
/** Characters of a value that a message repeats at most. */
export const MOST_REPEATED = 80;
/** A text, cut where it is longer than a message repeats. */
export function cut(text, most = MOST_REPEATED) {
    return text.length > most ? `${text.slice(0, most)}…` : text;
}
/** A value as JSON, or the beginning of it; no more of it is read than is shown. */
export function repeated(value) {
    return value === undefined ? 'nothing' : cut(beginning(value, MOST_REPEATED + 1));
}
/** At least the first `enough` characters of a value's JSON, where it has so many; each level takes one, so that none is too deep. */
function beginning(value, enough) {
    if (enough <= 0)
        return '';
    if (typeof value === 'string')
        return JSON.stringify(value.slice(0, enough));
    if (typeof value !== 'object' || value === null)
        return JSON.stringify(value) ?? String(value);
    const isList = Array.isArray(value);
    let text = isList ? '[' : '{';
    const add = (part) => {
        text += text.length > 1 ? `,${part}` : part;
        return text.length < enough;
    };
    if (isList) {
        for (const entry of value)
            if (!add(beginning(entry, enough - text.length)))
                break;
    }
    else {
        for (const key in value) {
            const name = `${JSON.stringify(key.slice(0, enough))}:`;
            if (!add(`${name}${beginning(value[key], enough - text.length - name.length)}`))
                break;
        }
    }
    return `${text}${isList ? ']' : '}'}`;
}
//# sourceMappingURL=repeated.js.map