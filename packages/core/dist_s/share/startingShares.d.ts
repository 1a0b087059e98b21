/** Where a search for a share starts: from the plain way, or from the share that is there. */
import type { ShareProblem } from './problem.js';
/** The share that is being replaced, where every piece of it has a carrier who may carry it. */
export declare function currentAssignment(problem: ShareProblem): Int32Array | undefined;
/**
 * Heaviest bundle first, each to the allowed carrier whose worst ratio stays lowest; the starting point of every
 * search, and the plain way that benchmarks compare with.
 */
export declare function greedyAssignment(problem: ShareProblem): Int32Array;
