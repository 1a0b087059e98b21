import type { StowOnDay } from '../movesUp.js';
import type { StowCost } from '../stowCost.js';
import type { StowProblem } from '../stowProblem.js';
import { StowSearch } from './stowSearch.js';
import type { StowState } from './stowState.js';
export declare class OtherDay {
    private readonly search;
    private readonly entries;
    /** The state of this day; a pack has the same compartments on all days. */
    private readonly own;
    /**
     * @param main the search on its own day
     * @param on the stow on the other day, with what is fetched up
     */
    constructor(main: StowSearch, problem: StowProblem, on: StowOnDay);
    /** What the stow costs on this day, were it as the searched state has it. */
    costOf(state: StowState): StowCost;
    /** What was last looked at is what later states will mostly begin with. */
    keep(): void;
}
