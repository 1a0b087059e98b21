/**
 * What earlier trips suggest for this one, each with its evidence and one change that takes it over. Leave what was
 * unused, and bring what was missed. Fit limits with the comfort of those trips. Plan food and fuel as they were really
 * used.
 */
import type { LibraryEntry } from '../library/libraryModel.js';
import type { CarryTrial, Trip } from '../trip/model.js';
import { type RecordedDay, type TripRecord } from './tripRecord.js';
export declare const SUGGESTION_KINDS: readonly ['leave', 'bring', 'limit', 'food', 'fuel'];
export type SuggestionKind = (typeof SUGGESTION_KINDS)[number];
export interface Evidence {
    readonly trip: string;
    /** ISO date. */
    readonly date: string;
    readonly what: string;
}
export interface Suggestion {
    /** The same as long as what it is about is there: a refusal names it. At most 200 characters. */
    readonly id: string;
    readonly kind: SuggestionKind;
    readonly what: string;
    readonly why: string;
    readonly evidence: readonly Evidence[];
    /** What it does to the loads of the party, kg; absent where it moves a limit. */
    readonly changeKg?: number;
    readonly apply: (trip: Trip) => Trip;
}
/**
 * Suggestions that have not been refused, most telling kinds first.
 *
 * @param records trips that are over and debriefed, in any order
 * @param library entries to take missed things from
 */
export declare function suggestions(trip: Trip, records: readonly TripRecord[], library: readonly LibraryEntry[]): readonly Suggestion[];
/** Put a suggestion aside. */
export declare function refuseSuggestion(trip: Trip, id: string): Trip;
/** A trip's day as an entry of the carry trial: its comfort counts, its pace does not. */
export declare function trialOfDay(record: TripRecord, day: RecordedDay): CarryTrial;
