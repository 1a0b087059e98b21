/** Sheets of a spreadsheet file (.xlsx, .ods, .xls) as rows of text, as its cells are shown. */
import { read, utils } from '@e965/xlsx';
/** Rows of a sheet that are read; a list of things has fewer. */
const MOST_ROWS = 20_000;
const MOST_COLUMNS = 200;
/** Bytes of all parts of a file once unpacked: a small file can hold very much of nothing. */
const MOST_UNPACKED = 200_000_000;
/** Whether bytes are those of a spreadsheet and not of a text: a zip archive, or a compound file of older programs. */
export function isWorkbook(bytes) {
    const starts = (...head) => head.every((b, i) => bytes[i] === b);
    return starts(0x50, 0x4b, 0x03, 0x04) || starts(0xd0, 0xcf, 0x11, 0xe0);
}
/**
 * Read a spreadsheet file.
 *
 * @throws Error with what was expected, where it cannot be read
 */
export function readWorkbook(bytes) {
    const unpacked = unpackedBytes(bytes);
    if (unpacked > MOST_UNPACKED)
        throw new Error(`expected a file of at most ${MOST_UNPACKED / 1e6} MB unpacked, got ${Math.round(unpacked / 1e6)} MB`);
    try {
        // Formulas, styles, macros and links are nothing to us: only what the cells show.
        const book = read(bytes, {
            type: 'array',
            dense: true,
            sheetRows: MOST_ROWS,
            cellFormula: false,
            cellHTML: false,
            cellStyles: false,
            bookVBA: false,
        });
        return book.SheetNames.map((name) => ({ name, rows: rowsOf(book.Sheets[name]) }));
    }
    catch (error) {
        throw new Error(`expected a spreadsheet, got a file that cannot be read (${error.message.slice(0, 80)})`, {
            cause: error,
        });
    }
}
function rowsOf(sheet) {
    const range = sheet['!ref'] === undefined ? undefined : utils.decode_range(sheet['!ref']);
    if (range === undefined)
        return [];
    const cells = utils.sheet_to_json(sheet, {
        header: 1,
        raw: true,
        blankrows: true,
        defval: '',
        range: { s: range.s, e: { r: range.e.r, c: Math.min(range.e.c, range.s.c + MOST_COLUMNS - 1) } },
    });
    return cells.map((row, i) => ({ line: range.s.r + i + 1, cells: row.map(textOf) }));
}
/** A cell as text; a number with a point and without marks, whatever it is shown as. */
function textOf(value) {
    if (typeof value === 'number')
        return String(Number(value.toPrecision(12)));
    if (value instanceof Date)
        return value.toISOString().slice(0, 10);
    if (typeof value === 'boolean')
        return value ? 'yes' : 'no';
    return typeof value === 'string' ? value : '';
}
const CENTRAL = 0x02014b50;
const END = 0x06054b50;
/** The sizes that a zip archive says its parts have; 0 for what is no archive. */
function unpackedBytes(bytes) {
    const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
    // The end of the archive stands within the last 64 KB.
    for (let at = bytes.length - 22; at >= Math.max(0, bytes.length - 65_557); at -= 1) {
        if (view.getUint32(at, true) !== END)
            continue;
        let total = 0;
        let entry = view.getUint32(at + 16, true);
        while (entry + 46 <= bytes.length && view.getUint32(entry, true) === CENTRAL) {
            total += view.getUint32(entry + 24, true);
            entry +=
                46 +
                    view.getUint16(entry + 28, true) +
                    view.getUint16(entry + 30, true) +
                    view.getUint16(entry + 32, true);
        }
        return total;
    }
    return 0;
}
//# sourceMappingURL=readWorkbook.js.map