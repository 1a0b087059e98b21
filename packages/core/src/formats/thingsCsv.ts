/**
 * Things of a trip as a table: out with exact numbers, in with any order of columns and any words of a mapping. Rows that
 * can be read are told from rows that cannot, each error with its line and column.
 */
import {
  COMPANIONS,
  FLAGS,
  NEEDED,
  PURPOSES,
  WANTS,
  WEARS,
  type Companion,
  type Flag,
  type PersonalThing,
  type Piece,
  type Thing,
  type Trip,
} from '../trip/model.js';
import { guessFacts, ofMass, type Guess } from '../lists/guessFacts.js';
import type { LibraryEntry } from '../library/libraryModel.js';
import { parseQuantity, type Quantity } from '../units/parse.js';
import { formatShape, parseShape } from '../units/shapeText.js';
import { writeCsvTable, type CsvTable } from './csvTable.js';
import { isIsoDate } from './schemaParts.js';

interface Field {
  readonly id: string;
  readonly header: string;
  /** Other words for it, lower case without marks; matched whole first, then as parts. */
  readonly words: readonly string[];
}

export const CSV_FIELDS = [
  { id: 'id', header: 'Id', words: ['key'] },
  {
    id: 'list',
    header: 'List',
    words: ['whose', 'kit', 'member', 'owner list', 'person', 'category', 'group', 'set', 'liste', 'wer'],
  },
  {
    id: 'name',
    header: 'Thing',
    words: [
      'name',
      'item',
      'article',
      'gear',
      'piece',
      'what',
      'description',
      'gegenstand',
      'objet',
      'nom',
      'bezeichnung',
    ],
  },
  {
    id: 'count',
    header: 'Count',
    words: ['qty', 'quantity', 'number', 'amount', 'anzahl', 'menge', 'nombre', 'pieces'],
  },
  {
    id: 'mass',
    header: 'Mass, kg',
    words: ['mass', 'weight', 'wt', 'gewicht', 'masse', 'poids', 'peso', 'grams', 'weight each'],
  },
  { id: 'massUnit', header: 'Unit', words: ['unit', 'weight unit', 'einheit', 'unite'] },
  { id: 'estimated', header: 'Estimated', words: ['estimate', 'guess', 'geschaetzt'] },
  { id: 'measuredOn', header: 'Weighed on', words: ['measured on', 'weighed'] },
  {
    id: 'volume',
    header: 'Packed, L',
    words: ['packed', 'volume', 'litres', 'liters', 'packed volume', 'volumen'],
  },
  { id: 'shape', header: 'Shape', words: ['form', 'dimensions', 'size'] },
  { id: 'flags', header: 'Marks', words: ['flags', 'tags'] },
  { id: 'needed', header: 'Needed', words: ['when needed', 'when'] },
  { id: 'purpose', header: 'What for', words: ['purpose', 'kind', 'type'] },
  { id: 'fromDay', header: 'From day', words: ['joins'] },
  { id: 'toDay', header: 'To day', words: ['leaves'] },
  { id: 'useFrom', header: 'Used up from day', words: ['used from'] },
  { id: 'useTo', header: 'Used up to day', words: ['used to'] },
  { id: 'residue', header: 'Left, kg', words: ['residue', 'left'] },
  { id: 'wetFactor', header: 'Wet factor', words: ['wet'] },
  { id: 'waterCapacity', header: 'Water, L', words: ['water', 'water capacity'] },
  { id: 'foodCapacity', header: 'Food, L', words: ['food capacity'] },
  { id: 'owner', header: 'Owner', words: ['belongs to', 'lent by', 'besitzer'] },
  { id: 'wear', header: 'Condition', words: ['state', 'wear', 'zustand'] },
  { id: 'expiresOn', header: 'Best before', words: ['expires', 'expiry', 'use by'] },
  { id: 'needs', header: 'Needs', words: ['requires'] },
  { id: 'worn', header: 'Worn', words: ['worn or in hand', 'on body'] },
  { id: 'want', header: 'Wanted', words: ['required', 'want', 'priority'] },
  { id: 'onlyFor', header: 'Only for', words: ['only'] },
  { id: 'together', header: 'Stays with', words: ['together', 'bundle'] },
] as const satisfies readonly Field[];
export type CsvField = (typeof CSV_FIELDS)[number]['id'];

/** What each column of a table is; `undefined` leaves it out. */
export type CsvMapping = readonly (CsvField | undefined)[];
export interface CsvOptions {
  /** The unit of masses that do not say theirs. */
  readonly massUnit: 'kg' | 'g' | 'lb' | 'oz';
  readonly volumeUnit: 'l' | 'ml' | 'cu in';
  readonly decimal: '.' | ',';
}

const plain = (text: string): string =>
  text
    .toLowerCase()
    .normalize('NFKD')
    .replace(/[\u0300-\u036f]/g, '')
    .replace(/ß/g, 'ss')
    .replace(/[^a-z0-9]+/g, ' ')
    .trim();
const UNIT_AT_END = / (kg|g|grams?|lbs?|oz|l|litres?|liters?|ml|cu in)$/;

/** What the columns are likely to be, by their headers; each field once. */
export function guessMapping(headers: readonly string[]): CsvMapping {
  const bare = headers.map((h) => plain(h).replace(UNIT_AT_END, ''));
  const taken = new Set<CsvField>();
  const mapping: (CsvField | undefined)[] = headers.map(() => undefined);
  const pass = (fits: (header: string, words: readonly string[]) => boolean): void => {
    for (const field of CSV_FIELDS) {
      if (taken.has(field.id)) continue;
      const words = [plain(field.header).replace(UNIT_AT_END, ''), ...field.words];
      const at = bare.findIndex(
        (header, i) => mapping[i] === undefined && header !== '' && fits(header, words),
      );
      if (at < 0) continue;
      mapping[at] = field.id;
      taken.add(field.id);
    }
  };
  pass((header, words) => words.includes(header));
  pass((header, words) => words.some((word) => word.length > 3 && header.split(' ').includes(word)));
  return mapping;
}

/** Units that a header says, or the cells' own habits. */
export function guessOptions(table: CsvTable, mapping: CsvMapping): CsvOptions {
  const column = (field: CsvField): number => mapping.indexOf(field);
  const unitOf = (field: CsvField): string | undefined => {
    const header = table.headers[column(field)];
    return header === undefined
      ? undefined
      : (UNIT_AT_END.exec(` ${plain(header)}`)?.[1] ?? (/^grams?$/.test(plain(header)) ? 'g' : undefined));
  };
  const numbers = (field: CsvField): readonly string[] => {
    const at = column(field);
    return at < 0 ? [] : table.rows.map((row) => row[at]!.trim()).filter((cell) => /^[\d.,\s']+$/.test(cell));
  };
  const cells = [...numbers('mass'), ...numbers('volume')];
  const comma = cells.filter((cell) => /^\d+,\d+$/.test(cell) && !/^\d{1,3},\d{3}$/.test(cell)).length;
  const point = cells.filter((cell) => /^\d*\.\d+$/.test(cell)).length;
  const undecided = cells.some((cell) => /^\d+,\d{3}$/.test(cell));
  const decimal = comma > point || (comma === point && undecided && table.delimiter !== ',') ? ',' : '.';
  const masses = numbers('mass').map((cell) => Number(cell.replace(/[\s']/g, '').replace(',', '.')));
  const said = unitOf('mass');
  // Without a word on it: single things mostly weigh less than 30 kg and more than 30 of anything is grams.
  const massUnit =
    said === undefined
      ? masses.some((m) => m > 30)
        ? 'g'
        : 'kg'
      : said.startsWith('lb')
        ? 'lb'
        : said.startsWith('g')
          ? 'g'
          : (said as 'kg' | 'oz');
  const volume = unitOf('volume');
  return {
    massUnit,
    volumeUnit: volume === 'ml' ? 'ml' : volume === 'cu in' ? 'cu in' : 'l',
    decimal,
  };
}

export interface CsvRow {
  /** Line of the file, from 1. */
  readonly line: number;
  readonly id?: string;
  readonly list?: string;
  readonly count: number;
  readonly thing: Omit<Thing, 'id'>;
  readonly personal: Pick<PersonalThing, 'worn' | 'want'>;
  readonly onlyFor?: string;
  readonly together?: string;
}
export interface CsvError {
  readonly line: number;
  /** Header of the column; empty for the whole row. */
  readonly column: string;
  readonly message: string;
}
export interface ReadThings {
  readonly rows: readonly CsvRow[];
  readonly errors: readonly CsvError[];
}

const YES = ['yes', 'y', 'true', '1', 'x', 'ja', 'oui', 'si'];
const NO = ['no', 'n', 'false', '0', '', 'nein', 'non'];

/**
 * Read a table's rows as things.
 *
 * @param mapping what each column is; a column for the name is needed, the rest may be missing
 * @param library what is not said of a thing is taken from the library's most alike entry
 * @returns rows without an error, and every error of the others
 */
export function readThings(
  table: CsvTable,
  mapping: CsvMapping,
  options: CsvOptions,
  library: readonly LibraryEntry[],
): ReadThings {
  if (!mapping.includes('name')) {
    return {
      rows: [],
      errors: [{ line: 1, column: '', message: 'expected a column with the names of things' }],
    };
  }
  const rows: CsvRow[] = [];
  const errors: CsvError[] = table.errors.map(({ line, message }) => ({ line, column: '', message }));
  const guesses = new Map<string, Guess>();
  table.rows.forEach((cells, r) => {
    const line = table.lines[r]!;
    const wrong: CsvError[] = [];
    const row = readRow(
      {
        line,
        cell: (field) => {
          const at = mapping.indexOf(field);
          return at < 0 ? undefined : cells[at]!.trim();
        },
        fail: (field, message) => {
          wrong.push({ line, column: table.headers[mapping.indexOf(field)] ?? '', message });
        },
        options,
      },
      (name) => {
        const known = guesses.get(name);
        if (known !== undefined) return known;
        const guess = guessFacts(name, library);
        guesses.set(name, guess);
        return guess;
      },
    );
    if (wrong.length === 0) rows.push(row);
    errors.push(...wrong);
  });
  return { rows, errors };
}

interface RowReader {
  readonly line: number;
  readonly cell: (field: CsvField) => string | undefined;
  readonly fail: (field: CsvField, message: string) => void;
  readonly options: CsvOptions;
}

/** A number's text with a point, whatever its thousands and decimals look like. */
function withPoint(text: string, decimal: '.' | ','): string {
  const tight = text.replace(/(\d)[\s'’\u00a0\u202f](?=\d{3}\b)/g, '$1');
  return decimal === ','
    ? tight.replace(/\.(?=\d{3}\b)/g, '').replace(/(\d),(\d)/g, '$1.$2')
    : tight.replace(/,(?=\d{3}\b)/g, '');
}

function quantity(reader: RowReader, field: CsvField, kind: Quantity, unit: string): number | undefined {
  const text = reader.cell(field);
  if (text === undefined || text === '') return undefined;
  const parsed = parseQuantity(withPoint(text, reader.options.decimal), kind, unit);
  if (parsed.ok) return parsed.value;
  reader.fail(field, parsed.error);
  return undefined;
}

function number(
  reader: RowReader,
  field: CsvField,
  low: number,
  high: number,
  whole: boolean,
): number | undefined {
  const text = reader.cell(field);
  if (text === undefined || text === '') return undefined;
  const value = Number(withPoint(text, reader.options.decimal));
  if (Number.isFinite(value) && value >= low && value <= high && (!whole || Number.isInteger(value)))
    return value;
  reader.fail(field, `expected a ${whole ? 'whole ' : ''}number from ${low} to ${high}, got "${text}"`);
  return undefined;
}

function date(reader: RowReader, field: CsvField): string | undefined {
  const text = reader.cell(field);
  if (text === undefined || text === '') return undefined;
  if (isIsoDate(text)) return text;
  // Days first, as most of the world writes them; a slash leaves it open and is refused.
  const dotted = /^(\d{1,2})\.(\d{1,2})\.(\d{4})$/.exec(text);
  const iso =
    dotted === null ? '' : `${dotted[3]}-${dotted[2]!.padStart(2, '0')}-${dotted[1]!.padStart(2, '0')}`;
  if (isIsoDate(iso)) return iso;
  reader.fail(field, `expected a date such as "2027-05-10" or "10.5.2027", got "${text}"`);
  return undefined;
}

function yes(reader: RowReader, field: CsvField): boolean | undefined {
  const text = reader.cell(field)?.toLowerCase();
  if (text === undefined || text === '') return undefined;
  if (YES.includes(text)) return true;
  if (NO.includes(text)) return false;
  reader.fail(field, `expected yes or no, got "${text}"`);
  return undefined;
}

function oneOf<T extends string>(reader: RowReader, field: CsvField, choices: readonly T[]): T | undefined {
  const text = reader.cell(field);
  if (text === undefined || text === '') return undefined;
  const choice = wordsOf(choices).get(plain(text));
  if (choice === undefined)
    reader.fail(field, `expected one of ${choices.map(spaced).join(', ')}, got "${text}"`);
  return choice;
}

const wordLists = new WeakMap<readonly string[], ReadonlyMap<string, string>>();

/** Each choice by its own id and by its words; made once for a list of choices. */
function wordsOf<T extends string>(choices: readonly T[]): ReadonlyMap<string, T> {
  const known = wordLists.get(choices);
  if (known !== undefined) return known as ReadonlyMap<string, T>;
  const made = new Map(choices.flatMap((c) => [[plain(c), c] as const, [plain(spaced(c)), c] as const]));
  wordLists.set(choices, made);
  return made;
}

/** "mustStayDry" as "must stay dry". */
function spaced(id: string): string {
  return id.replace(/[A-Z]/g, (letter) => ` ${letter.toLowerCase()}`);
}

function severalOf<T extends string>(
  reader: RowReader,
  field: CsvField,
  choices: readonly T[],
): readonly T[] | undefined {
  const text = reader.cell(field);
  if (text === undefined || text === '') return undefined;
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

const defined = <T extends object>(fields: T): Partial<T> =>
  Object.fromEntries(Object.entries(fields).filter(([, value]) => value !== undefined)) as Partial<T>;

function readRow(reader: RowReader, guess: (name: string) => Guess): CsvRow {
  const { cell, fail, options } = reader;
  const name = cell('name') ?? '';
  if (name === '') fail('name', 'expected a name, got nothing');
  if (name.length > 120) fail('name', `expected at most 120 characters, got ${name.length}`);
  const unitText = plain(cell('massUnit') ?? '');
  const unit =
    unitText === ''
      ? options.massUnit
      : (/^(kg|g|lb|oz)/.exec(
          unitText.replace(/^(gram|pound|ounce)s?$/, (w) => ({ g: 'g', p: 'lb', o: 'oz' })[w[0] as 'g'] ?? w),
        )?.[1] ?? unitText);
  if (!['kg', 'g', 'lb', 'oz'].includes(unit))
    fail('massUnit', `expected kg, g, lb or oz, got "${cell('massUnit')}"`);
  const massText = cell('mass') ?? '';
  const approximate = /^\s*[≈~]/.test(massText);
  const massKg = quantity(
    { ...reader, cell: (f) => (f === 'mass' ? massText.replace(/^\s*[≈~]\s*/, '') : cell(f)) },
    'mass',
    'mass',
    unit,
  );
  if (massKg !== undefined && massKg > 60) fail('mass', `expected up to 60 kg, got ${massKg} kg`);
  const guessed = guess(name);
  const known = massKg === undefined ? guessed : ofMass(guessed, massKg);
  const shapeText = cell('shape') ?? '';
  const shape = shapeText === '' ? undefined : parseShape(shapeText);
  if (shape?.ok === false) fail('shape', shape.error);
  const volumeL = quantity(reader, 'volume', 'volume', options.volumeUnit);
  const useFrom = number(reader, 'useFrom', 1, 60, true);
  const useTo = number(reader, 'useTo', 1, 60, true);
  const residueKg = quantity(reader, 'residue', 'mass', 'kg');
  const flags = severalOf<Flag>(reader, 'flags', FLAGS);
  const marksSaid = cell('flags') !== undefined && cell('flags') !== '';
  const measuredOn = date(reader, 'measuredOn');
  const said = yes(reader, 'estimated');
  const estimated = said ?? (massKg === undefined || approximate);
  const shapeKnown = shape?.ok === true ? shape.shape : known.facts.shape;
  const facts = { ...known.facts, ...(known.libraryId === undefined ? {} : { libraryId: known.libraryId }) };
  // A row that says its shape says all that its maker knew: nothing is added from the library but what every thing needs.
  const full = shape?.ok === true && volumeL !== undefined;
  const base = full ? { needed: facts.needed, purpose: facts.purpose, flags: [] } : facts;
  const thing = {
    ...base,
    name,
    massKg: massKg ?? facts.massKg,
    massEstimated: estimated,
    volumeL: volumeL ?? facts.volumeL,
    shape: shapeKnown,
    flags: marksSaid ? (flags ?? []) : full ? [] : facts.flags,
    ...defined({
      needed: oneOf(reader, 'needed', NEEDED),
      purpose: oneOf(reader, 'purpose', PURPOSES),
      fromDay: number(reader, 'fromDay', 1, 60, true),
      toDay: number(reader, 'toDay', 1, 60, true),
      wetFactor: number(reader, 'wetFactor', 1, 3, false),
      waterCapacityL: quantity(reader, 'waterCapacity', 'volume', 'l'),
      foodCapacityL: quantity(reader, 'foodCapacity', 'volume', 'l'),
      measuredOn,
      owner: cell('owner') === '' ? undefined : cell('owner'),
      wear: oneOf(reader, 'wear', WEARS),
      expiresOn: date(reader, 'expiresOn'),
      needs: cell('needs') === '-' ? [] : severalOf<Companion>(reader, 'needs', COMPANIONS),
      consumption:
        useFrom === undefined || useTo === undefined
          ? undefined
          : { fromDay: useFrom, toDay: useTo, residueKg: residueKg ?? 0 },
    }),
  } as Omit<Thing, 'id'>;
  const count = number(reader, 'count', 1, 99, true) ?? 1;
  const id = cell('id');
  return {
    line: reader.line,
    ...defined({
      id: id === undefined || !/^[a-z0-9][a-z0-9-]{0,63}$/.test(id) ? undefined : id,
      list: cell('list') === '' ? undefined : cell('list'),
      onlyFor: cell('onlyFor') === '' ? undefined : cell('onlyFor'),
      together: cell('together') === '' ? undefined : cell('together'),
    }),
    count,
    thing,
    personal: { worn: yes(reader, 'worn') ?? false, ...defined({ want: oneOf(reader, 'want', WANTS) }) },
  };
}

/** A trip's things as CSV: every group piece and personal thing that was entered by hand, numbers exact, kg and L. */
export function thingsCsv(trip: Trip): string {
  const groupName = new Map(trip.groups.map((g) => [g.id, g.name]));
  const memberName = new Map(trip.members.map((m) => [m.id, m.name]));
  const cells = (
    thing: Thing,
    list: string,
    more: Partial<Record<CsvField, string>>,
  ): (string | number)[] => {
    const values: Partial<Record<CsvField, string | number | undefined>> = {
      id: thing.id,
      list,
      name: thing.name,
      count: 1,
      mass: thing.massKg,
      massUnit: 'kg',
      estimated: thing.massEstimated ? 'yes' : 'no',
      measuredOn: thing.measuredOn,
      volume: thing.volumeL,
      shape: formatShape(thing.shape),
      flags: thing.flags.map(spaced).join(', '),
      needed: spaced(thing.needed),
      purpose: spaced(thing.purpose),
      fromDay: thing.fromDay,
      toDay: thing.toDay,
      useFrom: thing.consumption?.fromDay,
      useTo: thing.consumption?.toDay,
      residue: thing.consumption?.residueKg,
      wetFactor: thing.wetFactor,
      waterCapacity: thing.waterCapacityL,
      foodCapacity: thing.foodCapacityL,
      owner: thing.owner,
      wear: thing.wear === undefined ? undefined : spaced(thing.wear),
      expiresOn: thing.expiresOn,
      // An empty list is not the same as none said.
      needs:
        thing.needs === undefined
          ? undefined
          : thing.needs.length === 0
            ? '-'
            : thing.needs.map(spaced).join(', '),
      ...more,
    };
    return CSV_FIELDS.map((f) => values[f.id] ?? '');
  };
  const pieces = trip.kits.flatMap((kit) =>
    kit.pieces
      .filter((p) => p.madeBy === undefined)
      .map((p: Piece) =>
        cells(p, kit.name, {
          ...defined({
            onlyFor: p.onlyGroupId === undefined ? undefined : groupName.get(p.onlyGroupId),
            together: p.together,
          }),
        } as Partial<Record<CsvField, string>>),
      ),
  );
  const personal = trip.personalThings
    .filter((t) => t.madeBy === undefined)
    .map((t) =>
      cells(t, memberName.get(t.memberId) ?? '', {
        worn: t.worn ? 'yes' : 'no',
        ...(t.want === undefined ? {} : { want: t.want }),
      }),
    );
  return writeCsvTable(
    CSV_FIELDS.map((f) => f.header),
    [...pieces, ...personal],
  );
}
