/** A row of cells with the line or row of the file that it stands on, from 1. */
export interface SheetRow {
    readonly cells: readonly string[];
    readonly line: number;
}
export interface LaidOut {
    readonly headers: readonly string[];
    /** The line that the headers are on, from 1; 0 where there is nothing. */
    readonly headerLine: number;
    /** Rows under the headers. */
    readonly rows: readonly SheetRow[];
    /** Of each row, the head it stands under. */
    readonly heads: readonly (string | undefined)[];
    /** What is no thing: sums. */
    readonly sums: readonly number[];
}
/** A table that a program wrote: headers in its first row, all others under it. */
export declare function asItStands(all: readonly SheetRow[]): LaidOut;
/**
 * @param headerLine the line that the headers are on, where somebody said so
 * @param members names of those on the trip, which may head rows
 */
export declare function layOut(all: readonly SheetRow[], headerLine: number | undefined, members: readonly string[]): LaidOut;
