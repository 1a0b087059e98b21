/** A re-share from a day on, worked out whole: the best there is, what is asked, and the fewest handovers found for it. */
import type { Trip } from '../trip/model.js';
import { type Move } from './handovers.js';
import { type ShareProblem } from './problem.js';
import { type ReshareAim } from './reshare.js';
import type { ShareScore } from './shareScore.js';
export interface ReshareAnswer {
    readonly kind: 'solved';
    readonly moves: readonly Move[];
    /** Handovers it makes; the pieces of a set go as one. */
    readonly count: number;
    /** No fewer will do for this aim. */
    readonly atLeast: number;
    /** What the best share from that day on reaches, if any number of pieces may change hands. */
    readonly best: ShareScore;
    /** Carrier indexes of that best share: what a proof of the fewest starts from. */
    readonly reached: readonly number[];
}
export type ReshareResult = ReshareAnswer | {
    readonly kind: 'contradiction';
    readonly reasons: readonly string[];
};
/**
 * @param trip as it is once what happened has happened: see `afterEvent`
 * @param day the first day of the new share
 */
export declare function planReshare(trip: Trip, day: number, aim: ReshareAim, seed: number): ReshareResult;
/** The pieces that an assignment takes from whoever carries them on the problem's first day. */
export declare function movesOf(trip: Trip, problem: ShareProblem, assignment: ArrayLike<number>): readonly Move[];
/** The integer program whose optimum is the fewest handovers for an aim, and the problem that reads its answer. */
export declare function fewestProgram(trip: Trip, day: number, aim: ReshareAim, reached: readonly number[]): {
    readonly problem: ShareProblem;
    readonly program: string;
};
