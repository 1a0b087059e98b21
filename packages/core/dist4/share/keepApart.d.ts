/** Rules that keep bundles apart: who must not have both of two. */
import type { ShareProblem } from './problem.js';
/** For each bundle, those that must not ride with it; once for every rule that says so. */
export declare function apartFrom(problem: ShareProblem): readonly (readonly number[])[];
/** How many rules are broken. */
export declare function apartBroken(lists: readonly (readonly number[])[], carrierOf: Int32Array): number;
/** By how much giving bundle b to a carrier, and bundle `back` (if not negative) the other way, would change that. */
export declare function apartChange(lists: readonly (readonly number[])[], carrierOf: Int32Array, b: number, to: number, back: number): number;
