/**
 * The stow planner, for one day.
 *
 * The objective has tiers. A tier is worth more than all below it could gain: (1) everything fits; (2) no safety rule
 * is broken; (3) what is needed soon is had soon, and what is pinned is where it was put; (4) the pack is neither too hollow nor too far aside; (5) the heavy
 * half is inside its band. Below these, one sum weighs the distance from the band, left and right, voids,
 * closeness to the back and the placement rules. Iterations are counted, not seconds, so that a seed reproduces a stow.
 */
import { isNoPack } from '../trip/customPack.js';
import type { Placement } from '../trip/model.js';
import { seededRandom } from '../units/random.js';
import { withLoaders } from './columnKernel.js';
import { FINE_CELL_CM } from './packGeometry.js';
import { anneal } from './search/anneal.js';
import { StowPlanner } from './search/stowPlanner.js';
import type { OthersOf } from './search/daysTogether.js';
import { StowSearch } from './search/stowSearch.js';
import { ITERATIONS, MEND, MORE_HEAT } from './search/tuning.js';
import { isAmiss, NO_COST, STRICT_WEIGHTS, type StowCost } from './stowCost.js';
import type { StowPlan, StowProgress } from './stowPlan.js';
import type { StowProblem } from './stowProblem.js';

export { compareCost, type StowCost } from './stowCost.js';
export type { StowPlan, StowProgress } from './stowPlan.js';

export interface StowOptions {
  readonly seed: number;
  /** Search moves; parts of them on the coarse grid. */
  readonly iterations?: number;
  /** Part of the usual moves that are made, from `LEAST_STOW_EFFORT` to 1, where `iterations` does not say how many. */
  readonly effort?: number;
  /** Told every so many moves, with the best stow so far, on the grid of a centimetre. */
  readonly onProgress?: (progress: StowProgress) => void;
}

/** The least part of the usual moves with which a search still comes to something. */
export const LEAST_STOW_EFFORT = 0.02;

/** How many moves a pack gets. */
export function usualStowIterations(things: number): number {
  return Math.round(Math.min(ITERATIONS.most, ITERATIONS.forOneThing / Math.max(1, things)));
}

/**
 * Plan a stowing problem: one member's pack on one day.
 *
 * @param pinned placements that stay
 * @param othersOf other days that the stow is to be good on
 */
export function solveStow(
  problem: StowProblem,
  pinned: readonly Placement[],
  options: StowOptions,
  othersOf?: OthersOf,
): StowPlan {
  const { seed, effort = 1, onProgress } = options;
  // Without a pack there is nothing to plan; what is still its owner's has no place.
  if (isNoPack(problem.pack))
    return { seed, iterations: 0, cost: NO_COST, stow: { memberId: problem.member.id, placements: [] } };
  const iterations = options.iterations ?? Math.round(effort * usualStowIterations(problem.things.length));
  return withLoaders(() => new StowPlanner(problem, pinned, seed, iterations, onProgress, othersOf).plan());
}

/** What a given stow costs, by the planner's own tiers. */
export function costOfStow(problem: StowProblem, placements: readonly Placement[]): StowCost {
  return withLoaders(() => new StowSearch(problem, placements, FINE_CELL_CM, false).look().cost);
}

/**
 * A stow in which something is left out or unsafe, mended from where everything is; the same stow where no mend is found.
 *
 * @param seed the same seed gives the same mend
 */
export function mendStow(
  problem: StowProblem,
  placements: readonly Placement[],
  seed: number,
): { readonly placements: readonly Placement[]; readonly cost: StowCost } {
  return withLoaders(() => {
    const search = new StowSearch(problem, placements, FINE_CELL_CM);
    const random = seededRandom(seed);
    for (let k = 0; k < MEND.tries && isAmiss(search.look().cost); k += 1)
      anneal(search, random, MEND.moves, MORE_HEAT, STRICT_WEIGHTS);
    return { placements: search.placements(), cost: search.look().cost };
  });
}
