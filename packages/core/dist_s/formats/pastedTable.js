import { guessFacts } from '../lists/guessFacts.js';
import { headersIn } from './csvFields.js';
import { readCsvTable, tableOf } from './csvTable.js';
import { csvTrip, readThings } from './readThings.js';
import { guessMapping, guessOptions } from './guessTable.js';
/** So many of its lines have a tab within, when a text is cells and no list. */
const TABBED_SHARE = 0.6;
/** Whether a text is cells of a spreadsheet. */
export function isCells(text) {
    const lines = text.split(/\r\n|\r|\n/).filter((line) => line.trim() !== '');
    const tabbed = lines.filter((line) => /\S\t/.test(line)).length;
    return tabbed > 0 && tabbed >= TABBED_SHARE * lines.length;
}
function tableIn(text, members) {
    const table = readCsvTable(text, { members });
    if (headersIn(table.headers) > 0)
        return table;
    // Cells are mostly copied without their headers.
    const rows = text.split(/\r\n|\r|\n/).map((line, i) => ({ line: i + 1, cells: line.split('\t') }));
    const width = Math.max(...rows.map((row) => row.cells.length));
    const named = { line: 0, cells: Array.from({ length: width }, (_v, i) => `column ${i + 1}`) };
    const bare = tableOf([named, ...rows], { headerLine: 0, members }, '\t');
    return { ...bare, headers: named.cells.map(() => '') };
}
/** Cells as rows for the trip's lists. */
export function readCells(text, library, trip) {
    const members = trip.members.map((m) => m.name);
    const table = tableIn(text, members);
    const mapping = guessMapping(table, members);
    const { rows, errors } = readThings(table, mapping, guessOptions(table, mapping), library, csvTrip(trip));
    return {
        rows: rows.map((row) => ({ ...row, guess: guessFacts(row.thing.name, library) })),
        errors: errors.map(({ line, column, message }) => ({
            line,
            message: column === '' ? message : `${column}: ${message}`,
        })),
    };
}
//# sourceMappingURL=pastedTable.js.map