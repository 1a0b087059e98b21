/**
 * Rows of a table read as things, in any order of columns and any words of a mapping. Rows that can be taken are told from
 * rows that cannot, each error with its line and column: what is taken here fits the trip.
 */
import { parseHolding } from '../trip/holdingText.js';
import { COMPANIONS, FLAGS, NEEDED, PURPOSES, WANTS, WEARS, } from '../trip/model.js';
import { guessFacts, ofMass } from '../lists/guessFacts.js';
import { withoutKitsInParts } from '../lists/guessedRows.js';
import { isGroupWord } from '../lists/listHeads.js';
import { shapeVolumeL } from '../trip/shapes.js';
import { parseQuantity } from '../units/parse.js';
import { parseShape } from '../trip/shapeText.js';
import { ID_PATTERN, isIsoDate, LONGEST_NAME, LONGEST_TOGETHER, MAX_DAYS } from '../schema/schemaParts.js';
import { plain } from './csvFields.js';
import { defined, spaced } from './thingsCsv.js';
import { thingErrors } from '../schema/fieldReferences.js';
import { THING_RANGES } from '../trip/thingRanges.js';
import { isSameName } from '../trip/names.js';
const YES = ['yes', 'y', 'true', '1', 'x', 'ja', 'oui', 'si'];
const NO = ['no', 'n', 'false', '0', '', 'nein', 'non'];
export function csvTrip(trip) {
    return { days: trip.legs.length, groups: trip.groups.map((g) => g.name) };
}
/**
 * Read a table's rows as things.
 *
 * @param mapping what each column is; a column for the name is needed, the rest may be missing
 * @param library what is not said of a thing is taken from the library's most alike entry
 * @returns rows without an error, and every error of the others
 */
export function readThings(table, mapping, options, library, trip) {
    if (!mapping.includes('name')) {
        return {
            rows: [],
            errors: [{ line: 1, column: '', message: 'expected a column with the names of things' }],
        };
    }
    const rows = [];
    const errors = table.errors.map(({ line, message }) => ({ line, column: '', message }));
    const guesses = new Map();
    table.rows.forEach((cells, r) => {
        const line = table.lines[r];
        const wrong = [];
        const row = readRow({
            line,
            head: table.heads[r],
            cell: (field) => {
                const at = mapping.indexOf(field);
                return at < 0 ? undefined : cells[at].trim();
            },
            fail: (field, message) => {
                wrong.push({ line, column: table.headers[mapping.indexOf(field)] ?? '', message });
            },
            options,
            trip,
        }, (name, count) => {
            // Of several, what is told as a set is its pieces.
            const key = count > 1 ? `${name} (several)` : name;
            const known = guesses.get(key);
            if (known !== undefined)
                return known;
            const guess = guessFacts(name, library, undefined, undefined, count);
            guesses.set(key, guess);
            return guess;
        });
        if (wrong.length === 0)
            rows.push(row);
        errors.push(...wrong);
    });
    return { rows: withoutKitsInParts(rows), errors };
}
/** A number's text with a point, whatever its thousands and decimals look like. */
function withPoint(text, decimal) {
    const tight = text.replace(/(\d)[\s'’\u00a0\u202f](?=\d{3}\b)/g, '$1');
    return decimal === ','
        ? tight.replace(/\.(?=\d{3}\b)/g, '').replace(/(\d),(\d)/g, '$1.$2')
        : tight.replace(/,(?=\d{3}\b)/g, '');
}
/** A quantity in kg or L within its range, both ends allowed. */
function quantity(reader, field, kind, bareUnit, [low, high]) {
    const text = reader.cell(field);
    if (text === undefined || text === '')
        return undefined;
    const parsed = parseQuantity(withPoint(text, reader.options.decimal), kind, bareUnit);
    if (!parsed.ok)
        reader.fail(field, parsed.error);
    else if (parsed.value < low || parsed.value > high)
        reader.fail(field, `expected ${low} to ${high} ${kind === 'mass' ? 'kg' : 'L'}, got "${text}"`);
    else
        return parsed.value;
    return undefined;
}
function words(reader, field, longest) {
    const text = reader.cell(field);
    if (text === undefined || text === '')
        return undefined;
    if (text.length > longest)
        reader.fail(field, `expected at most ${longest} characters, got ${text.length}`);
    return text;
}
function number(reader, field, low, high, whole) {
    const text = reader.cell(field);
    if (text === undefined || text === '')
        return undefined;
    const value = Number(withPoint(text, reader.options.decimal));
    if (Number.isFinite(value) && value >= low && value <= high && (!whole || Number.isInteger(value)))
        return value;
    reader.fail(field, `expected a ${whole ? 'whole ' : ''}number from ${low} to ${high}, got "${text}"`);
    return undefined;
}
function date(reader, field) {
    const text = reader.cell(field);
    if (text === undefined || text === '')
        return undefined;
    if (isIsoDate(text))
        return text;
    // Days first, as most of the world writes them; a slash leaves it open and is refused.
    const dotted = /^(\d{1,2})\.(\d{1,2})\.(\d{4})$/.exec(text);
    const iso = dotted === null ? '' : `${dotted[3]}-${dotted[2].padStart(2, '0')}-${dotted[1].padStart(2, '0')}`;
    if (isIsoDate(iso))
        return iso;
    reader.fail(field, `expected a date such as "2027-05-10" or "10.5.2027", got "${text}"`);
    return undefined;
}
function yes(reader, field) {
    const text = reader.cell(field)?.toLowerCase();
    if (text === undefined || text === '')
        return undefined;
    if (YES.includes(text))
        return true;
    if (NO.includes(text))
        return false;
    reader.fail(field, `expected yes or no, got "${text}"`);
    return undefined;
}
function oneOf(reader, field, choices) {
    const text = reader.cell(field);
    if (text === undefined || text === '')
        return undefined;
    const choice = wordsOf(choices).get(plain(text));
    if (choice === undefined)
        reader.fail(field, `expected one of ${choices.map(spaced).join(', ')}, got "${text}"`);
    return choice;
}
const wordLists = new WeakMap();
/** Each choice by its own id and by its words; made once for a list of choices. */
function wordsOf(choices) {
    const known = wordLists.get(choices);
    if (known !== undefined)
        return known;
    const made = new Map(choices.flatMap((c) => [[plain(c), c], [plain(spaced(c)), c]]));
    wordLists.set(choices, made);
    return made;
}
function severalOf(reader, field, choices) {
    const text = reader.cell(field);
    if (text === undefined || text === '')
        return undefined;
    const parts = text
        .split(/[,;|]/)
        .map((p) => p.trim())
        .filter((p) => p !== '' && p !== '-');
    const found = parts.map((part) => wordsOf(choices).get(plain(part)));
    const unknown = parts.find((_part, i) => found[i] === undefined);
    if (unknown !== undefined) {
        reader.fail(field, `expected ${choices.map(spaced).join(', ')}, got "${unknown}"`);
        return undefined;
    }
    return choices.filter((c) => found.includes(c));
}
/** Units of a row's own column, or the table's. */
function massUnit(reader) {
    const text = plain(reader.cell('massUnit') ?? '');
    if (text === '')
        return reader.options.massUnit;
    const word = text.replace(/^(gram|pound|ounce)s?$/, (w) => ({ g: 'g', p: 'lb', o: 'oz' })[w[0]]);
    const unit = /^(kg|g|lb|oz)/.exec(word)?.[1];
    if (unit === undefined)
        reader.fail('massUnit', `expected kg, g, lb or oz, got "${reader.cell('massUnit')}"`);
    return unit ?? reader.options.massUnit;
}
/** The days a thing is used up on: both ends, or neither. */
function consumption(reader) {
    const fromDay = number(reader, 'useFrom', 1, MAX_DAYS, true);
    const toDay = number(reader, 'useTo', 1, MAX_DAYS, true);
    const residueKg = quantity(reader, 'residue', 'mass', 'kg', THING_RANGES.massKg);
    const said = (field) => (reader.cell(field) ?? '') !== '';
    if (fromDay !== undefined && toDay !== undefined)
        return { fromDay, toDay, residueKg: residueKg ?? 0 };
    // What is left, and a first day, say nothing without the days it is used up on.
    for (const [field, end] of [
        ['useFrom', 'first'],
        ['useTo', 'last'],
    ]) {
        if (!said(field) && ['useFrom', 'useTo', 'residue'].some((f) => said(f)))
            reader.fail(field, `expected the ${end} day it is used up on, got nothing`);
    }
    return undefined;
}
/** What a row does not say follows what it says: a volume within the said outline, a form that holds the said volume. */
function formOf(facts, known, said) {
    const shape = said.shape ?? facts.shape;
    const volumeL = said.volumeL ?? facts.volumeL;
    const outlineL = shapeVolumeL(shape);
    if (said.shape !== undefined && said.volumeL !== undefined)
        return { shape, volumeL };
    if (said.shape !== undefined) {
        const mostL = outlineL ?? (shape.kind === 'stuff' ? shape.looseVolumeL : volumeL);
        return { shape, volumeL: known ? Math.min(volumeL, mostL) : (outlineL ?? Math.min(volumeL, mostL)) };
    }
    if (outlineL !== undefined && volumeL > outlineL)
        return { shape: { kind: 'pouch' }, volumeL };
    if (shape.kind === 'stuff' && volumeL > shape.looseVolumeL)
        return { shape: { kind: 'stuff', looseVolumeL: volumeL }, volumeL };
    return { shape, volumeL };
}
/** The column that an error of a thing's field is about. */
const COLUMN_OF = {
    'thing.volumeL': 'volume',
    'thing.shape.looseVolumeL': 'shape',
    'thing.fromDay': 'fromDay',
    'thing.toDay': 'toDay',
    'thing.consumption.fromDay': 'useFrom',
    'thing.consumption.toDay': 'useTo',
    'thing.consumption.residueKg': 'residue',
};
/** What tells that a row is one piece, whatever it is called. */
const SINGLE = [
    'id',
    'volume',
    'shape',
    'purpose',
    'together',
    'onlyFor',
    'fromDay',
    'toDay',
];
const isForTheGroup = (list) => list === undefined || isGroupWord(list);
function readRow(reader, guess) {
    const { cell, fail, trip } = reader;
    const name = words(reader, 'name', LONGEST_NAME) ?? '';
    if (name === '')
        fail('name', 'expected a name, got nothing');
    const count = number(reader, 'count', 1, 99, true) ?? 1;
    const mass = readMass(reader, count);
    const guessed = guess(name, count);
    const known = mass.massKg === undefined ? guessed : ofMass(guessed, mass.massKg);
    const thing = {
        ...readFacts(reader, known),
        name,
        massKg: mass.massKg ?? known.facts.massKg,
        massEstimated: yes(reader, 'estimated') ?? (mass.massKg === undefined || mass.approximate),
        ...defined(saidFields(reader)),
    };
    const id = cell('id');
    const onlyFor = words(reader, 'onlyFor', LONGEST_NAME);
    if (onlyFor !== undefined && !trip.groups.some((g) => isSameName(g, onlyFor)))
        fail('onlyFor', `expected a tent or cook group of this trip, ${trip.groups.join(', ') || 'which has none'}, got "${onlyFor}"`);
    for (const { path, message } of thingErrors({ ...thing, id: 'thing' }, trip.days)) {
        const column = COLUMN_OF[path];
        if (column === undefined)
            throw new Error(`an error of ${path} has no column`);
        fail(column, message);
    }
    const list = words(reader, 'list', LONGEST_NAME) ?? reader.head;
    return {
        line: reader.line,
        ...defined({
            kitId: isForTheGroup(list) && !SINGLE.some((field) => (cell(field) ?? '') !== '') ? known.kitId : undefined,
            id: id === undefined || !ID_PATTERN.test(id) ? undefined : id,
            list,
            onlyFor,
            together: words(reader, 'together', LONGEST_TOGETHER),
        }),
        count,
        thing,
        personal: {
            worn: yes(reader, 'worn') ?? false,
            ...defined({
                want: oneOf(reader, 'want', WANTS),
                othersMayCarry: yes(reader, 'othersMayCarry'),
            }),
        },
    };
}
/** The mass of one of a row; "≈ 300 g" is one that somebody guessed. */
function readMass(reader, count) {
    const said = (field) => {
        const text = reader.cell(field) ?? '';
        const bare = text.replace(/^\s*[≈~]\s*/, '');
        const cell = (f) => (f === field ? bare : reader.cell(f));
        const kg = quantity({ ...reader, cell }, field, 'mass', massUnit(reader), THING_RANGES.massKg);
        return { kg, approximate: bare !== text };
    };
    const each = said('mass');
    const all = said('massTotal');
    const { massOf } = reader.options;
    // To the milligram: a division leaves no more than a scale knows.
    const divided = (kg) => Number((kg / count).toFixed(6));
    if (each.kg !== undefined)
        return { massKg: massOf === 'all' ? divided(each.kg) : each.kg, approximate: each.approximate };
    return { massKg: all.kg === undefined ? undefined : divided(all.kg), approximate: all.approximate };
}
/**
 * What is known of a thing, with the form and marks that its row says. A row that says its shape says all that its maker
 * knew: nothing is added from the library but what every thing needs.
 */
function readFacts(reader, known) {
    const { cell, fail, options } = reader;
    const shapeText = cell('shape') ?? '';
    const shape = shapeText === '' ? undefined : parseShape(shapeText);
    if (shape?.ok === false)
        fail('shape', shape.error);
    const said = {
        shape: shape?.ok === true ? shape.shape : undefined,
        volumeL: quantity(reader, 'volume', 'volume', options.volumeUnit, THING_RANGES.volumeL),
    };
    const facts = { ...known.facts, ...(known.libraryId === undefined ? {} : { libraryId: known.libraryId }) };
    const full = said.shape !== undefined && said.volumeL !== undefined;
    const flags = severalOf(reader, 'flags', FLAGS);
    const marksSaid = cell('flags') !== undefined && cell('flags') !== '';
    return {
        ...(full ? { needed: facts.needed, purpose: facts.purpose } : facts),
        ...formOf(facts, known.as !== undefined, said),
        flags: marksSaid ? (flags ?? []) : full ? [] : facts.flags,
    };
}
/** What it holds; an error says what was expected. */
function holding({ cell, fail }) {
    const parsed = parseHolding(cell('holds') ?? '');
    if (parsed.ok)
        return parsed.holding;
    fail('holds', parsed.error);
    return undefined;
}
/** What a row says besides. */
function saidFields(reader) {
    return {
        needed: oneOf(reader, 'needed', NEEDED),
        purpose: oneOf(reader, 'purpose', PURPOSES),
        fromDay: number(reader, 'fromDay', 1, MAX_DAYS, true),
        toDay: number(reader, 'toDay', 1, MAX_DAYS, true),
        joinsAt: words(reader, 'joinsAt', LONGEST_NAME),
        leavesAt: words(reader, 'leavesAt', LONGEST_NAME),
        wetFactor: number(reader, 'wetFactor', ...THING_RANGES.wetFactor, false),
        waterCapacityL: quantity(reader, 'waterCapacity', 'volume', 'l', THING_RANGES.waterCapacityL),
        foodCapacityL: quantity(reader, 'foodCapacity', 'volume', 'l', THING_RANGES.foodCapacityL),
        holds: holding(reader),
        ridesLoose: yes(reader, 'ridesLoose'),
        measuredOn: date(reader, 'measuredOn'),
        owner: words(reader, 'owner', LONGEST_NAME),
        wear: oneOf(reader, 'wear', WEARS),
        expiresOn: date(reader, 'expiresOn'),
        needs: reader.cell('needs') === '-' ? [] : severalOf(reader, 'needs', COMPANIONS),
        consumption: consumption(reader),
    };
}
//# sourceMappingURL=readThings.js.map