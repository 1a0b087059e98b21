/** A cell of a trip in words, for whoever is asked which of two values is right. SI units. */
import { COLLECTION_KEYS, INNER_LISTS, keyOf, sameContent, type Collection, type TripEdit } from './edits.js';
import type { Trip } from './model.js';
import { formatMass, formatPercent, formatVolume } from '../units/format.js';

type Fields = Readonly<Record<string, unknown>>;

/** What fields are called where their name alone does not say it. */
const WORDS: Readonly<Record<string, string>> = {
  massKg: 'weight',
  volumeL: 'volume',
  bodyMassKg: 'body weight',
  memberId: 'carrier',
  hours: 'walking time',
  climbM: 'ascent',
  waterL: 'water to carry',
  ownCapKg: 'own limit',
  startDate: 'first day',
  houseRules: 'house rules',
  larder: 'food settings',
  dayMarksKm: 'ends of days on the track',
  notComing: 'who does not come',
  medicinesForAll: 'medicines for all to know',
  sendsOnTheWay: 'whether sheets follow on the way',
};
/** Lists, as one of their items is called. */
const ITEMS: Readonly<Partial<Record<Collection, string>>> = {
  legs: 'day',
  waypoints: 'place',
  supplies: 'supply',
  roles: 'role',
  groups: 'group',
  packs: 'pack',
  members: 'member',
  kits: 'kit',
  personalThings: 'thing',
  meals: 'meal',
  share: 'who carries',
  handovers: 'handover',
  stows: 'how it is packed',
  carrierRules: 'rule',
  variants: 'what-if',
  events: 'event',
};
const UNITS: readonly (readonly [ending: string, say: (value: number) => string])[] = [
  ['Kg', (kg) => formatMass(kg)],
  ['L', (l) => formatVolume(l)],
  ['Km', (km) => `${km} km`],
  ['Cm', (cm) => `${cm} cm`],
  ['M', (m) => `${m} m`],
  ['H', (h) => `${h} h`],
  ['C', (c) => `${c} °C`],
  ['Share', (part) => formatPercent(part, 0)],
];

/** "Stove: weight", "Bo: body weight", "house rules: shelter". */
export function cellName(trip: Trip, path: readonly string[]): string {
  const [field, key, inner, innerKey, last] = path;
  if (field === undefined) return '';
  if (!(field in COLLECTION_KEYS))
    return key === undefined ? wordOf(field) : `${wordOf(field)}: ${wordOf(key)}`;
  const item = itemName(trip, field as Collection, key ?? '');
  if (inner === undefined) return item;
  if (innerKey === undefined) return `${item}: ${wordOf(inner)}`;
  const within = namesOf(trip).get(innerKey) ?? innerKey;
  return last === undefined ? within : `${within}: ${wordOf(last)}`;
}

/** What a cell holds: "0.42 kg", "Ada", "nothing". */
export function cellText(trip: Trip, path: readonly string[], value: unknown): string {
  const name = path[path.length - 1] ?? '';
  if (value === undefined || value === null || value === '') return 'nothing';
  if (typeof value === 'number') {
    const unit = UNITS.find(([ending]) => name.endsWith(ending));
    return unit === undefined ? String(value) : unit[1](value);
  }
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (typeof value === 'string') return namesOf(trip).get(value) ?? spaced(value);
  if (Array.isArray(value)) return value.length === 1 ? '1 entry' : `${value.length} entries`;
  const fields = value as Fields;
  if (typeof fields['name'] === 'string') return fields['name'];
  const carrier = fields['memberId'];
  if (typeof carrier === 'string') return namesOf(trip).get(carrier) ?? carrier;
  return Object.entries(fields)
    .filter(([, inner]) => typeof inner !== 'object')
    .map(([field, inner]) => `${wordOf(field)} ${cellText(trip, [field], inner)}`)
    .join(', ');
}

/** So many cells are named; the others are counted. */
const MOST_NAMED = 2;

/** What edits change, for whoever works on the same trip: "Stove: weight, Day 2: ascent and 3 more". */
export function changesText(before: Trip, after: Trip, edits: readonly TripEdit[]): string {
  const comes = whoComes(before, after);
  if (comes !== undefined) return comes;
  const lists = new Map<Collection, ReadonlyMap<string, Fields>>();
  const listOf = (collection: Collection): ReadonlyMap<string, Fields> => {
    const known =
      lists.get(collection) ??
      byKey(before[collection] as unknown as readonly Fields[], COLLECTION_KEYS[collection]);
    lists.set(collection, known);
    return known;
  };
  // All are counted, and few are named: a share of hundreds of pieces is one request.
  const cells = new Map<string, Cell>();
  for (const edit of edits)
    for (const cell of cellsOf(edit, listOf)) cells.set(cell.path.join('/') + cell.how, cell);
  const named = [...cells.values()]
    .slice(0, MOST_NAMED)
    .map(({ path, how }) => `${cellName(how === ' (removed)' ? before : after, path)}${how}`)
    .join(', ');
  return cells.size <= MOST_NAMED ? named : `${named} and ${cells.size - MOST_NAMED} more`;
}

/** Of somebody who does not come, or comes after all, that is said and not all that follows from it. */
function whoComes(before: Trip, after: Trip): string | undefined {
  if (before.notComing === after.notComing) return undefined;
  const [was, now] = [before, after].map(
    (trip) => new Map((trip.notComing ?? []).map(({ member: { id, name } }) => [id, name])),
  ) as [Map<string, string>, Map<string, string>];
  const there = new Set(after.members.map((m) => m.id));
  const words = [
    ...[...now].flatMap(([id, name]) => (was.has(id) ? [] : [`${name} does not`])),
    ...[...was].flatMap(([id, name]) => (there.has(id) ? [`${name} does after all`] : [])),
  ];
  return words.length === 0 ? undefined : `who comes: ${words.join(', ')}`;
}

interface Cell {
  readonly path: readonly string[];
  readonly how: '' | ' (new)' | ' (removed)' | ' (order)';
}

function byKey(items: readonly Fields[], key: string): ReadonlyMap<string, Fields> {
  return new Map(items.map((item) => [String(item[key]), item]));
}

function cellsOf(
  edit: TripEdit,
  listOf: (collection: Collection) => ReadonlyMap<string, Fields>,
): readonly Cell[] {
  switch (edit.kind) {
    case 'set':
      return [{ path: [edit.field], how: '' }];
    case 'remove':
      return [{ path: [edit.collection, edit.key], how: ' (removed)' }];
    case 'order':
      return [{ path: [edit.collection], how: ' (order)' }];
    case 'put': {
      const item = edit.item as Fields;
      const key = keyOf(edit.collection, item);
      const inner = INNER_LISTS[edit.collection];
      return changedIn([edit.collection, key], listOf(edit.collection).get(key), item, inner);
    }
  }
}

function changedIn(
  path: readonly string[],
  was: Fields | undefined,
  now: Fields,
  inner?: string,
): readonly Cell[] {
  // What the program makes itself follows from what is named.
  if (now['madeBy'] !== undefined) return [];
  if (was === undefined) return [{ path, how: ' (new)' }];
  return Object.keys(now).flatMap((field): readonly Cell[] => {
    const [old, value] = [was[field], now[field]];
    if (sameContent(old, value)) return [];
    if (field !== inner) return [{ path: [...path, field], how: '' }];
    const olds = byKey(old as readonly Fields[], 'id');
    return (value as readonly Fields[]).flatMap((item) => {
      const id = String(item['id']);
      return changedIn([...path, field, id], olds.get(id), item);
    });
  });
}

function itemName(trip: Trip, collection: Collection, key: string): string {
  const list = trip[collection] as unknown as readonly Fields[];
  const at = list.findIndex((item) => keyOf(collection, item) === key);
  const item = list[at];
  const word = ITEMS[collection] ?? spaced(collection);
  if (collection === 'legs' && at >= 0) return `Day ${at + 1}`;
  const name = item?.['name'] ?? (item?.['dish'] as Fields | undefined)?.['name'] ?? namesOf(trip).get(key);
  if (typeof name !== 'string' || name === '') return word;
  const isOfSomething = COLLECTION_KEYS[collection] !== 'id';
  return isOfSomething ? `${name}, ${word}` : name;
}

const known = new WeakMap<Trip, ReadonlyMap<string, string>>();

/** Names of members, groups, packs, kits and things by their ids. */
function namesOf(trip: Trip): ReadonlyMap<string, string> {
  const names = known.get(trip) ?? readNames(trip);
  known.set(trip, names);
  return names;
}

function readNames(trip: Trip): ReadonlyMap<string, string> {
  return new Map(
    [
      trip.kits,
      trip.kits.flatMap((kit) => kit.pieces),
      trip.packs,
      trip.packs.flatMap((pack) => pack.zones),
      trip.groups,
      trip.personalThings,
      trip.members,
    ].flatMap((list) =>
      (list as readonly { readonly id: string; readonly name?: string }[]).map(
        ({ id, name }) => [id, name ?? id] as const,
      ),
    ),
  );
}

function wordOf(field: string): string {
  return WORDS[field] ?? spaced(field.replace(/(?<=[a-z])(?:Kg|Km|Cm|L|M|H|C)$/, ''));
}

/** "campElevation" as "camp elevation". */
function spaced(name: string): string {
  return /^[a-z]+(?:[A-Z][a-z]*)+$/.test(name) ? name.replace(/[A-Z]/g, (c) => ` ${c.toLowerCase()}`) : name;
}
