import type { Trip } from '../trip/model.js';
export declare function shareCsv(trip: Trip): string;
export interface ShareCsvError {
    readonly line: number;
    readonly message: string;
}
/** A trip with the table's share, or every line that does not fit; nothing is half taken. */
export type ReadShare = {
    readonly kind: 'read';
    readonly trip: Trip;
    readonly pieces: number;
    readonly handovers: number;
} | {
    readonly kind: 'errors';
    readonly errors: readonly ShareCsvError[];
};
/**
 * Read a table of shares into a trip. Pieces are known by their id, members by their name; an empty carrier is nobody.
 * Pieces that the table does not name stay with whoever has them at the departure; handovers are those of the table.
 *
 * @param text of a CSV file with any of the usual separators
 */
export declare function readShareCsv(text: string, trip: Trip): ReadShare;
