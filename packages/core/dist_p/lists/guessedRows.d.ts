/** A pasted list as rows for the trip's lists; what a line does not say comes from the library and the vocabulary. */
import type { LibraryEntry } from '../library/libraryModel.js';
import type { Trip } from '../trip/model.js';
import { type Guess } from './guessFacts.js';
import type { PastedThing } from './pasteList.js';
import type { ReadRow, Target } from './takeRows.js';
/** A row of a list that was read, with how it was understood. */
export interface GuessedRow extends ReadRow {
    readonly guess: Guess;
}
/** @param target where rows go that do not say */
export declare function rowsOfPasted(things: readonly PastedThing[], library: readonly LibraryEntry[], trip: Trip, target: Target): readonly GuessedRow[];
/** Whole kits whose parts stand beside them in the list are one of those parts. */
export declare function withoutKitsInParts<R extends ReadRow>(rows: readonly R[]): readonly R[];
