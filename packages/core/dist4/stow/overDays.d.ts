import type { Placement, Trip } from '../trip/model.js';
import type { StowAssessment } from './assessment.js';
import { type MoveUp } from './movesUp.js';
import { type StowMove } from './stowMoves.js';
import { type StowProblem } from './stowProblem.js';
/** A day on which the member walks. */
export interface StowDay {
    readonly day: number;
    readonly stow: StowAssessment;
    /** Fetched up in the morning, or the evening before. */
    readonly moves: readonly MoveUp[];
}
/** Days on which a member walks, from 1. */
export declare function daysOf(trip: Trip, memberId: string): readonly number[];
/** @param isWet every day as after rain: what gets wet is packed wet */
export declare function stowDays(trip: Trip, memberId: string, placements: readonly Placement[], isWet?: boolean): readonly StowDay[];
/** The day most worth a repack: something left out or unsafe, then out of the band, then uneven; undefined when none is. */
export declare function dayToRepack(days: readonly StowDay[]): StowDay | undefined;
/** The two single moves, one after the other, that do most for a stow on a day; fewer when fewer help. */
export declare function repack(problem: StowProblem, placements: readonly Placement[]): readonly StowMove[];
/**
 * A stow that is good on all days from one on: what does not go in, is unsafe, out of the band or aside on some day is
 * mended, as long as the days together are better for it.
 *
 * @param mainDay the day it was planned for
 */
export declare function goodOnAllDays(trip: Trip, memberId: string, placements: readonly Placement[], mainDay: number, fromDay?: number): readonly Placement[];
