import { type CsvField } from './csvFields.js';
import type { CsvTable } from './csvTable.js';
/** What each column of a table is; `undefined` leaves it out. */
export type CsvMapping = readonly (CsvField | undefined)[];
export interface CsvOptions {
    /** The unit of masses that do not say theirs. */
    readonly massUnit: 'kg' | 'g' | 'lb' | 'oz';
    readonly volumeUnit: 'l' | 'ml' | 'cu in';
    readonly decimal: '.' | ',';
    /** A mass is of each thing of a row, or of all of them. */
    readonly massOf: 'each' | 'all';
}
type Cells = Pick<CsvTable, 'headers' | 'rows'>;
/**
 * What the columns are likely to be, by what stands in them and by their headers; each field once.
 *
 * @param members names of those on the trip
 */
export declare function guessMapping(table: Cells, members?: readonly string[]): CsvMapping;
/** Units that a header says, or the cells' own habits. */
export declare function guessOptions(table: CsvTable, mapping: CsvMapping): CsvOptions;
export interface DecimalDoubt {
    /** A cell as it stands, and what it is with each mark for decimals, in the unit of the masses. */
    readonly text: string;
    readonly withPoint: number;
    readonly withComma: number;
}
/** A mass that can be read two ways, where nothing tells which is meant: somebody has to be asked. */
export declare function decimalDoubt(table: CsvTable, mapping: CsvMapping, massUnit: CsvOptions['massUnit']): DecimalDoubt | undefined;
export {};
