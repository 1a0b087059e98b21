import { type Trip } from '../trip/model.js';
import type { LibraryEntry } from '../library/libraryModel.js';
import type { CsvTable } from './csvTable.js';
import type { CsvMapping, CsvOptions } from './guessTable.js';
import type { ReadRow } from '../lists/takeRows.js';
export interface CsvError {
    readonly line: number;
    /** Header of the column; empty for the whole row. */
    readonly column: string;
    readonly message: string;
}
export interface ReadThings {
    readonly rows: readonly ReadRow[];
    readonly errors: readonly CsvError[];
}
/** What a row must fit. */
export interface CsvTrip {
    /** How many days the trip has. */
    readonly days: number;
    /** Names of its tent and cook groups. */
    readonly groups: readonly string[];
}
export declare function csvTrip(trip: Trip): CsvTrip;
/**
 * Read a table's rows as things.
 *
 * @param mapping what each column is; a column for the name is needed, the rest may be missing
 * @param library what is not said of a thing is taken from the library's most alike entry
 * @returns rows without an error, and every error of the others
 */
export declare function readThings(table: CsvTable, mapping: CsvMapping, options: CsvOptions, library: readonly LibraryEntry[], trip: CsvTrip): ReadThings;
