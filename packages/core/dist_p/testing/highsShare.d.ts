import type { ShareProblem } from '../share/problem.js';
import type { ProgramColumns } from '../share/shareProgram.js';
/**
 * The variables of a program's optimum.
 *
 * @throws Error when it has none
 */
export declare function solveProgram(program: string): Promise<{
    readonly columns: ProgramColumns;
    readonly objective: number;
}>;
/**
 * The smallest largest ratio by HiGHS: min λ with each bundle carried once by an allowed carrier, every load at most
 * λ·limit, every pack's volume kept, and pieces to be kept apart kept apart.
 *
 * @param integer whole bundles (the true optimum) or divisible ones (the relaxation)
 * @returns λ, or undefined when the program is infeasible
 */
export declare function highsLargestRatio(problem: ShareProblem, integer: boolean): Promise<number | undefined>;
