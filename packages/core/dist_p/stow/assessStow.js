/**
 * What a stow is worth on a day: where everything lies, the heavy half against the school's band, the reach of
 * every thing, how full each part is, and every finding in words. The same for a planned stow and one made by hand.
 */
import { centreOfGravity } from '../carriage/centreOfGravity.js';
import { realise } from './layout.js';
import { sideIn } from './defaultSpot.js';
import { stowOnDay } from './movesUp.js';
import { NEEDED_WORDS, placementVerdict } from './placementRules.js';
import { REACH_LIMIT, reachOf } from './reach.js';
import { bandMissOf } from './search/partFigures.js';
import { stowFindings } from './stowRules.js';
import { outermost, stowProblem } from './stowProblem.js';
/**
 * Assess a member's stow.
 *
 * @param placements where things go, in loading order; by default what the trip's stow says. Food of the day is fetched up
 * @param day the day whose masses count
 */
export function assessStow(trip, memberId, day, placements = trip.stows.find((s) => s.memberId === memberId)?.placements ?? []) {
    const problem = stowProblem(trip, memberId, day);
    return assess(problem, stowOnDay(problem, placements).placements);
}
/** A place too deep by its zone does when so little lies over the thing that it is had in time. */
function soonAtHand(verdict, thing, reach) {
    const { needed } = thing;
    if (verdict.ruleId !== 'needed-when' || needed === 'walking' || reach > REACH_LIMIT[needed])
        return verdict;
    return {
        ...verdict,
        level: 'fair',
        reason: `${NEEDED_WORDS[needed]}: not its place, yet soon at hand here`,
    };
}
export function assess(problem, placements) {
    const { pack, band, heavy } = problem;
    const layout = realise(problem, placements);
    const reach = new Map(reachOf(pack, layout).map((r) => [r.thingId, r]));
    const compartments = new Map(layout.compartments.map(({ compartment }) => [compartment.id, compartment]));
    // What rides in others comes after, as it goes in.
    const rank = new Map([
        ...placements.map((p) => p.thingId).filter((id) => !problem.inside.has(id)),
        ...problem.inside.keys(),
    ].map((id, i) => [id, i]));
    const byId = new Map(layout.things.map((t) => [t.thing.id, t.thing]));
    const placed = layout.things
        .map((t) => {
        const itsReach = reach.get(t.thing.id);
        // What rides in another is where that is; its holder answers for the place.
        const outer = byId.get(outermost(problem, t.thing.id));
        const verdict = soonAtHand(placementVerdict(outer, t.zone, problem.house, problem.pack), outer, itsReach.count);
        const { pinned } = t.placement;
        return {
            ...t,
            pinned,
            side: sideIn(compartments.get(t.compartmentId), t.centre.x),
            verdict,
            reach: itsReach,
            reason: pinned ? `pinned here by hand; ${verdict.reason}` : verdict.reason,
        };
    })
        .sort((a, b) => (rank.get(a.thing.id) ?? 0) - (rank.get(b.thing.id) ?? 0));
    const masses = [
        { massKg: pack.tareKg, atCm: pack.centreOfGravityCm },
        ...placed.map((p) => ({ massKg: p.massKg, atCm: p.centre })),
    ];
    const massKg = masses.reduce((sum, m) => sum + m.massKg, 0);
    const cg = massKg > 0 ? centreOfGravity(masses) : pack.centreOfGravityCm;
    const heavyCm = heavyHeightCm(problem, placed);
    const bandMissCm = heavyCm === undefined ? 0 : bandMissOf(heavyCm * heavy.totalKg, problem);
    const assessment = {
        day: problem.day,
        school: problem.school,
        band,
        placed,
        unplaced: layout.unplaced.map((t) => t.thing),
        centreOfGravityCm: cg,
        massKg,
        heavyCm,
        inBand: bandMissCm === 0,
        bandMissCm,
        zones: pack.zones.map((zone) => zoneFill(problem, zone, placed)),
        main: mainFill(layout),
        layout,
    };
    return { ...assessment, findings: stowFindings(problem, assessment) };
}
/** How high the heavy half of what has a place rides, cm; undefined when nothing of it has one. */
function heavyHeightCm({ heavy }, placed) {
    let [massKg, moment] = [0, 0];
    for (const p of placed) {
        const kg = heavy.kgOf.get(p.thing.id) ?? 0;
        massKg += kg;
        moment += kg * p.centre.z;
    }
    return massKg === 0 ? undefined : moment / massKg;
}
function mainFill(layout) {
    const parts = layout.compartments.filter((c) => c.compartment.kind === 'main');
    const sum = (of) => parts.reduce((s, c) => s + of(c), 0);
    const [filledL, voidL] = [sum((c) => c.filledL), sum((c) => c.voidL)];
    return {
        filledL,
        voidL,
        capacityL: sum((c) => c.capacityL),
        voidShare: filledL + voidL === 0 ? 0 : voidL / (filledL + voidL),
    };
}
function zoneFill(problem, zone, placed) {
    const mine = placed.filter((p) => p.zone === zone && p.insideId === undefined);
    const byId = new Map(problem.things.map((t) => [t.thing.id, t.volumeL]));
    const dayCount = problem.things[0]?.volumeL.length ?? 1;
    let fullestL = -1;
    let fullestDay = 1;
    for (let d = 1; d <= dayCount; d += 1) {
        const sum = mine.reduce((v, p) => v + byId.get(p.thing.id)[d - 1], 0);
        if (sum > fullestL + 1e-9) {
            fullestL = sum;
            fullestDay = d;
        }
    }
    return {
        zone,
        fullestL,
        fullestDay,
        volumeL: mine.reduce((v, p) => v + p.volumeL, 0),
        massKg: placed.filter((p) => p.zone === zone).reduce((m, p) => m + p.massKg, 0),
    };
}
//# sourceMappingURL=assessStow.js.map