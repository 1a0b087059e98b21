/** Things of a trip as a table: its columns, what another program's columns are likely to be, and the table written. */
import type { Piece, Thing, Trip } from '../trip/model.js';
import { formatHolding } from '../trip/holdingText.js';
import { formatShape } from '../trip/shapeText.js';
import { writeCsvTable, type CsvTable } from './csvTable.js';

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
  { id: 'joinsAt', header: 'Fetched at', words: ['hired at', 'joins at', 'from where'] },
  { id: 'leavesAt', header: 'Left at', words: ['leaves at', 'given back at'] },
  { id: 'useFrom', header: 'Used up from day', words: ['used from'] },
  { id: 'useTo', header: 'Used up to day', words: ['used to'] },
  { id: 'residue', header: 'Left, kg', words: ['residue', 'left'] },
  { id: 'wetFactor', header: 'Wet factor', words: ['wet'] },
  { id: 'waterCapacity', header: 'Water, L', words: ['water', 'water capacity'] },
  { id: 'foodCapacity', header: 'Food, L', words: ['food capacity'] },
  { id: 'holds', header: 'Holds', words: ['holder', 'capacity', 'container'] },
  { id: 'ridesLoose', header: 'Rides loose', words: ['loose'] },
  { id: 'owner', header: 'Owner', words: ['belongs to', 'lent by', 'besitzer'] },
  { id: 'wear', header: 'Condition', words: ['state', 'wear', 'zustand'] },
  { id: 'expiresOn', header: 'Best before', words: ['expires', 'expiry', 'use by'] },
  { id: 'needs', header: 'Needs', words: ['requires'] },
  { id: 'worn', header: 'Worn', words: ['worn or in hand', 'on body'] },
  { id: 'want', header: 'Wanted', words: ['required', 'want', 'priority'] },
  { id: 'othersMayCarry', header: 'Others may carry it', words: ['others', 'may be taken over'] },
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

/** "mustStayDry" as "must stay dry". */
export function spaced(id: string): string {
  return id.replace(/[A-Z]/g, (letter) => ` ${letter.toLowerCase()}`);
}

/** The fields that are there. */
export const defined = <T extends object>(fields: T): Partial<T> =>
  Object.fromEntries(Object.entries(fields).filter(([, value]) => value !== undefined)) as Partial<T>;

/** Lower case, without marks and signs: how words are compared. */
export const plain = (text: string): string =>
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

/** "2.450" or "1.234.500". */
const GROUPED = /^\d{1,3}(\.\d{3})+$/;

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
  // Of grams in groups of three digits the point parts thousands, unless it parts decimals elsewhere.
  const grouped =
    massUnit === 'g' && point > 0 && cells.every((cell) => !cell.includes('.') || GROUPED.test(cell));
  const decimal =
    grouped || comma > point || (comma === point && undecided && table.delimiter !== ',') ? ',' : '.';
  return {
    massUnit,
    volumeUnit: volume === 'ml' ? 'ml' : volume === 'cu in' ? 'cu in' : 'l',
    decimal,
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
      joinsAt: thing.joinsAt,
      leavesAt: thing.leavesAt,
      useFrom: thing.consumption?.fromDay,
      useTo: thing.consumption?.toDay,
      residue: thing.consumption?.residueKg,
      wetFactor: thing.wetFactor,
      waterCapacity: thing.waterCapacityL,
      foodCapacity: thing.foodCapacityL,
      holds: thing.holds === undefined ? undefined : formatHolding(thing.holds),
      ridesLoose: thing.ridesLoose === undefined ? undefined : thing.ridesLoose ? 'yes' : 'no',
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
        }),
      ),
  );
  const personal = trip.personalThings
    .filter((t) => t.madeBy === undefined)
    .map((t) =>
      cells(t, memberName.get(t.memberId) ?? '', {
        worn: t.worn ? 'yes' : 'no',
        ...(t.want === undefined ? {} : { want: t.want }),
        ...(t.othersMayCarry === undefined ? {} : { othersMayCarry: t.othersMayCarry ? 'yes' : 'no' }),
      }),
    );
  return writeCsvTable(
    CSV_FIELDS.map((f) => f.header),
    [...pieces, ...personal],
  );
}
