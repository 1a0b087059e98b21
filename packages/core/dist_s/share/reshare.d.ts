/**
 * Re-sharing on the way with the fewest handovers. It finds what must change hands so that every load is at most what
 * is asked. As few as possible move, first among people who share a tent or a cook group, then what lies on top, then with
 * the least mass.
 *
 * A handover is one piece, or one set that stays together, that goes from one member to another. Somebody whose load is
 * above what is asked must give some away: at least as many as would do if they were the heaviest of the worst day. The
 * sum of that over the party is a bound. The search often meets it, which proves the number. Otherwise an integer
 * program can prove it: `handoverProgram`.
 */
import type { Trip } from '../trip/model.js';
import type { Bundle, ShareProblem } from './problem.js';
export declare const RESHARE_AIMS: readonly ['best', 'withinLimits'];
/** As fair as can be, within 2 %; or everybody within their limit. */
export type ReshareAim = (typeof RESHARE_AIMS)[number];
/** How far above the best reachable level the first aim may stay. */
export declare const RESHARE_TOLERANCE = 0.02;
/**
 * The problem with limits and packs lowered to what an aim asks. Whoever is above that before carrying anything of the
 * group's is asked to take nothing more; what even the best share must break is not asked.
 *
 * @param reached the best share that is known
 */
export declare function askedProblem(problem: ShareProblem, aim: ReshareAim, reached: ArrayLike<number>): ShareProblem;
/**
 * The problem as people share on the way: wrappers and trifles stay with whoever has them, if they are still there,
 * nobody gives anything to somebody who is hurt, and what lies on top is given sooner than what must be dug out (common
 * practice, no source).
 */
export declare function onTheWay(trip: Trip, problem: ShareProblem): ShareProblem;
/** Whether two carriers sleep or cook together. */
export type Near = (a: number, b: number) => boolean;
/** How many handovers it makes when a bundle goes to a carrier: a set goes as one, from each who has a part of it. */
export declare function handoversOf(bundle: Bundle, m: number): number;
/** What giving a bundle to a carrier costs: handovers count by far the most, then distance, then depth, then kg. */
export declare function handoverCost(problem: ShareProblem, near: Near, b: number, m: number): number;
/** Handovers of an assignment. */
export declare function handoversIn(problem: ShareProblem, assignment: ArrayLike<number>): number;
