import type { Stow, Trip } from '../trip/model.js';
import { type StowOptions } from './planStow.js';
export interface Restow {
    readonly stow: Stow;
    /** What was put in, in that order. */
    readonly added: readonly string[];
    /** What was moved to make room for it. */
    readonly moved: readonly string[];
    /** What still does not fit, by the planner's measure of litres and kg; 0 when all is in. */
    readonly misfit: number;
    /** Safety rules broken. */
    readonly unsafe: number;
}
/** Members whose pack holds other things from a day on than it did before something changed. */
export declare function changedPacks(before: Trip, after: Trip, day: number): readonly string[];
/**
 * A member's stow for what is in the pack from a day on; where nothing is new, just as it is.
 *
 * @returns undefined for a pack that has never been stowed: there is no place to keep to
 */
export declare function restow(trip: Trip, memberId: string, day: number): Restow | undefined;
/**
 * Plan one member's pack for the day of their largest load ratio, find a place in it for what changes hands to them on
 * other days, and mend what is wrong on any day.
 */
export declare function planWholeStow(trip: Trip, memberId: string, options: StowOptions): Stow;
