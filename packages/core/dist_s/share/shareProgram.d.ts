/**
 * The sharing problem as linear and integer programs, in the text format that LP solvers read (CPLEX LP). What solves
 * them is the caller's: the bound of a share, the least overload there must be, and the proof of fewest handovers.
 *
 * x_b_m says that carrier m has bundle b; every bundle is carried once, every pack holds what it is given, pieces to be
 * kept apart are apart.
 */
import type { ShareBound } from './bound.js';
import type { ShareProblem } from './problem.js';
/**
 * Minimise the level λ: the load of everybody who carries something of the group's on a day is at most λ·yardstick,
 * and within the limit.
 *
 * Somebody whose own things are above a level takes nothing at that level, so room is max(0, λ·y − p): not linear. With
 * a level that is surely reached and one that surely is not, the straight line between their rooms is never less, and
 * the program stays a bound. Where no such member is, it is exact.
 *
 * @param below a level that no share is below: `bound.level`
 * @param reached a level that some share has
 * @param integer whole bundles or divisible ones; whole ones make the optimum only where the program is exact
 */
export declare function levelProgram(problem: ShareProblem, below: number, reached: number, integer?: boolean): string;
/** Minimise load above limits, by what it counts, and volume above packs, beyond what personal things alone make; over all days. */
export declare function overloadProgram(problem: ShareProblem, integer?: boolean): string;
/**
 * Minimise the cost of handovers so that every load keeps to its limit and every pack holds.
 *
 * @param problem from `askedProblem`: its limits are what is asked
 * @param cost of bundle b going to carrier m; 0 where it is already
 */
export declare function handoverProgram(problem: ShareProblem, cost: (b: number, m: number) => number): string;
/** What an LP solver answers, as far as it is used: the value of each variable by name. */
export interface ProgramColumns {
    readonly [name: string]: {
        readonly Primal?: number;
    } | undefined;
}
/** The carrier of each bundle in a solved integer program. */
export declare function assignmentOf(problem: ShareProblem, columns: ProgramColumns): Int32Array;
export declare function raisedBound(bound: ShareBound, lambda: number): ShareBound;
