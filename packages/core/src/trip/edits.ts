/**
 * Changes of a trip as data: what the interface sends to the server, and what undo plays backwards.
 * `diffTrip` finds the edits between two trips; `applyEdits` plays them on a trip of the same version.
 */
import type { Trip } from './model.js';

export const TRIP_FIELDS = [
  'name',
  'style',
  'startDate',
  'timeZone',
  'place',
  'notes',
  'packingSchool',
  'houseRules',
  'limitPolicy',
  'fairness',
  'foodStorage',
  'longestDayH',
  'setOff',
  'waterLPerH',
  'insects',
  'byAir',
  'larder',
  'leaveAfterTrips',
  'departure',
  'debriefedOn',
  'track',
  'dayMarksKm',
  'notComing',
  'sendsOnTheWay',
] as const;
export type TripField = (typeof TRIP_FIELDS)[number];
/** Fields that a trip can do without; setting them to null takes them away. */
export const OPTIONAL_TRIP_FIELDS = [
  'place',
  'notes',
  'insects',
  'byAir',
  'leaveAfterTrips',
  'departure',
  'debriefedOn',
  'track',
  'dayMarksKm',
  'notComing',
  'sendsOnTheWay',
] as const satisfies readonly TripField[];

/** Each collection of a trip, with the key that names an item in it. */
export const COLLECTION_KEYS = {
  legs: 'id',
  waypoints: 'id',
  supplies: 'id',
  weather: 'id',
  roles: 'id',
  groups: 'id',
  packs: 'id',
  members: 'id',
  kits: 'id',
  personalThings: 'id',
  meals: 'id',
  canisters: 'id',
  pickups: 'id',
  arrangements: 'id',
  dismissals: 'id',
  practice: 'id',
  carrierRules: 'id',
  share: 'pieceId',
  handovers: 'id',
  variants: 'id',
  stows: 'memberId',
  weighIns: 'memberId',
  events: 'id',
  comfort: 'id',
  contacts: 'id',
  uses: 'thingId',
  missed: 'id',
  leftovers: 'groupId',
  chores: 'id',
} as const;
export type Collection = keyof typeof COLLECTION_KEYS;
export const COLLECTIONS = Object.keys(COLLECTION_KEYS) as readonly Collection[];

/** Lists within items whose own items, named by their ids, have fields that change one by one. */
export const INNER_LISTS: Readonly<Partial<Record<Collection, string>>> = { kits: 'pieces', packs: 'zones' };

export type TripEdit =
  | { readonly kind: 'set'; readonly field: TripField; readonly value: unknown }
  | { readonly kind: 'put'; readonly collection: Collection; readonly item: unknown }
  | { readonly kind: 'remove'; readonly collection: Collection; readonly key: string }
  | { readonly kind: 'order'; readonly collection: Collection; readonly keys: readonly string[] };

type Item = Readonly<Record<string, unknown>>;

function itemsOf(trip: Trip, collection: Collection): readonly Item[] {
  return trip[collection] as unknown as readonly Item[];
}

/** The key that names an item of a collection. */
export function keyOf(collection: Collection, item: unknown): string {
  return String((item as Item)[COLLECTION_KEYS[collection]]);
}

/** Whether two plain values are equal in content; keys holding undefined count as absent. */
export function sameContent(a: unknown, b: unknown): boolean {
  if (a === b) return true;
  if (typeof a !== 'object' || typeof b !== 'object' || a === null || b === null) return false;
  if (Array.isArray(a) !== Array.isArray(b)) return false;
  const [left, right] = [a as Item, b as Item];
  return (
    Object.keys(left).every((key) => sameContent(left[key], right[key])) &&
    Object.keys(right).every((key) => key in left || right[key] === undefined)
  );
}

/**
 * The edits that turn `before` into `after`; `applyEdits(before, diffTrip(before, after))` equals `after`.
 * The trip's id never changes. An order edit is added only where putting and removing leaves another order.
 */
export function diffTrip(before: Trip, after: Trip): readonly TripEdit[] {
  const edits: TripEdit[] = [];
  for (const field of TRIP_FIELDS) {
    if (!sameContent(before[field], after[field]))
      edits.push({ kind: 'set', field, value: after[field] ?? null });
  }
  for (const collection of COLLECTIONS) {
    if (before[collection] === after[collection]) continue;
    const old = new Map(itemsOf(before, collection).map((item) => [keyOf(collection, item), item]));
    const now = new Map(itemsOf(after, collection).map((item) => [keyOf(collection, item), item]));
    const keysInPlace = [...old.keys()].filter((key) => now.has(key));
    for (const key of old.keys()) if (!now.has(key)) edits.push({ kind: 'remove', collection, key });
    for (const [key, item] of now) {
      if (!sameContent(old.get(key), item)) edits.push({ kind: 'put', collection, item });
      if (!old.has(key)) keysInPlace.push(key);
    }
    const keys = [...now.keys()];
    if (keys.some((key, i) => key !== keysInPlace[i])) edits.push({ kind: 'order', collection, keys });
  }
  return edits;
}

/**
 * Play edits on a trip. A put replaces the item with the same key or adds it at the end; removing what is not there
 * changes nothing. The result may break the trip's rules: whoever stores it checks it with `tripErrors`.
 *
 * Takes time by the edits and the lists they are in, not by one times the other.
 */
export function applyEdits(trip: Trip, edits: readonly TripEdit[]): Trip {
  const fields = new Map<string, unknown>(Object.entries(trip));
  // Maps keep the order in which keys came, and a key that is put again keeps its place.
  const lists = new Map<Collection, Map<string, unknown>>();
  const listOf = (collection: Collection): Map<string, unknown> => {
    let list = lists.get(collection);
    if (list === undefined) {
      list = new Map(itemsOf(trip, collection).map((item) => [keyOf(collection, item), item]));
      lists.set(collection, list);
    }
    return list;
  };
  for (const edit of edits) {
    switch (edit.kind) {
      case 'set':
        if (edit.value === null) fields.delete(edit.field);
        else fields.set(edit.field, edit.value);
        break;
      case 'put':
        listOf(edit.collection).set(keyOf(edit.collection, edit.item), edit.item);
        break;
      case 'remove':
        listOf(edit.collection).delete(edit.key);
        break;
      case 'order':
        lists.set(edit.collection, inOrder(listOf(edit.collection), edit.keys));
        break;
    }
  }
  for (const [collection, list] of lists) fields.set(collection, [...list.values()]);
  return Object.fromEntries(fields) as unknown as Trip;
}

/** The keys of an order first, as far as they are there; what it does not name follows in the order that it had. */
function inOrder(list: ReadonlyMap<string, unknown>, keys: readonly string[]): Map<string, unknown> {
  const ordered = new Map<string, unknown>();
  for (const key of [...keys, ...list.keys()]) if (list.has(key)) ordered.set(key, list.get(key));
  return ordered;
}
