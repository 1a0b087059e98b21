/** What is so near below touches, cm: rounding, and cloth that gives (Graft's own number). */
const TOUCHES_CM = 1;
/** Outlines that overlap by less than this only pass each other, cm. */
const PASSES_CM = 0.3;
/** Stiff, and full of what runs out. */
export function isBottle({ waterCapacityL, flags, shape }) {
    const isStiff = shape.kind === 'cylinder' || shape.kind === 'block' || shape.kind === 'flat';
    return isStiff && (waterCapacityL !== undefined || flags.includes('leaks'));
}
/**
 * What is wrong with how a thing stands.
 *
 * @param i which of the things
 * @param things of one compartment, in the order in which they are loaded
 * @param pocketFloorCm where the floor of a pocket is; undefined in the main compartment
 */
export function badStand(i, things, pocketFloorCm) {
    const { bottle, stiff } = things[i];
    if (stiff === undefined || (!bottle && pocketFloorCm === undefined))
        return undefined;
    const under = things
        .slice(0, i)
        .flatMap((t) => (t.stiff !== undefined && liesUnder(t.stiff, stiff) ? [t.stiff] : []));
    const touching = under.filter((box) => stiff.z0 - box.z1 <= TOUCHES_CM);
    const isOnFloor = pocketFloorCm !== undefined && stiff.z0 <= pocketFloorCm + TOUCHES_CM;
    if (bottle) {
        if (pocketFloorCm !== undefined && !isOnFloor)
            return under.length > 0 ? 'on stiff' : 'off the floor';
        return touching.length > 0 ? 'on stiff' : undefined;
    }
    // On the floor, or on something soft that takes its shape.
    if (isOnFloor || touching.length === 0)
        return undefined;
    const [x, y] = [(stiff.x0 + stiff.x1) / 2, (stiff.y0 + stiff.y1) / 2];
    const isAcross = (low, high, middle) => Math.min(...touching.map((b) => b[low])) <= middle && Math.max(...touching.map((b) => b[high])) >= middle;
    return isAcross('x0', 'x1', x) && isAcross('y0', 'y1', y) ? undefined : 'to one side';
}
function liesUnder(low, high) {
    const overlap = (a, b, c, d) => Math.min(b, d) - Math.max(a, c);
    return (low.z1 <= high.z0 + TOUCHES_CM &&
        overlap(low.x0, low.x1, high.x0, high.x1) > PASSES_CM &&
        overlap(low.y0, low.y1, high.y0, high.y1) > PASSES_CM);
}
//# sourceMappingURL=atRest.js.map