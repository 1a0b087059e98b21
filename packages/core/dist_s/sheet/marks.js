/**
 * What members tell from their sheets: ticks, weights, problems. Sheets are used where there is no network, on more than
 * one device; so what is told is kept as marks that are never changed, and the state is worked out from all of them.
 *
 * Each key is a multi-value register (Shapiro, Preguiça, Baquero, Zawirski 2011; from memory): a mark names the marks
 * that it replaces, which are those its device knew. What no other mark replaces stands; when two such marks say
 * different things, nobody's word is lost: both are shown. Marks may come in any order, and more than once.
 */
/** What a mark is about. */
export const MARK_KINDS = [
    'packed',
    'received',
    'weight',
    'problem',
    'veto',
    'safety',
    'answer',
    'comfort',
    'hurts',
    'said',
    'own',
    'offer',
];
export function markKey({ kind, thingId }) {
    return thingId === undefined ? kind : `${kind} ${thingId}`;
}
/** What stands, by `markKey`, whatever the order of the marks. */
export function standing(marks) {
    const byKey = new Map();
    for (const mark of marks) {
        const key = markKey(mark);
        const own = byKey.get(key) ?? new Map();
        own.set(mark.id, mark);
        byKey.set(key, own);
    }
    const result = new Map();
    for (const [key, own] of byKey) {
        const replaced = new Set([...own.values()].flatMap((m) => m.replaces));
        const heads = [...own.values()]
            .filter((m) => !replaced.has(m.id))
            .sort((a, b) => (a.at < b.at ? 1 : a.at > b.at ? -1 : a.id < b.id ? 1 : -1));
        const [mark] = heads;
        // Only marks that replace each other in a circle leave none: no device makes them.
        if (mark === undefined)
            continue;
        result.set(key, {
            mark,
            others: heads.filter((m) => m.value !== mark.value),
            heads: heads.map((m) => m.id),
        });
    }
    return result;
}
/** What a new mark of a key takes the place of. */
export function replacedBy(state, of) {
    return state.get(markKey(of))?.heads ?? [];
}
/** Whether a yes-or-no key says yes. */
export function isMarked(state, of) {
    return state.get(markKey(of))?.mark.value === true;
}
//# sourceMappingURL=marks.js.map