/** Cells copied out of a spreadsheet: lines with tabs, with or without headers. */
import type { LibraryEntry } from '../library/libraryModel.js';
import type { GuessedRow } from '../lists/guessedRows.js';
import type { Trip } from '../trip/model.js';
/** Whether a text is cells of a spreadsheet. */
export declare function isCells(text: string): boolean;
export interface PastedCells {
    readonly rows: readonly GuessedRow[];
    readonly errors: readonly {
        readonly line: number;
        readonly message: string;
    }[];
}
/** Cells as rows for the trip's lists. */
export declare function readCells(text: string, library: readonly LibraryEntry[], trip: Trip): PastedCells;
