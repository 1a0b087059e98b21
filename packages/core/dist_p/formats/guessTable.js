/** What the columns of another program's table are likely to be, and how its numbers are meant. */
import { isGroupWord } from '../lists/listHeads.js';
import { recognise } from '../lists/vocabulary/recognise.js';
import { isSameName } from '../trip/names.js';
import { KG_PER_UNIT } from '../units/convert.js';
import { CSV_FIELDS, headerWords, plain, UNIT_AT_END } from './csvFields.js';
/** The first rows say what columns are. */
const MOST_LOOKED_AT = 200;
/** Of the cells of a column so many are names of members, or words for the group, when it says whose things are. */
const WHOSE_SHARE = 0.6;
/** The column that is so far without a meaning and of which the largest share fits; -1 where that is too little. */
function bestColumn({ headers }, mapping, least, shareOf) {
    const shares = headers.map((_header, i) => (mapping[i] === undefined ? shareOf(i) : 0));
    const most = Math.max(0, ...shares);
    return most >= least ? shares.indexOf(most) : -1;
}
/** What stands in a column's first rows. */
function cellsOf({ rows }, column) {
    return rows
        .slice(0, MOST_LOOKED_AT)
        .map((row) => row[column].trim())
        .filter((cell) => cell !== '');
}
/** How much of a list fits, from 0 to 1. */
function shareThat(list, fits) {
    return list.length === 0 ? 0 : list.filter(fits).length / list.length;
}
/** The column whose values say whose each thing is, whatever it is called. */
function whoseColumn(table, members) {
    const isNamed = (cell) => members.some((name) => isSameName(name, cell));
    return bestColumn(table, [], WHOSE_SHARE, (i) => {
        const cells = cellsOf(table, i);
        // One who is named is enough: a column of "yes" and "all" says nothing.
        return cells.some(isNamed) ? shareThat(cells, (cell) => isGroupWord(cell) || isNamed(cell)) : 0;
    });
}
/** What tells a column where its header does not: masses with their units, and names of things. */
const BY_VALUES = [
    ['mass', (cell) => /^[≈~]?\s*\d[\d.,' ]*\s*(?:kg|g|gr|lbs?|oz)\.?$/i.test(cell)],
    ['name', (cell) => /\p{L}/u.test(cell) && recognise(cell, []) !== undefined],
];
/** Of the cells of a column so many fit, when it is taken for that. */
const FITTING_SHARE = 0.5;
/** The column without a meaning of which most cells fit. */
function mostFitting(table, mapping, fits) {
    return bestColumn(table, mapping, FITTING_SHARE, (i) => shareThat(cellsOf(table, i), fits));
}
/** The column of bare numbers that are grams or kilograms of what stands beside them. */
function bareMassColumn(table, mapping) {
    const names = mapping.indexOf('name');
    if (names < 0)
        return -1;
    const looked = table.rows.slice(0, MOST_LOOKED_AT).flatMap((row) => {
        const range = recognise(row[names], [])?.rangeKg;
        return range === undefined ? [] : [{ row, range }];
    });
    return bestColumn(table, mapping, FITTING_SHARE, (i) => shareThat(looked, ({ row, range }) => {
        const value = Number(row[i].trim().replace(',', '.'));
        return value > 0 && [value, value / 1000].some((kg) => kg >= 0.5 * range[0] && kg <= 2 * range[1]);
    }));
}
/**
 * What the columns are likely to be, by what stands in them and by their headers; each field once.
 *
 * @param members names of those on the trip
 */
export function guessMapping(table, members = []) {
    const { headers } = table;
    const bare = headers.map((h) => plain(h).replace(UNIT_AT_END, ''));
    const taken = new Set();
    const mapping = headers.map(() => undefined);
    const whose = whoseColumn(table, members);
    if (whose >= 0) {
        mapping[whose] = 'list';
        taken.add('list');
    }
    const pass = (fits) => {
        for (const field of CSV_FIELDS) {
            if (taken.has(field.id))
                continue;
            const at = bare.findIndex((header, i) => mapping[i] === undefined && header !== '' && fits(header, headerWords(field)));
            if (at < 0)
                continue;
            mapping[at] = field.id;
            taken.add(field.id);
        }
    };
    pass((header, words) => words.includes(header));
    pass((header, words) => words.some((word) => word.length > 3 && header.split(' ').includes(word)));
    for (const [field, fits] of BY_VALUES) {
        if (mapping.includes(field))
            continue;
        const at = mostFitting(table, mapping, fits);
        if (at >= 0)
            mapping[at] = field;
    }
    if (!mapping.includes('mass') && !mapping.includes('massTotal')) {
        const at = bareMassColumn(table, mapping);
        if (at >= 0)
            mapping[at] = 'mass';
    }
    // A column without a header that holds small numbers says how many.
    if (!mapping.includes('count')) {
        const at = mostFitting(table, mapping, (cell) => /^\d{1,2}$/.test(cell));
        if (at >= 0 && headers[at] === '')
            mapping[at] = 'count';
    }
    return mapping;
}
/** "2.450" or "1.234.500". */
const GROUPED = /^\d{1,3}(\.\d{3})+$/;
/** Units that a header says, or the cells' own habits. */
export function guessOptions(table, mapping) {
    const column = (field) => mapping.indexOf(field);
    const unitOf = (field) => {
        const header = table.headers[column(field)];
        return header === undefined
            ? undefined
            : (UNIT_AT_END.exec(` ${plain(header)}`)?.[1] ?? (/^grams?$/.test(plain(header)) ? 'g' : undefined));
    };
    const numbers = (field) => {
        const at = column(field);
        return at < 0 ? [] : table.rows.map((row) => row[at].trim()).filter((cell) => /^[\d.,\s']+$/.test(cell));
    };
    const cells = [...numbers('mass'), ...numbers('massTotal'), ...numbers('volume')];
    const comma = cells.filter((cell) => /^\d+,\d+$/.test(cell) && !/^\d{1,3},\d{3}$/.test(cell)).length;
    const point = cells.filter((cell) => /^\d*\.\d+$/.test(cell)).length;
    const undecided = cells.some((cell) => /^\d+,\d{3}$/.test(cell));
    const masses = [...numbers('mass'), ...numbers('massTotal')].map((cell) => Number(cell.replace(/[\s']/g, '').replace(',', '.')));
    const said = unitOf('mass') ?? unitOf('massTotal');
    // Without a word on it: single things mostly weigh less than 30 kg and more than 30 of anything is grams.
    const massUnit = said === undefined
        ? masses.some((m) => m > 30)
            ? 'g'
            : 'kg'
        : said.startsWith('lb')
            ? 'lb'
            : said.startsWith('g')
                ? 'g'
                : said;
    const volume = unitOf('volume');
    // Of grams in groups of three digits the point parts thousands, unless it parts decimals elsewhere.
    const grouped = massUnit === 'g' && point > 0 && cells.every((cell) => !cell.includes('.') || GROUPED.test(cell));
    const { decided } = readingsOf(table, mapping, massUnit);
    const usual = 
    // Numbers of a spreadsheet's cells are no texts: they have a point.
    table.delimiter !== '' &&
        (grouped || comma > point || (comma === point && undecided && table.delimiter !== ','))
        ? ','
        : '.';
    return {
        massUnit,
        volumeUnit: volume === 'ml' ? 'ml' : volume === 'cu in' ? 'cu in' : 'l',
        // Where no cell says how numbers are meant, what such things weigh is the judge.
        decimal: decided ?? usual,
        massOf: massOf(table, mapping, massUnit),
    };
}
/** A mass whose one mark parts thousands or decimals: "2.450", "1,250". */
const TWO_WAYS = /^\d{1,3}([.,])\d{3}$/;
/** Things differ: so far from its usual masses one is still likely. */
const GIVE = 2;
/** Which mark parts the decimals of masses that can be read two ways; where names do not tell, one of them as an example. */
function readingsOf(table, mapping, massUnit) {
    const at = mapping.findIndex((field) => field === 'mass' || field === 'massTotal');
    const nameAt = mapping.indexOf('name');
    if (at < 0 || table.delimiter === '')
        return {};
    const rows = table.rows
        .slice(0, MOST_LOOKED_AT)
        .map((row) => ({ text: row[at].trim(), name: row[nameAt] ?? '' }));
    const marked = rows.filter((row) => /[.,]/.test(row.text) && /^[\d.,]+$/.test(row.text));
    const marks = new Set(marked.map((row) => TWO_WAYS.exec(row.text)?.[1]));
    const [mark] = marks;
    if (marks.size !== 1 || mark === undefined)
        return {};
    let [decimals, thousands] = [0, 0];
    for (const { text, name } of marked) {
        const range = recognise(name, [])?.rangeKg;
        if (range === undefined)
            continue;
        const isLikely = (digits) => {
            const kg = Number(digits) * KG_PER_UNIT[massUnit];
            return kg >= range[0] / GIVE && kg <= range[1] * GIVE;
        };
        decimals += Number(isLikely(text.replace(',', '.')));
        thousands += Number(isLikely(text.replace(mark, '')));
    }
    const other = mark === '.' ? ',' : '.';
    if (decimals !== thousands)
        return { decided: (decimals > thousands ? mark : other) };
    const { text } = marked[0];
    const [part, whole] = [Number(text.replace(',', '.')), Number(text.replace(mark, ''))];
    return {
        doubt: { text, withPoint: mark === '.' ? part : whole, withComma: mark === ',' ? part : whole },
    };
}
/** A mass that can be read two ways, where nothing tells which is meant: somebody has to be asked. */
export function decimalDoubt(table, mapping, massUnit) {
    return readingsOf(table, mapping, massUnit).doubt;
}
/** Whether masses of several are those of each, by what such things weigh. */
function massOf(table, mapping, massUnit) {
    const cell = (row, field) => row[mapping.indexOf(field)] ?? '';
    let [each, all] = [0, 0];
    for (const row of table.rows.slice(0, MOST_LOOKED_AT)) {
        const count = Number(cell(row, 'count'));
        const kg = Number(cell(row, 'mass').replace(',', '.')) * KG_PER_UNIT[massUnit];
        if (!(count > 1) || !(kg > 0))
            continue;
        const range = recognise(cell(row, 'name'), [])?.rangeKg;
        if (range === undefined)
            continue;
        const isUsual = (x) => x >= range[0] && x <= range[1];
        each += Number(isUsual(kg) && !isUsual(kg / count));
        all += Number(isUsual(kg / count) && !isUsual(kg));
    }
    return all > each ? 'all' : 'each';
}
//# sourceMappingURL=guessTable.js.map