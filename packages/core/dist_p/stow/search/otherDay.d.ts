import type { StowOnDay } from '../movesUp.js';
import type { StowCost } from '../stowCost.js';
import type { StowProblem } from '../stowProblem.js';
import { StowSearch, type Most } from './stowSearch.js';
import type { StowState } from './stowState.js';
export declare class OtherDay {
    private readonly search;
    private readonly entries;
    /** Things that are on no list; they are loaded last. */
    private readonly rest;
    /** The state of this day; a pack has the same compartments on all days. */
    private readonly own;
    /** By thing of the searched day, its place in the loading order when that was last looked at. */
    private readonly places;
    /**
     * @param main the search on its own day
     * @param on the stow on the other day, with what is fetched up
     */
    constructor(main: StowSearch, problem: StowProblem, on: StowOnDay);
    /**
     * What the stow costs on this day, were it as the searched state has it.
     *
     * @returns undefined when its energy is certain to be above a limit
     */
    costOf(state: StowState, limit?: Most): StowCost | undefined;
    /** Whether the loading order is another than when that was last asked. */
    private isReordered;
    /** What was last looked at is what later states will mostly begin with. */
    keep(): void;
}
