import type { Thing, Trip, TripStyle } from '../trip/model.js';
import type { BodyPlace, ThingFate } from '../trip/recordModel.js';
export interface RecordedThing {
    readonly name: string;
    readonly libraryId?: string;
    /** Whose own it was; absent for the group's. */
    readonly memberName?: string;
    readonly fate: ThingFate;
}
export interface RecordedDay {
    readonly memberName: string;
    /** ISO date. */
    readonly date: string;
    readonly day: number;
    readonly loadKg: number;
    readonly distanceKm: number;
    readonly climbM: number;
    readonly hours: number;
    readonly comfort: number;
    readonly hurts: readonly BodyPlace[];
}
export interface TripRecord {
    readonly id: string;
    readonly name: string;
    readonly style: TripStyle;
    readonly startDate: string;
    /** Things of which it was said what became of them. */
    readonly things: readonly RecordedThing[];
    readonly missed: readonly {
        readonly name: string;
        readonly memberName?: string;
    }[];
    readonly days: readonly RecordedDay[];
    /** Person-days and what was eaten in them, of groups that said what was left. */
    readonly food?: {
        readonly personDays: number;
        readonly eatenKg: number;
    };
    readonly fuel?: {
        readonly personDays: number;
        readonly burntKg: number;
        readonly needKg: number;
    };
}
/**
 * The record of a trip.
 *
 * @param id the trip's id in whatever keeps it
 */
export declare function tripRecord(id: string, trip: Trip): TripRecord;
/** A record without what it says of people who are not among these. */
export declare function recordFor(record: TripRecord, names: readonly string[]): TripRecord;
/** Whether a thing can ever be suggested to stay at home. */
export declare function mayStay(thing: Thing): boolean;
