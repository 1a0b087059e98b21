/**
 * Lower bounds on what any share can reach, so that "within 0.4 % of the best possible" is true.
 *
 * Level: the largest of (a) the water-fill level λ of each day, the least with Σₘ max(0, λ·yₘ − pₘ) ≥ W, where yₘ are
 * the yardsticks, pₘ the loads before group pieces and W the mass to share; (b) the same for each restricted set of
 * carriers (and each union of two) with only the pieces that must stay in it; (c) each piece's lightest possible
 * carrier; (d) where few carriers have few pieces of their own (a tent's parts over its sleepers), the best of all
 * their divisions, with whole pieces. Pieces are treated as divisible in (a) and (b), so no share can be below it.
 *
 * Infeasibility: the mass of each day that finds no room under limits, and the volume that finds none in packs, by the
 * same sets.
 */
import { type ShareProblem } from './problem.js';
export interface ShareBound {
    /** No share has a smaller largest ratio than this. */
    readonly ratio: number;
    /** No share has a smaller largest ratio among members who carry something of the group's. */
    readonly level: number;
    /** What makes the ratio so, in words. */
    readonly reason: string;
    /** What makes the level so. */
    readonly levelReason: string;
    /** No share has less overload (kg, over members and days, by what it counts) and volume above packs (L) together. */
    readonly infeasibility: number;
}
/**
 * The water-fill level: the least λ with Σ max(0, λ·y − p) ≥ W; 0 when there is nothing to share.
 *
 * @param yards y, each above 0
 * @param bases p, kg, of the same length
 * @param sharedKg W, kg, 0 or more
 */
export declare function waterFillLevel(yards: readonly number[], bases: readonly number[], sharedKg: number): number;
export declare function shareBound(problem: ShareProblem): ShareBound;
/** What is above limits (kg, by what it counts) and packs (L) before any group piece. */
export declare function ownInfeasibility(problem: ShareProblem): number;
