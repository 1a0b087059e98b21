/**
 * How many of the group's pieces each carrier has above a fair number: a large limit is no reason to be given everything
 * that is small.
 */
import type { ShareProblem } from './problem.js';
/** The most of the group's pieces that are fair for one carrier. */
export declare function fairNumber({ bundles }: ShareProblem): number;
export declare class Crowd {
    private readonly fair;
    /** Pieces of each bundle that count. */
    private readonly pieces;
    private readonly counts;
    constructor(problem: ShareProblem);
    empty(): void;
    /** Give a bundle to a carrier, or, with -1, take it. */
    put(b: number, m: number, sign: 1 | -1): void;
    sum(): number;
    /** Pieces too many that a move would add: bundle b from one carrier to another, `back` the other way. */
    weigh(b: number, from: number, to: number, back: number): number;
}
