/** What a trip's debrief adds to the kit library: on which trip an entry came along, and whether it was used. */
import type { LibraryEdit, LibraryEntry } from '../library/libraryModel.js';
import type { Trip } from '../trip/model.js';
/** Edits that note this trip with each entry it took from the library; noted twice it stands there once. */
export declare function outingEdits(trip: Trip, library: readonly LibraryEntry[]): readonly LibraryEdit[];
