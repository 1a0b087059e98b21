/**
 * The stow planner.
 *
 * The objective has tiers. A tier is worth more than all below it could gain: (1) everything fits; (2) no safety rule
 * is broken; (3) what is needed soon is had soon, and what is pinned is where it was put; (4) the pack is neither too hollow nor too far aside; (5) the heavy
 * half is inside its band. Below these, one sum weighs the distance from the band, left and right, voids,
 * closeness to the back and the placement rules. Iterations are counted, not seconds, so that a seed reproduces a stow.
 */
import { isNoPack } from '../trip/customPack.js';
import { seededRandom } from '../units/random.js';
import { withLoaders } from './columnKernel.js';
import { FINE_CELL_CM } from './packGeometry.js';
import { anneal } from './search/anneal.js';
import { isAmiss, StowPlanner } from './search/stowPlanner.js';
import { StowSearch } from './search/stowSearch.js';
import { ITERATIONS, MEND, MORE_HEAT } from './search/tuning.js';
import { NO_COST, STRICT_WEIGHTS } from './stowCost.js';
import { planningDay, stowProblem } from './stowProblem.js';
export { compareCost } from './stowCost.js';
/** The least part of the usual moves with which a search still comes to something. */
export const LEAST_STOW_EFFORT = 0.02;
/** How many moves a pack gets. */
export function usualStowIterations(things) {
    return Math.round(Math.min(ITERATIONS.most, ITERATIONS.forOneThing / Math.max(1, things)));
}
/** Plan one member's pack for the day of their largest load ratio. Pinned placements stay. */
export function planStow(trip, memberId, options) {
    const problem = stowProblem(trip, memberId, planningDay(trip, memberId));
    const pinned = trip.stows.find((s) => s.memberId === memberId)?.placements.filter((p) => p.pinned) ?? [];
    return solveStow(problem, pinned, options);
}
/** Plan a stowing problem; see `planStow`. */
export function solveStow(problem, pinned, options) {
    const { seed, effort = 1, onProgress } = options;
    // Without a pack there is nothing to plan; what is still its owner's has no place.
    if (isNoPack(problem.pack))
        return { seed, iterations: 0, cost: NO_COST, stow: { memberId: problem.member.id, placements: [] } };
    const iterations = options.iterations ?? Math.round(effort * usualStowIterations(problem.things.length));
    return withLoaders(() => new StowPlanner(problem, pinned, seed, iterations, onProgress).plan());
}
/** What a given stow costs, by the planner's own tiers. */
export function costOfStow(problem, placements) {
    return withLoaders(() => new StowSearch(problem, placements, FINE_CELL_CM).look().cost);
}
/**
 * A stow in which something is left out or unsafe, mended from where everything is; the same stow where no mend is found.
 *
 * @param seed the same seed gives the same mend
 */
export function mendStow(problem, placements, seed) {
    return withLoaders(() => {
        const search = new StowSearch(problem, placements, FINE_CELL_CM);
        const random = seededRandom(seed);
        for (let k = 0; k < MEND.tries && isAmiss(search.look().cost); k += 1)
            anneal(search, random, MEND.moves, MORE_HEAT, STRICT_WEIGHTS);
        return { placements: search.placements(), cost: search.look().cost };
    });
}
//# sourceMappingURL=planStow.js.map