import { BLOCKS } from './neighbours.js';
import { mainOf } from './packGeometry.js';
/** How many things may come out before one that is needed then. */
export const REACH_LIMIT = {
    walking: 0,
    hurry: 1,
    stop: 2,
    firstInCamp: 4,
    camp: Infinity,
};
/** All things that must come out before one of them: what blocks it, what blocks those, and so on. */
export function closure(start, blocks, count) {
    const out = new Set();
    const todo = [start];
    for (let at = todo.pop(); at !== undefined; at = todo.pop()) {
        for (let j = 0; j < count; j += 1) {
            if (j !== start && !out.has(j) && j !== at && blocks(at, j)) {
                out.add(j);
                todo.push(j);
            }
        }
    }
    return [...out];
}
/** Reach of every placed thing. */
export function reachOf(pack, layout) {
    const byId = new Map(layout.things.map((t) => [t.thing.id, t]));
    const found = new Map();
    for (const c of layout.compartments) {
        const things = c.thingIds.map((id) => byId.get(id));
        const ways = waysOut(pack, c, things);
        for (const [i, id] of c.thingIds.entries()) {
            const best = shortest(c.thingIds, ways, i);
            if (best !== undefined)
                found.set(id, best);
        }
    }
    const reach = (t) => {
        const thingId = t.thing.id;
        const own = found.get(thingId);
        if (own !== undefined)
            return own;
        const holder = byId.get(t.insideId ?? '');
        if (holder === undefined)
            return { thingId, count: 0, through: 'pocket', blockers: [] };
        // What rides inside another comes out with it.
        const its = reach(holder);
        return { ...its, thingId, count: its.count + 1, blockers: [...its.blockers, holder.thing.id] };
    };
    return layout.things.map(reach);
}
/** The way by which the least comes out before the i-th thing. */
function shortest(thingIds, ways, i) {
    let best;
    for (const way of ways) {
        if (!way.may(i))
            continue;
        const out = closure(i, way.blocks, thingIds.length);
        if (best !== undefined && best.count <= out.length)
            continue;
        // Loaded last comes out first; from below the other way round.
        const order = [...out].sort((a, b) => (way.through === 'bottom' ? a - b : b - a));
        const blockers = order.map((j) => thingIds[j]);
        best = { thingId: thingIds[i], count: out.length, through: way.through, blockers };
    }
    return best;
}
function waysOut(pack, c, things) {
    const main = mainOf(pack);
    const openings = main?.openings ?? [];
    const always = () => true;
    const isOver = (a, b) => c.over[a][b] >= BLOCKS;
    if (c.compartment.kind !== 'main') {
        const through = c.compartment.kind === 'lash' ? 'outside' : 'pocket';
        return [{ through, blocks: isOver, may: always }];
    }
    const isBottomPart = c.compartment.id === 'bottom';
    const ways = [];
    if (openings.includes('bottom') && (isBottomPart || main?.bottomPartCm !== undefined)) {
        const partTop = Math.min(...c.compartment.floor) + (main?.bottomPartCm ?? 0);
        // From below: a lies on b for as much of a's floor plan as b is under it.
        const blocks = (a, b) => isUnder(things[b], things[a]);
        ways.push({ through: 'bottom', blocks, may: (a) => isBottomPart || things[a].box.z0 < partTop - 1 });
    }
    if (isBottomPart)
        return ways;
    if (openings.includes('top'))
        ways.unshift({ through: 'top', blocks: isOver, may: always });
    for (const [through, axis] of [
        ['front', 'y'],
        ['side', 'x'],
    ])
        if (openings.includes(through))
            ways.push({ through, blocks: (a, b) => isOutside(things[b].box, things[a].box, axis), may: always });
    return ways;
}
const overlap = (a0, a1, b0, b1) => Math.max(0, Math.min(a1, b1) - Math.max(a0, b0));
/** Whether b lies under enough of a's outline to block its way down. */
function isUnder(b, a) {
    if (b.centre.z >= a.centre.z)
        return false;
    const shared = overlap(a.box.x0, a.box.x1, b.box.x0, b.box.x1) * overlap(a.box.y0, a.box.y1, b.box.y0, b.box.y1);
    const whole = (a.box.x1 - a.box.x0) * (a.box.y1 - a.box.y0);
    return whole > 0 && shared / whole >= BLOCKS;
}
/** Whether b lies between a and the wall in a direction (away from the back, or to a's nearer side) for enough of it. */
function isOutside(b, a, axis) {
    const middle = (box) => (axis === 'y' ? (box.y0 + box.y1) / 2 : (box.x0 + box.x1) / 2);
    const sign = axis === 'y' || middle(a) >= 0 ? 1 : -1;
    if (sign * (middle(b) - middle(a)) <= 0)
        return false;
    const across = axis === 'y' ? overlap(a.x0, a.x1, b.x0, b.x1) : overlap(a.y0, a.y1, b.y0, b.y1);
    const width = axis === 'y' ? a.x1 - a.x0 : a.y1 - a.y0;
    const shared = across * overlap(a.z0, a.z1, b.z0, b.z1);
    const whole = width * (a.z1 - a.z0);
    return whole > 0 && shared / whole >= BLOCKS;
}
//# sourceMappingURL=reach.js.map