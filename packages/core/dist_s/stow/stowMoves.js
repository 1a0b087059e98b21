import { withLoaders } from './columnKernel.js';
import { FINE_CELL_CM } from './packGeometry.js';
import { zonesThatTake } from './fitsPack.js';
import { exact, placeAt } from './placeAt.js';
import { StowSearch } from './search/stowSearch.js';
import { comfortOf, compareCost } from './stowCost.js';
import { isMainZone } from '../trip/zoneKinds.js';
const SIDES = ['left', 'centre', 'right'];
function stateOf(problem, placements) {
    return withLoaders(() => {
        const { cost, centre } = new StowSearch(problem, placements, FINE_CELL_CM).look();
        return { cost, centre };
    });
}
/** Places that a thing could go to: each side of each main zone, and each pocket. */
function targets(problem, pinned) {
    return problem.pack.zones.flatMap((zone) => (isMainZone(zone.kind) ? SIDES : ['centre']).map((side) => ({
        zoneId: zone.id,
        side,
        pinned,
    })));
}
/**
 * The single moves of some things that help by a measure, best first. A move that makes something graver is left out:
 * more that does not fit, more safety rules broken, something deeper than it was.
 *
 * @param measure of a state; less is better
 * @param thingIds which things may move; pinned ones never do
 * @param most how many to return
 * @param leastGain moves that help by no more than this are left out
 */
export function bestMoves(problem, placements, measure, thingIds, most, leastGain = LEAST_GAIN) {
    const from = exact(problem, placements);
    const before = stateOf(problem, from);
    const start = measure(before);
    const found = [];
    const pinned = new Set(from.filter((p) => p.pinned).map((p) => p.thingId));
    for (const thingId of thingIds) {
        if (pinned.has(thingId))
            continue;
        for (const target of targets(problem, false)) {
            const next = placeAt(problem, from, thingId, target);
            const after = stateOf(problem, next);
            const gain = start - measure(after);
            if (gain <= leastGain || isGraver(before.cost, after.cost))
                continue;
            const { zoneId, side } = target;
            found.push({ gain, move: { thingId, zoneId, side, before, after, placements: next } });
        }
    }
    found.sort((a, b) => b.gain - a.gain || compareCost(a.move.after.cost, b.move.after.cost));
    // The best move of each thing is enough.
    const seen = new Set();
    return found
        .map((f) => f.move)
        .filter((m) => !seen.has(m.thingId) && seen.add(m.thingId) !== undefined)
        .slice(0, most);
}
/**
 * Where else a thing could be: for each other zone that takes it, the best side, by the planner's own order of tiers; the
 * runner-up first.
 *
 * @param most how many to return
 */
export function alternatives(problem, placements, thingId, most) {
    const from = exact(problem, placements);
    const thing = problem.things.find((t) => t.thing.id === thingId)?.thing;
    const here = from.find((p) => p.thingId === thingId)?.zoneId;
    if (thing === undefined || here === undefined)
        return [];
    const able = new Set(zonesThatTake(thing, problem.pack).map((z) => z.id));
    const before = stateOf(problem, from);
    const byZone = new Map();
    for (const target of targets(problem, false)) {
        const { zoneId, side } = target;
        if (zoneId === here || !able.has(zoneId))
            continue;
        const next = placeAt(problem, from, thingId, target);
        const after = stateOf(problem, next);
        const best = byZone.get(zoneId);
        if (best !== undefined && compareCost(after.cost, best.after.cost) >= 0)
            continue;
        byZone.set(zoneId, { thingId, zoneId, side, before, after, placements: next });
    }
    return [...byZone.values()].sort((a, b) => compareCost(a.after.cost, b.after.cost)).slice(0, most);
}
/** The best place for a thing that has none yet: by the planner's own order of tiers; undefined when the pack takes it nowhere. */
export function bestPlace(problem, placements, thingId) {
    const from = exact(problem, placements);
    let best;
    for (const target of targets(problem, false)) {
        const next = placeAt(problem, from, thingId, target);
        const state = stateOf(problem, next);
        if (best === undefined || compareCost(state.cost, best.state.cost) < 0)
            best = { placements: next, state };
    }
    return best;
}
/** Gains below this are rounding. */
const LEAST_GAIN = 1e-6;
function isGraver(before, after) {
    return (after.misfit > before.misfit + 1e-6 || after.safety > before.safety || after.tooDeep > before.tooDeep);
}
/** How a stow is weighed when any improvement will do: the tiers of the planner in one number. */
export function byTheWhole({ cost, centre }) {
    return (1000 * cost.misfit +
        300 * cost.safety +
        80 * cost.tooDeep +
        20 * cost.bandMissCm +
        10 * Math.abs(centre.x) +
        3 * cost.voidPercent +
        comfortOf(cost));
}
const MOST_HEAVY = 8;
/**
 * The cheapest single move that cures a finding, or helps most towards it; undefined when no single move does.
 *
 * Findings on things move the first of them; findings on the balance and on hollows try the heaviest things.
 */
export function cureOf(problem, placements, finding) {
    const heavy = [...problem.things]
        .sort((a, b) => b.massKg - a.massKg)
        .slice(0, MOST_HEAVY)
        .map((t) => t.thing.id);
    const measure = MEASURES[finding.ruleId] ?? byTheWhole;
    const things = finding.thingIds.length > 0 ? finding.thingIds : heavy;
    return bestMoves(problem, placements, measure, things, 1)[0];
}
const MEASURES = {
    height: ({ cost, centre }) => cost.bandMissCm + 0.1 * Math.abs(centre.x),
    'even-sides': ({ centre, cost }) => Math.abs(centre.x) + 0.1 * cost.bandMissCm,
    'no-hollows': ({ cost }) => cost.voidPercent,
};
//# sourceMappingURL=stowMoves.js.map