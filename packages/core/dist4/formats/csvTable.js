/**
 * Tables as spreadsheets write them: any of the usual separators, quotes, byte-order marks and encodings in; and out
 * again so that no cell can be run as a formula.
 */
import { decodeCodePage, utf16Of } from './codePages.js';
import Papa from 'papaparse';
import { asItStands, layOut } from './tableLayout.js';
/** Text of a file's bytes: UTF-8 or UTF-16 by its mark, UTF-8 where it is, else one of the code pages of older programs. */
export function decodeText(bytes) {
    const marked = utf16Of(bytes);
    if (marked !== undefined)
        return new TextDecoder(marked).decode(bytes);
    try {
        return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
    }
    catch (error) {
        // The error may come from another realm, as in a worker or a test: its name tells it, not its class.
        if (error.name !== 'TypeError')
            throw error;
        return decodeCodePage(bytes);
    }
}
const DELIMITERS = [',', ';', '\t', '|'];
/**
 * Read a table of text.
 *
 * @param options without them the table is as it stands: the first row that is not empty holds the headers
 */
export function readCsvTable(text, options) {
    const clean = text.replace(/^\uFEFF/, '');
    // Some spreadsheets say their separator in a first line of their own.
    const told = /^sep=(.)\r?\n/i.exec(clean);
    const body = told === null ? clean : clean.slice(told[0].length);
    const parsed = Papa.parse(body, {
        delimiter: told?.[1] ?? likelyDelimiter(body),
        skipEmptyLines: false,
    });
    const offset = told === null ? 1 : 2;
    const lineOf = linesOf(body, parsed.data);
    const all = parsed.data.map((cells, i) => ({ cells, line: lineOf[i] + offset }));
    const errors = parsed.errors
        .filter((e) => e.type === 'Quotes')
        .map((e) => ({ line: (lineOf[e.row ?? 0] ?? 0) + offset, message: 'expected a closing quote' }));
    return tableOf(all, options, parsed.meta.delimiter, errors);
}
/** The table that rows of cells hold, as they stand on a sheet. */
export function tableOf(all, options, delimiter = '', errors = []) {
    const unguarded = all.map(({ cells, line }) => ({ line, cells: cells.map(unguardCell) }));
    const { headers, rows, ...laid } = options === undefined
        ? asItStands(unguarded)
        : layOut(unguarded, options.headerLine, options.members ?? []);
    const tooWide = rows.filter(({ cells }) => cells.length > headers.length && cells.slice(headers.length).some((c) => c.trim() !== ''));
    return {
        ...laid,
        headers,
        rows: rows.map(({ cells }) => headers.map((_header, k) => cells[k] ?? '')),
        lines: rows.map((r) => r.line),
        delimiter,
        errors: [
            ...errors,
            ...tooWide.map(({ cells, line }) => ({
                line,
                message: `expected ${headers.length} cells, got ${cells.length}`,
            })),
        ],
    };
}
/**
 * The separator that the header line holds most of: headers have no decimal commas, cells may. A header alone in its line
 * leaves the comma.
 */
function likelyDelimiter(body) {
    const header = body.split(/\r\n|\r|\n/).find((line) => line.trim() !== '') ?? '';
    const bare = header.replace(/"[^"]*"/g, '');
    const counts = DELIMITERS.map((d) => bare.split(d).length - 1);
    return DELIMITERS[counts.indexOf(Math.max(...counts))];
}
/** Where each record begins: a quoted cell may hold line breaks. */
function linesOf(body, records) {
    const breaks = /\r\n/.test(body) ? /\r\n/g : /\r|\n/g;
    let line = 0;
    return records.map((cells) => {
        const at = line;
        line += 1 + cells.reduce((sum, cell) => sum + (cell.match(breaks)?.length ?? 0), 0);
        return at;
    });
}
const FORMULA = /^'*[=+\-@\t\r]/;
/** A text cell that no spreadsheet takes for a formula; `unguardCell` takes the guard off again. */
export function guardCell(text) {
    return FORMULA.test(text) ? `'${text}` : text;
}
function unguardCell(text) {
    return /^'+[=+\-@\t\r]/.test(text) ? text.slice(1) : text;
}
/** Write a table; numbers as they are, texts guarded. Lines end as spreadsheets expect it. */
export function writeCsvTable(headers, rows) {
    const cells = rows.map((row) => row.map((cell) => (typeof cell === 'number' ? String(cell) : guardCell(cell))));
    return `\uFEFF${Papa.unparse({ fields: [...headers], data: cells })}\r\n`;
}
//# sourceMappingURL=csvTable.js.map