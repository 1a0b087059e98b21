/** Annealing with an eye on several days at once: their worst and their mean. */
import type { Placement } from '../../trip/model.js';
import type { StowProblem } from '../stowProblem.js';
/**
 * A stow mended on several days at once; never worse on them together.
 *
 * @param main the day whose places are searched; things that it does not have stay where they are
 * @param others further days
 * @param round how often it is mended with this one; the same one mends the same
 */
export declare function mendOverDays(main: StowProblem, others: readonly StowProblem[], placements: readonly Placement[], round: number): readonly Placement[];
