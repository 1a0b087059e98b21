import type { Near } from './reshare.js';
import { type ShareProblem } from './problem.js';
export interface FewestHandovers {
    readonly assignment: Int32Array;
    readonly count: number;
    /** No fewer will do. */
    readonly atLeast: number;
}
/**
 * Search for the fewest handovers.
 *
 * @param asked from `askedProblem`
 * @param reaching an assignment that keeps to it, to start from; the search only betters it
 * @param iterations search moves
 */
export declare function fewestHandovers(asked: ShareProblem, near: Near, reaching: ArrayLike<number>, seed: number, iterations: number): FewestHandovers;
/**
 * A number of handovers below which none can do: what must leave each carrier, and what is where it may not stay.
 *
 * @param asked from `askedProblem`
 */
export declare function fewestConceivable(asked: ShareProblem): number;
