import type { Trip } from '../trip/model.js';
import { type MemberTime } from './walkingTime.js';
/** Breaks, as a share of walking time: ten minutes an hour (common practice, no source). */
export declare const BREAK_SHARE: number;
export interface DayLength {
    readonly day: number;
    /** Absent while there are no members. */
    readonly slowest: MemberTime | undefined;
    /** Hours since midnight at which the slowest arrives, breaks included; absent without members. */
    readonly arrivalH: number | undefined;
    /** Local hours of sunrise and sunset; absent without a place, or where the sun does not rise or set. */
    readonly sunriseH: number | undefined;
    readonly sunsetH: number | undefined;
    readonly daylightH: number | undefined;
    /** What is wrong with the day, with numbers; empty for a good one. */
    readonly problems: readonly string[];
}
export interface DayCure {
    readonly id: string;
    readonly what: string;
    readonly effect: string;
    readonly apply: (trip: Trip) => Trip;
}
/** ISO date of a day of the trip. */
export declare function dateOfDay(startDate: string, day: number): string;
/** Judge one day. */
export declare function dayLength(trip: Trip, day: number): DayLength;
/** Judge every day. */
export declare function dayLengths(trip: Trip): readonly DayLength[];
/** What would cure a day that is too long, cheapest first; empty for a good day. */
export declare function dayCures(trip: Trip, day: number): readonly DayCure[];
