export const HANDFUL = { lid: 7, hipBelt: 4, strap: 4 };
/** How many too many things a pocket of a kind holds. */
export function beyondHandful(kind, count) {
    const most = kind === undefined ? undefined : HANDFUL[kind];
    return most === undefined ? 0 : Math.max(0, count - most);
}
//# sourceMappingURL=handful.js.map