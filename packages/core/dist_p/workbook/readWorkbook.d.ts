import type { SheetRow } from '../formats/tableLayout.js';
export interface Sheet {
    readonly name: string;
    readonly rows: readonly SheetRow[];
}
/** Whether bytes are those of a spreadsheet and not of a text: a zip archive, or a compound file of older programs. */
export declare function isWorkbook(bytes: Uint8Array): boolean;
/**
 * Read a spreadsheet file.
 *
 * @throws Error with what was expected, where it cannot be read
 */
export declare function readWorkbook(bytes: Uint8Array): readonly Sheet[];
