/** A party to start from: so many people, tents or none, so many stoves; what such a trip usually takes, all of it a guess. */
import type { LibraryEntry } from '../library/libraryModel.js';
import type { Trip } from '../trip/model.js';
export interface PartyStart {
    /** 1 to 60. */
    readonly people: number;
    /** 0 where nobody cooks. */
    readonly stoves: number;
}
/** @param trip a trip with its days and style, and nobody in it yet */
export declare function startParty(trip: Trip, { people, stoves }: PartyStart, library: readonly LibraryEntry[]): Trip;
/** Meals on every day that has none; with the first of them, snacks. */
export declare function planMeals(trip: Trip, library: readonly LibraryEntry[]): Trip;
/** The same, and fuel for cook groups that have none. */
export declare function planFood(trip: Trip, library: readonly LibraryEntry[]): Trip;
