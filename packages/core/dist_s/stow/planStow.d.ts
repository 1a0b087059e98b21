import type { Placement, Trip } from '../trip/model.js';
import { type StowCost } from './stowCost.js';
import type { StowPlan, StowProgress } from './stowPlan.js';
import { type StowProblem } from './stowProblem.js';
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
export declare const LEAST_STOW_EFFORT = 0.02;
/** How many moves a pack gets. */
export declare function usualStowIterations(things: number): number;
/** Plan one member's pack for the day of their largest load ratio. Pinned placements stay. */
export declare function planStow(trip: Trip, memberId: string, options: StowOptions): StowPlan;
/** Plan a stowing problem; see `planStow`. */
export declare function solveStow(problem: StowProblem, pinned: readonly Placement[], options: StowOptions): StowPlan;
/** What a given stow costs, by the planner's own tiers. */
export declare function costOfStow(problem: StowProblem, placements: readonly Placement[]): StowCost;
/**
 * A stow in which something is left out or unsafe, mended from where everything is; the same stow where no mend is found.
 *
 * @param seed the same seed gives the same mend
 */
export declare function mendStow(problem: StowProblem, placements: readonly Placement[], seed: number): {
    readonly placements: readonly Placement[];
    readonly cost: StowCost;
};
