import { isBottle } from '../atRest.js';
import { keptFromBackCm } from '../backRule.js';
import { takes } from '../fitsPack.js';
import { compartmentsOf } from '../packGeometry.js';
import { clash, crush } from '../neighbours.js';
import { placementVerdict } from '../placementRules.js';
import { DENSE_KG_PER_L, isSpent, stowedDensity } from '../thingKinds.js';
import { solidOf, SPREADS } from '../solids.js';
import { outermost, solidVolumeL } from '../stowProblem.js';
import { uprightsWanted } from '../uprights.js';
import { CHOSEN_COST, HOUSE_COST, LEVEL_COST } from './tuning.js';
/** A long thing is one that should stand. */
const LONG_CM = 30;
const TINY_KG = 1e-9;
/**
 * @param placements of which the pinned ones stay
 * @param cellCm edge of a cell of the grid that the search works on
 */
export function searchFacts(problem, placements, cellCm) {
    const { pack, inside } = problem;
    const known = knownOf(problem, cellCm);
    const zoneIds = new Set(pack.zones.map((z) => z.id));
    const pinned = new Set(placements
        .filter((p) => p.pinned && zoneIds.has(p.zoneId) && !inside.has(p.thingId))
        .map((p) => p.thingId));
    const things = known.things.map((t) => (pinned.has(t.thing.id) ? { ...t, isPinned: true } : t));
    return {
        ...known,
        things,
        movable: things.flatMap((t, i) => (t.isPinned || t.isNested ? [] : [i])),
    };
}
/** What is known of a problem by size of cell, with nothing pinned: a planning makes many searches of one problem. */
const known = new WeakMap();
function knownOf(problem, cellCm) {
    let bySize = known.get(problem);
    if (bySize === undefined)
        known.set(problem, (bySize = new Map()));
    let facts = bySize.get(cellCm);
    if (facts === undefined)
        bySize.set(cellCm, (facts = foundOut(problem, cellCm)));
    return facts;
}
function foundOut(problem, cellCm) {
    const { things, pack, inside, parting } = problem;
    const compartments = compartmentsOf(pack, cellCm);
    const isOut = ({ thing }) => !inside.has(thing.id);
    const facts = things.map((t) => thingFacts(problem, t, { compartments, parting, inside, cellCm }));
    return {
        problem,
        compartments,
        main: compartments.findIndex((c) => c.id === 'main'),
        sleeve: compartments.findIndex((c) => c.kind === 'sleeve'),
        parting,
        things: facts,
        clashes: things.flatMap((a, i) => things.flatMap((b, j) => j > i && isOut(a) && isOut(b) && clash(a.thing, b.thing) !== undefined ? [[i, j]] : [])),
        crushes: things.flatMap((a, i) => things.flatMap((b, j) => j !== i && isOut(a) && isOut(b) && crush(a.thing, b.wholeKg) !== undefined ? [[i, j]] : [])),
        uprights: uprightsWanted(problem),
        totalKg: facts.reduce((sum, { isNested, massKg }) => (isNested ? sum : sum + massKg), Math.max(TINY_KG, pack.tareKg)),
    };
}
function thingFacts(problem, t, around) {
    const { thing } = t;
    const volumeL = solidVolumeL(t, problem.day);
    const solid = solidOf(thing.shape, volumeL, around.cellCm);
    const riders = problem.things.flatMap((other, i) => outermost(problem, other.thing.id) === thing.id && other.thing.id !== thing.id ? [i] : []);
    const massKg = t.wholeKg;
    const densityKgPerL = stowedDensity(massKg, volumeL);
    const choices = choicesOf(problem, thing);
    const away = (padded) => solid.kind === 'soft' ? [] : solid.turns.map((turn) => keptFromBackCm(thing, turn, padded));
    return {
        thing,
        byDayL: t.volumeL,
        solid,
        turns: solid.kind === 'soft' ? SPREADS.length : solid.turns.length,
        volumeL,
        mostL: solid.kind === 'soft' ? solid.looseL : volumeL,
        massKg,
        heavyKg: problem.heavy.kgOf.get(thing.id) ?? 0,
        densityKgPerL,
        isDense: densityKgPerL >= DENSE_KG_PER_L,
        riders,
        choices,
        allowed: allowedFor(problem, thing, solid, volumeL, choices, around),
        isNested: around.inside.has(thing.id),
        isPinned: false,
        isBottle: isBottle(thing),
        isSpent: isSpent(thing, problem.day),
        hasPoints: thing.flags.includes('sharp'),
        isLong: thing.shape.kind === 'long' && thing.shape.lengthCm >= LONG_CM,
        awayCm: [away(false), away(true)],
    };
}
function choicesOf({ pack, house, day }, thing) {
    const costOf = ({ level, question, isChosen }) => {
        const costs = isChosen ? CHOSEN_COST : question === undefined ? LEVEL_COST : HOUSE_COST;
        return costs[level === 'never' ? 'poor' : level];
    };
    return pack.zones.map((zone) => {
        const verdict = placementVerdict(thing, zone, house, pack);
        return {
            misplaced: costOf(verdict),
            safety: verdict.level === 'never' ? 1 : 0,
            tooDeep: verdict.tooDeep && thing.needed === 'walking' ? 1 : 0,
            exempt: verdict.byHouse || isSpent(thing, day),
        };
    });
}
/** Compartments where a thing breaks no rule and into which it goes; all into which it goes when there are none. */
function allowedFor({ pack }, thing, solid, volumeL, choices, { compartments, parting }) {
    const isSome = (i, holds) => {
        const { zone } = compartments[i];
        const zones = zone === undefined ? Object.values(parting.zones) : [pack.zones.indexOf(zone)];
        return zones.some((z) => holds(choices[z]));
    };
    const fits = compartments.flatMap((c, i) => (takes(c, thing, solid, volumeL) ? [i] : []));
    const safe = fits.filter((i) => isSome(i, (choice) => choice.safety === 0));
    // What is wanted with the pack on belongs where it can be had, as long as it goes in there.
    const inTime = safe.filter((i) => isSome(i, (choice) => choice.safety + choice.tooDeep === 0));
    if (thing.needed === 'walking' && inTime.length > 0)
        return inTime;
    return safe.length > 0 ? safe : fits.length > 0 ? fits : compartments.map((_c, i) => i);
}
//# sourceMappingURL=searchFacts.js.map