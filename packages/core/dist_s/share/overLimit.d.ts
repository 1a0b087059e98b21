import { type Carrier, type ShareProblem } from './problem.js';
import type { SolvedShare } from './solveShare.js';
/** Days of the trip on which a carrier is above their limit in a share. */
export declare function overDaysOf(problem: ShareProblem, carrier: Carrier, solved: SolvedShare): readonly number[];
/** Those who are above their limit on some day. */
export declare function overloaded(problem: ShareProblem, solved: SolvedShare): readonly Carrier[];
/** The largest ratio of load and limit, and whose it is. */
export interface Worst {
    readonly name: string;
    readonly ratio: number;
}
/** @returns undefined when nobody carries anything */
export declare function worstOf(problem: ShareProblem, solved: SolvedShare): Worst | undefined;
