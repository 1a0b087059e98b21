import type { Member, Trip } from '../trip/model.js';
/** What the members of a trip carried on earlier trips of the same leader, by name. */
export interface EarlierTrip {
    readonly id: string;
    readonly name: string;
    readonly startDate: string;
    readonly members: readonly {
        readonly name: string;
        readonly totalKgKm: number;
        readonly groupKgKm: number;
    }[];
}
export interface CarriedWork {
    readonly member: Member;
    /** Σ over days of load × distance, kg·km. */
    readonly totalKgKm: number;
    /** The same for what is the group's. */
    readonly groupKgKm: number;
    /** Running total after each day, kg·km. */
    readonly afterDay: readonly number[];
    /** The member's part of all that the group's things weigh over the way, 0 to 1. */
    readonly groupPart: number;
}
/**
 * The record of a trip as planned, with its handovers. Loads are each day's heaviest, so the record is a little high
 * for all alike.
 */
export declare function carriedWork(trip: Trip): readonly CarriedWork[];
/** What some people, known by their names, carried on another trip; undefined when none of them was there. */
export declare function carriedBefore(other: Trip, names: readonly string[]): EarlierTrip['members'] | undefined;
export interface EarlierWork {
    readonly trips: number;
    readonly totalKgKm: number;
    readonly groupKgKm: number;
}
/** A member's record over earlier trips. */
export declare function earlierWork(earlier: readonly EarlierTrip[], memberName: string): EarlierWork;
