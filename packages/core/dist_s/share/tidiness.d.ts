/** The last objective: even numbers of pieces, bulk in the bigger packs, few changes; less is tidier. */
import type { ShareProblem } from './problem.js';
/** What one carrier's pieces add to it. */
export declare function carrierUntidiness({ bundles, carriers, pieceCount }: ShareProblem, held: readonly number[], packL: number, fullestL: number): number;
/** How many pieces of a bundle somebody else would carry than carries them now. */
export declare function changedCarriers({ bundles }: ShareProblem, b: number, m: number): number;
