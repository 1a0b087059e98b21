import { compareLoading } from './loadingOrder.js';
import { isMainZone } from '../trip/zoneKinds.js';
/**
 * Where a thing goes when only zone and side are known: in the middle of that part, soft things spread, rigid ones flat
 * against the back in the core, standing in open pockets, lying elsewhere.
 */
export function defaultSpot(compartment, zone, side, solid) {
    const { nx, ny, cellCm, x0, y0 } = compartment;
    const [w, d] = [nx * cellCm, ny * cellCm];
    const main = isMainZone(zone.kind);
    const across = main ? { left: 0.25, centre: 0.5, right: 0.75 }[side] : 0.5;
    const out = zone.kind === 'core' ? 0.25 : zone.kind === 'outer' ? 0.75 : 0.5;
    return { xCm: x0 + across * w, yCm: y0 + out * d, turn: defaultTurn(compartment, zone, solid) };
}
function defaultTurn({ nx, ny }, zone, solid) {
    if (solid.kind === 'soft')
        return zone.kind === 'bottom' ? 1 : 0;
    const price = (t) => {
        const fits = t.nx <= nx && t.ny <= ny ? 0 : 1000;
        const size = zone.openAbove ? -t.heightCm : zone.kind === 'core' ? t.depthCm : t.heightCm;
        return fits + size;
    };
    const prices = solid.turns.map(price);
    return prices.indexOf(Math.min(...prices));
}
/** Left, centre or right of its middle where a compartment has sides: a fifth of the width about the middle is its centre. */
export function sideIn(c, xCm) {
    if (c.kind !== 'main')
        return 'centre';
    const widthCm = c.nx * c.cellCm;
    const fromMiddleCm = xCm - (c.x0 + widthCm / 2);
    return Math.abs(fromMiddleCm) < widthCm / 10 ? 'centre' : fromMiddleCm < 0 ? 'left' : 'right';
}
const ZONE_RANK = { bottom: 0, core: 1, outer: 1, top: 2 };
/** Placements in the order in which they go in: as listed; lists without any exact place, from the bottom up. */
export function inLoadingOrder(problem, placements) {
    if (placements.some((p) => p.spot !== undefined))
        return placements;
    const zones = new Map(problem.pack.zones.map((z) => [z.id, z]));
    const things = new Map(problem.things.map((t) => [t.thing.id, t]));
    const rank = (p) => ZONE_RANK[zones.get(p.zoneId)?.kind ?? 'top'] ?? 3;
    return [...placements].sort((a, b) => {
        const [s, t] = [things.get(a.thingId), things.get(b.thingId)];
        return rank(a) - rank(b) || (s === undefined || t === undefined ? 0 : compareLoading(s, t));
    });
}
//# sourceMappingURL=defaultSpot.js.map