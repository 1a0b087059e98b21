import { withLoaders } from './columnKernel.js';
import { ColumnLoader } from './columnLoader.js';
import { defaultSpot, inLoadingOrder } from './defaultSpot.js';
import { geometryOf } from './laidThing.js';
import { mainZoneAt } from './mainParting.js';
import { capacityL, compartmentIndex, compartmentsOf, FINE_CELL_CM, } from './packGeometry.js';
import { clash, crush, liesOn, TOUCHES_CM2 } from './neighbours.js';
import { dayVolumeL, sleeveSlab } from './reservoir.js';
import { solidOf } from './solids.js';
/**
 * Load a pack as its placements say.
 *
 * @param problem things with their masses and volumes on the problem's day
 * @param placements in loading order
 */
export function realise(problem, placements, cellCm = FINE_CELL_CM) {
    return withLoaders(() => realised(problem, placements, cellCm));
}
function realised(problem, placements, cellCm) {
    const loading = loadingOf(problem, placements, cellCm);
    const placed = new Map();
    const laid = loading.compartments.map((_c, index) => layCompartment(loading, index, placed));
    laySleeve(loading, placed);
    layNested(loading, placed);
    return {
        things: problem.things.flatMap((t) => placed.get(t.thing.id) ?? []),
        compartments: laid,
        // What rides in another finds its place with it.
        unplaced: problem.things.filter((t) => !placed.has(t.thing.id) && !problem.inside.has(t.thing.id)),
    };
}
function loadingOf(problem, placements, cellCm) {
    const { pack, day } = problem;
    const byId = new Map(problem.things.map((t) => [t.thing.id, t]));
    const zoneById = new Map(pack.zones.map((z) => [z.id, z]));
    const known = inLoadingOrder(problem, placements).filter((p) => byId.has(p.thingId) && zoneById.has(p.zoneId));
    const { inside } = problem;
    const sleeved = known.filter((p) => zoneById.get(p.zoneId).kind === 'sleeve' && !inside.has(p.thingId));
    const sleevedL = sleeved.reduce((sum, p) => sum + dayVolumeL(byId.get(p.thingId), day), 0);
    const slab = sleeveSlab(pack, sleevedL);
    const compartments = compartmentsOf(pack, cellCm);
    return { problem, cellCm, compartments, byId, zoneById, known, inside, sleeved, sleevedL, slab };
}
/** Load a compartment, and note where its things then lie. */
function layCompartment(loading, index, placed) {
    const { problem, cellCm, compartments, byId, zoneById, known, inside, slab } = loading;
    const { pack, day } = problem;
    const compartment = compartments[index];
    const mine = known.filter((p) => !inside.has(p.thingId) &&
        compartmentIndex(compartments, zoneById.get(p.zoneId)) === index &&
        compartment.kind !== 'sleeve');
    const isMain = compartment.id === 'main';
    // What lies apart is in all the same: a thing may be larger today than on the day the stow was planned for.
    const loader = new ColumnLoader(compartment, mine.length, isMain ? slab : undefined, true);
    const solids = mine.map((p) => {
        const t = byId.get(p.thingId);
        const solid = solidOf(t.thing.shape, dayVolumeL(t, day), cellCm);
        const spot = p.spot ?? defaultSpot(compartment, zoneById.get(p.zoneId), p.side, solid);
        loader.load(solid, spot.turn, spot.xCm, spot.yCm);
        return solid;
    });
    let filledL = 0;
    for (const [i, p] of mine.entries()) {
        const geometry = geometryOf(loader, i, solids[i], p.spot, compartment);
        filledL += geometry.volumeL;
        const zone = compartment.zone ?? pack.zones[mainZoneAt(problem.parting, geometry.centre.y, geometry.centre.z)];
        placed.set(p.thingId, { ...laidThing(byId, p, zone, compartment.id, i), ...geometry });
    }
    const leftOverL = loader.overflowCm3 / 1000;
    const overZoneL = compartment.zone === undefined ? 0 : Math.max(0, filledL + leftOverL - compartment.zone.volumeL);
    return {
        compartment,
        capacityL: capacityL(compartment) - (isMain ? loading.sleevedL : 0),
        filledL,
        voidL: (loader.voidCm3 + loader.creviceCm3()) / 1000,
        overflowL: Math.max(overZoneL, leftOverL),
        over: coverage(loader),
        thingIds: mine.map((p) => p.thingId),
        clashes: clashesIn(loader, compartment, mine.map((p) => byId.get(p.thingId))),
    };
}
/** A pocket is too small to part what must not touch; in the main compartment faces tell. */
function clashesIn(loader, { zone }, things) {
    return things.flatMap(({ thing: a }, i) => things.slice(i + 1).flatMap(({ thing: b, wholeKg }, k) => {
        const j = i + 1 + k;
        const apart = clash(a, b);
        const crushed = crush(a, wholeKg);
        if (apart !== undefined && (zone !== undefined || loader.touchCm2(i, j) >= TOUCHES_CM2))
            return [[a.id, b.id, apart]];
        return crushed !== undefined && liesOn(loader, i, j) ? [[b.id, a.id, crushed]] : [];
    }));
}
function laidThing(byId, placement, zone, compartmentId, order) {
    const { thing, massKg, wholeKg, waterL } = byId.get(placement.thingId);
    return { thing, placement, zone, compartmentId, order, massKg, wholeKg, waterL, insideId: undefined };
}
/** What is in the sleeve lies there as one slab. */
function laySleeve({ problem, sleeved, slab, byId }, placed) {
    if (slab === undefined)
        return;
    const { zone, depthCm, low, high } = slab;
    const { x, y } = zone.at;
    for (const [i, p] of sleeved.entries())
        placed.set(p.thingId, {
            ...laidThing(byId, p, zone, zone.id, i),
            volumeL: dayVolumeL(byId.get(p.thingId), problem.day),
            turn: undefined,
            segments: [],
            centre: { x, y: y + depthCm / 2, z: (low + high) / 2 },
            box: {
                x0: x - zone.widthCm / 2,
                x1: x + zone.widthCm / 2,
                y0: y,
                y1: y + depthCm,
                z0: low,
                z1: high,
            },
        });
}
/** What rides in another is where that is. */
function layNested({ inside, byId, known }, placed) {
    for (const [id, holderId] of inside) {
        const holder = placed.get(holderId);
        const t = byId.get(id);
        if (holder === undefined || t === undefined)
            continue;
        placed.set(id, {
            ...holder,
            thing: t.thing,
            placement: known.find((p) => p.thingId === id) ?? { ...holder.placement, thingId: id },
            massKg: t.massKg,
            wholeKg: t.wholeKg,
            waterL: t.waterL,
            volumeL: 0,
            insideId: holderId,
            segments: [],
            turn: undefined,
        });
    }
}
/** For each pair of loaded things, the part of the first one's floor plan that the second lies over. */
export function coverage(loader) {
    return Array.from({ length: loader.loaded }, (_v, i) => {
        const own = loader.columnsOf(i);
        return Array.from(loader.coversOf(i), (count) => (own === 0 ? 0 : count / own));
    });
}
//# sourceMappingURL=layout.js.map