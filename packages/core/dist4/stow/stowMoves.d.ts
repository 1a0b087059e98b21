/**
 * Single moves tried on a stow: each thing to each place that takes it, with what the whole would come to. Cures of
 * findings and the advice of the ride check are the best of them.
 */
import type { Placement, PointCm, Side } from '../trip/model.js';
import type { Finding } from './assessment.js';
import type { StowProblem } from './stowProblem.js';
import { type StowCost } from './stowCost.js';
/** What a stow comes to, as far as moves are compared by it. */
export interface StowState {
    readonly cost: StowCost;
    readonly centre: PointCm;
}
export interface StowMove {
    readonly thingId: string;
    readonly zoneId: string;
    readonly side: Side;
    readonly before: StowState;
    readonly after: StowState;
    /** The whole stow with the move made. */
    readonly placements: readonly Placement[];
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
export declare function bestMoves(problem: StowProblem, placements: readonly Placement[], measure: (state: StowState) => number, thingIds: readonly string[], most: number, leastGain?: number): readonly StowMove[];
/**
 * Where else a thing could be: for each other zone that takes it, the best side, by the planner's own order of tiers; the
 * runner-up first.
 *
 * @param most how many to return
 */
export declare function alternatives(problem: StowProblem, placements: readonly Placement[], thingId: string, most: number): readonly StowMove[];
/** The best place for a thing that has none yet: by the planner's own order of tiers; undefined when the pack takes it nowhere. */
export declare function bestPlace(problem: StowProblem, placements: readonly Placement[], thingId: string): {
    readonly placements: readonly Placement[];
    readonly state: StowState;
} | undefined;
/** How a stow is weighed when any improvement will do: the tiers of the planner in one number. */
export declare function byTheWhole({ cost, centre }: StowState): number;
/**
 * The cheapest single move that cures a finding, or helps most towards it; undefined when no single move does.
 *
 * Findings on things move the first of them; findings on the balance and on hollows try the heaviest things.
 */
export declare function cureOf(problem: StowProblem, placements: readonly Placement[], finding: Finding): StowMove | undefined;
