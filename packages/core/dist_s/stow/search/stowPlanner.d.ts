/**
 * The course of one planning. A usable stow is made at once. Then several searches start from the placement rules, by a
 * long annealing on a coarse grid. The best of them goes on, to a short one on the grid on which stows are realised.
 */
import type { Placement } from '../../trip/model.js';
import { type StowCost } from '../stowCost.js';
import type { StowPlan, StowProgress } from '../stowPlan.js';
import type { StowProblem } from '../stowProblem.js';
export declare class StowPlanner {
    private readonly problem;
    private readonly pinned;
    private readonly seed;
    private readonly iterations;
    private readonly onProgress;
    private readonly random;
    /** Moves of one start that is seen through. */
    private readonly moves;
    private spent;
    /** The best so far of what is kept; what is made only to be shown is not: nobody's watching may change the result. */
    private best;
    constructor(problem: StowProblem, pinned: readonly Placement[], seed: number, iterations: number, onProgress: ((progress: StowProgress) => void) | undefined);
    plan(): StowPlan;
    /** A usable stow is shown at once, before the search itself begins. */
    private showFirst;
    private begun;
    private goOn;
    /** A start goes on to its end, and then on the fine grid. */
    private seenThrough;
    private coarseStep;
    private fineStep;
    /** A coarse stow, mended a little. It draws its own random numbers, so that the search goes on as if it were not. */
    private glimpse;
    private started;
    /** A search on the fine grid that starts from a stow of the coarse one. */
    private settledFrom;
    private planOf;
    private better;
    private show;
    private consider;
}
/** Something is left out, or a safety rule broken. */
export declare function isAmiss({ misfit, safety }: StowCost): boolean;
