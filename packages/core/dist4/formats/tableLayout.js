/**
 * Where the table is on a sheet as people make it: titles and empty rows above the headers, heads between the rows, sums
 * below them.
 */
import { headOfLine } from '../lists/listHeads.js';
import { headersIn } from './csvFields.js';
/** Headers are looked for in so many rows that are not empty. */
const MOST_ABOVE = 25;
/** A word for a sum, in the languages of the headers. */
const SUM = /^(?:grand\s+|sub[\s-]?)?(?:total|totals|sum|sums|subtotal|overall|gesamt|gesamtgewicht|summe|zwischensumme|somme|totale|totaal|som|suma|totalt|summa|i alt|yhteensä|all together|altogether|insgesamt)\b(?:\s+(?:weight|mass|kg|g|gewicht|masse|poids|peso|vekt|vikt))?[\s:]*$/i;
const filledIn = (cells) => cells.filter((c) => c.trim() !== '').length;
/** The row with the most known headers; without any, the first that is as wide as the rows below it. */
function headerAt(filled) {
    const looked = filled.slice(0, MOST_ABOVE);
    const known = looked.map(({ cells }) => headersIn(cells.map((c) => c.trim())));
    const most = Math.max(0, ...known);
    if (most > 0)
        return known.indexOf(most);
    const widths = filled.map(({ cells }) => filledIn(cells)).sort((a, b) => a - b);
    const usual = widths[Math.floor(widths.length / 2)] ?? 1;
    return Math.max(0, looked.findIndex(({ cells }) => filledIn(cells) >= Math.min(usual, 2)));
}
/** A table that a program wrote: headers in its first row, all others under it. */
export function asItStands(all) {
    const [header, ...rows] = all.filter(({ cells }) => filledIn(cells) > 0);
    return {
        headers: (header?.cells ?? []).map((c) => c.trim()),
        headerLine: header?.line ?? 0,
        rows,
        heads: rows.map(() => undefined),
        sums: [],
    };
}
/**
 * @param headerLine the line that the headers are on, where somebody said so
 * @param members names of those on the trip, which may head rows
 */
export function layOut(all, headerLine, members) {
    const filled = all.filter(({ cells }) => filledIn(cells) > 0);
    const told = filled.findIndex((row) => row.line === headerLine);
    const at = told >= 0 ? told : headerAt(filled);
    const header = filled[at];
    const headers = (header?.cells ?? []).map((c) => c.trim());
    // Empty columns at the right are no columns.
    while (headers.length > 0 &&
        headers.at(-1) === '' &&
        filled.every(({ cells }) => (cells[headers.length - 1] ?? '').trim() === ''))
        headers.pop();
    const below = filled.slice(at + 1);
    const capitals = below.filter(({ cells }) => isCapitals(cells.find((c) => c.trim() !== '') ?? '')).length;
    const rows = [];
    const heads = [];
    const sums = [];
    let head;
    for (const row of below) {
        const first = row.cells.find((c) => c.trim() !== '').trim();
        if (SUM.test(first)) {
            sums.push(row.line);
            continue;
        }
        const alone = filledIn(row.cells) === 1 ? headOfLine(first, members, capitals > below.length / 2) : undefined;
        if (alone !== undefined && headers.length > 1) {
            head = alone;
            continue;
        }
        rows.push(row);
        heads.push(head);
    }
    return { headers, headerLine: header?.line ?? 0, rows, heads, sums };
}
function isCapitals(text) {
    return /\p{L}/u.test(text) && text === text.toUpperCase();
}
//# sourceMappingURL=tableLayout.js.map