import { type SheetRow } from './tableLayout.js';
export interface CsvTable {
    readonly headers: readonly string[];
    /** Rows under the headers, each as long as the headers. */
    readonly rows: readonly (readonly string[])[];
    /** The line of the file on which each row begins, from 1. */
    readonly lines: readonly number[];
    /** The line of the file with the headers, from 1; 0 where there is none. */
    readonly headerLine: number;
    /** Of each row, the head between the rows that it stands under. */
    readonly heads: readonly (string | undefined)[];
    /** Lines with sums, which are no things. */
    readonly sums: readonly number[];
    /** Empty for a sheet of a spreadsheet. */
    readonly delimiter: string;
    /** Structural errors, such as a quote that is never closed; the rows before them are there. */
    readonly errors: readonly {
        readonly line: number;
        readonly message: string;
    }[];
}
/** Text of a file's bytes: UTF-8 or UTF-16 by its mark, UTF-8 where it is, else one of the code pages of older programs. */
export declare function decodeText(bytes: Uint8Array): string;
/** How a table is looked for on a sheet as people make it. */
export interface TableOptions {
    /** The line that the headers are on, where somebody said so; else it is looked for. */
    readonly headerLine?: number;
    /** Names of those on the trip, which may stand as heads between the rows. */
    readonly members?: readonly string[];
}
/**
 * Read a table of text.
 *
 * @param options without them the table is as it stands: the first row that is not empty holds the headers
 */
export declare function readCsvTable(text: string, options?: TableOptions): CsvTable;
/** The table that rows of cells hold, as they stand on a sheet. */
export declare function tableOf(all: readonly SheetRow[], options: TableOptions | undefined, delimiter?: string, errors?: CsvTable['errors']): CsvTable;
/** A text cell that no spreadsheet takes for a formula; `unguardCell` takes the guard off again. */
export declare function guardCell(text: string): string;
/** Write a table; numbers as they are, texts guarded. Lines end as spreadsheets expect it. */
export declare function writeCsvTable(headers: readonly string[], rows: readonly (readonly (string | number)[])[]): string;
