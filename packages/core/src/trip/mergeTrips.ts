/**
 * Two trips that were changed from the same one, as one trip. What only one of them changed is taken over; where both
 * changed the same cell to something else, it is a clash, and theirs stands until somebody decides.
 *
 * A cell is a field of the trip, of an item in one of its lists, or of a piece in a kit and a zone in a pack. What a cell
 * holds is taken as a whole: half of one shape and half of another is no shape.
 */
import {
  COLLECTION_KEYS,
  COLLECTIONS,
  INNER_LISTS,
  sameContent,
  TRIP_FIELDS,
  type Collection,
} from './edits.js';
import type { Trip } from './model.js';

export interface Clash {
  /** The field; or the list, the item's key and its field; or further the inner item's key and its field. */
  readonly path: readonly string[];
  /** Undefined where there is nothing: not yet, or no more. */
  readonly base: unknown;
  readonly mine: unknown;
  readonly theirs: unknown;
}
export interface Merged {
  readonly trip: Trip;
  readonly clashes: readonly Clash[];
}

type Fields = Readonly<Record<string, unknown>>;

/** Fields of the trip that are several settings, each by itself. */
const SETTINGS: ReadonlySet<string> = new Set(['houseRules', 'larder']);

/**
 * @param base what both come from
 * @param mine what was changed here
 * @param theirs what was changed elsewhere
 */
export function mergeTrips(base: Trip, mine: Trip, theirs: Trip): Merged {
  const clashes: Clash[] = [];
  const merge = new Merge(clashes);
  const fields: Record<string, unknown> = { ...theirs };
  for (const field of TRIP_FIELDS) {
    const value = SETTINGS.has(field)
      ? merge.fields([field], asFields(base[field]), asFields(mine[field]), asFields(theirs[field]))
      : merge.cell([field], base[field], mine[field], theirs[field]);
    if (value === undefined) delete fields[field];
    else fields[field] = value;
  }
  for (const collection of COLLECTIONS) {
    const key = COLLECTION_KEYS[collection];
    fields[collection] = merge.list([collection], key, INNER_LISTS[collection], base, mine, theirs);
  }
  return { trip: fields as unknown as Trip, clashes };
}

/** A trip with a clash decided for one side. */
export function decideClash(trip: Trip, { path }: Clash, value: unknown): Trip {
  return placed(trip as unknown as Fields, path, value) as unknown as Trip;
}

/** What a trip holds where a path leads; undefined where there is nothing. */
export function cellAt(trip: Trip, path: readonly string[]): unknown {
  return valueAt(trip, path);
}

function valueAt(inside: unknown, [name, ...rest]: readonly string[]): unknown {
  if (name === undefined || typeof inside !== 'object' || inside === null) return inside;
  const next = (inside as Fields)[name];
  if (!Array.isArray(next) || rest.length === 0) return valueAt(next, rest);
  const [key, ...within] = rest;
  const keyName = keyNameOf(name);
  return valueAt(
    (next as readonly Fields[]).find((item) => String(item[keyName]) === key),
    within,
  );
}

/** A value put where a path leads; undefined takes away what is there. What the path leads through must be there. */
function placed(into: Fields, path: readonly string[], value: unknown): Fields {
  const [name, ...rest] = path;
  if (name === undefined) return into;
  const inside = into[name];
  if (rest.length === 0) {
    const { [name]: _gone, ...others } = into;
    return value === undefined ? others : { ...into, [name]: value };
  }
  if (!Array.isArray(inside)) {
    return inside === undefined ? into : { ...into, [name]: placed(inside as Fields, rest, value) };
  }
  const items = inside as readonly Fields[];
  const [key, ...within] = rest;
  const keyName = keyNameOf(name);
  const at = items.findIndex((item) => String(item[keyName]) === key);
  if (within.length > 0) {
    return at < 0
      ? into
      : { ...into, [name]: items.map((item, i) => (i === at ? placed(item, within, value) : item)) };
  }
  if (value === undefined) return { ...into, [name]: items.filter((_item, i) => i !== at) };
  return { ...into, [name]: at < 0 ? [...items, value] : items.map((item, i) => (i === at ? value : item)) };
}

function keyNameOf(list: string): string {
  return list in COLLECTION_KEYS ? COLLECTION_KEYS[list as Collection] : 'id';
}

function asFields(value: unknown): Fields | undefined {
  return typeof value === 'object' && value !== null ? (value as Fields) : undefined;
}

function isMade(item: Fields): boolean {
  return item['madeBy'] !== undefined;
}

class Merge {
  constructor(private readonly clashes: Clash[]) {}

  /** One value of three. */
  cell(path: readonly string[], base: unknown, mine: unknown, theirs: unknown): unknown {
    if (sameContent(mine, theirs) || sameContent(base, mine)) return theirs;
    if (sameContent(base, theirs)) return mine;
    this.clashes.push({ path, base, mine, theirs });
    return theirs;
  }

  /** Field by field; as one value where one side has nothing. */
  fields(
    path: readonly string[],
    base: Fields | undefined,
    mine: Fields | undefined,
    theirs: Fields | undefined,
    inner?: string,
  ): Fields | undefined {
    if (mine === base || mine === theirs) return theirs;
    if (theirs === base) return mine;
    if (mine === undefined || theirs === undefined || base === undefined)
      return this.cell(path, base, mine, theirs) as Fields | undefined;
    // What the program makes itself is made anew from what was merged.
    const decided = isMade(mine) || isMade(theirs) ? new Merge([]) : this;
    const merged: Record<string, unknown> = {};
    for (const name of new Set([...Object.keys(theirs), ...Object.keys(mine)])) {
      const value =
        name === inner
          ? this.list([...path, name], 'id', undefined, base, mine, theirs)
          : decided.cell([...path, name], base[name], mine[name], theirs[name]);
      if (value !== undefined) merged[name] = value;
    }
    return sameContent(merged, theirs) ? theirs : merged;
  }

  /** Item by item. */
  list(
    path: readonly string[],
    key: string,
    inner: string | undefined,
    ...sides: readonly [base: object, mine: object, theirs: object]
  ): readonly Fields[] {
    const name = path[path.length - 1]!;
    const [old, own, other] = sides.map((side) => ((side as Fields)[name] ?? []) as readonly Fields[]) as [
      readonly Fields[],
      readonly Fields[],
      readonly Fields[],
    ];
    if (own === old || own === other) return other;
    if (other === old) return own;
    const [olds, owns, others] = [old, own, other].map(
      (items) => new Map(items.map((item) => [String(item[key]), item])),
    ) as [Map<string, Fields>, Map<string, Fields>, Map<string, Fields>];
    const merged = new Map<string, Fields>();
    for (const id of inOrder([...olds.keys()], [...owns.keys()], [...others.keys()])) {
      const item = this.fields([...path, id], olds.get(id), owns.get(id), others.get(id), inner);
      if (item !== undefined) merged.set(id, item);
    }
    return [...merged.values()];
  }
}

/** All keys: in the order of whoever changed it, theirs where both did; what only the other has after what it stood after. */
function inOrder(
  base: readonly string[],
  mine: readonly string[],
  theirs: readonly string[],
): readonly string[] {
  const isMineMoved = !keepsOrder(base, mine);
  const isTheirsMoved = !keepsOrder(base, theirs);
  const [first, second] = isMineMoved && !isTheirsMoved ? [mine, theirs] : [theirs, mine];
  const order = [...first];
  const known = new Set(first);
  let after = -1;
  for (const key of second) {
    if (known.has(key)) after = order.indexOf(key);
    else {
      after += 1;
      order.splice(after, 0, key);
      known.add(key);
    }
  }
  return order;
}

/** Whether what is in both lists comes in the same order. */
function keepsOrder(base: readonly string[], now: readonly string[]): boolean {
  const [there, stays] = [new Set(now), new Set(base)];
  const old = base.filter((key) => there.has(key));
  return now.filter((key) => stays.has(key)).every((key, i) => key === old[i]);
}
