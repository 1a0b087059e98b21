/** Own things that something makes and keeps in step: the larder its lunches and snacks, a figure what is not listed. */
import { removePersonalThings } from './changes.js';
import { sameContent } from './edits.js';
/**
 * The trip with these own things of a maker and no others of it. What is unchanged keeps its place in the share and in
 * stows; the same trip comes back when nothing has to change.
 */
export function withMade(trip, maker, made) {
    const kept = new Set(made.map((t) => t.id));
    const gone = trip.personalThings.filter((t) => t.madeBy === maker && !kept.has(t.id));
    const next = removePersonalThings(trip, new Set(gone.map((t) => t.id)));
    const there = new Map(next.personalThings.map((t) => [t.id, t]));
    const changed = new Map(made.flatMap((t) => {
        const was = there.get(t.id);
        return was !== undefined && sameContent(was, t) ? [] : [[t.id, t]];
    }));
    if (changed.size === 0)
        return next;
    return {
        ...next,
        personalThings: [
            ...next.personalThings.map((t) => changed.get(t.id) ?? t),
            ...[...changed.values()].filter((t) => !there.has(t.id)),
        ],
    };
}
//# sourceMappingURL=madeThings.js.map