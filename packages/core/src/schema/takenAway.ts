/** What a change of a trip takes away, kept so that it can be brought back later, when other things have changed too. */
import { ITEM_SCHEMAS } from './tripSchema.js';
import { tripReferenceErrors } from './tripReferences.js';
import { COLLECTIONS, keyOf, sameContent, type Collection } from '../trip/edits.js';
import type { Kit, Member, Piece, Trip } from '../trip/model.js';
import { withTidyStows } from '../trip/changes.js';
import { thingsEverInPack } from '../trip/queries.js';

type Item = Readonly<Record<string, unknown>>;

export interface TakenAway {
  /** In words, such as "Ilse, with 23 things". */
  readonly what: string;
  /** Items that went, by collection; of kits only the pieces that went. */
  readonly items: Partial<Record<Collection, readonly unknown[]>>;
  /** Where in its list each of them stood, from 0. */
  readonly places: Partial<Record<Collection, readonly number[]>>;
  /** Pieces that a member who went was among the carriers of. */
  readonly carriers: readonly {
    readonly pieceId: string;
    readonly was: readonly string[];
    readonly left?: readonly string[];
  }[];
}

/** What somebody made and would miss; all else that goes with it follows from it. */
export const MADE_BY_HAND = [
  'members',
  'kits',
  'personalThings',
  'groups',
  'waypoints',
  'supplies',
  'meals',
  'canisters',
  'pickups',
  'contacts',
] as const satisfies readonly Collection[];

const listOf = (trip: Trip, collection: Collection): readonly Item[] =>
  trip[collection] as unknown as readonly Item[];
const isByHand = (item: unknown): boolean => (item as { madeBy?: string }).madeBy === undefined;

/** A row that was added and never named: nobody misses it. */
function isUntouched(item: unknown): boolean {
  const { name, bodyEstimated, massKg, pieces } = item as Partial<Member & Piece & Kit>;
  if (pieces !== undefined) return /^Kit \d+$/.test(name ?? '') && pieces.every(isUntouched);
  if (bodyEstimated === true) return /^Member \d+$/.test(name ?? '');
  return massKg === 0 && /^New (?:piece|thing)$/.test(name ?? '');
}

/** What the change from one state of a trip to another takes away; undefined when that is nothing anybody made. */
export function takenAway(before: Trip, after: Trip): TakenAway | undefined {
  const items: Partial<Record<Collection, readonly unknown[]>> = {};
  const places: Partial<Record<Collection, readonly number[]>> = {};
  for (const collection of COLLECTIONS) {
    if (collection === 'kits' || before[collection] === after[collection]) continue;
    const there = new Set(listOf(after, collection).map((item) => keyOf(collection, item)));
    const list = listOf(before, collection);
    const gone = list.flatMap((item, i) =>
      !there.has(keyOf(collection, item)) && isByHand(item) ? [i] : [],
    );
    if (gone.length === 0) continue;
    items[collection] = gone.map((i) => list[i]!);
    places[collection] = gone;
  }
  const kits = kitsGone(before, after);
  if (kits.length > 0) items.kits = kits;
  if (!MADE_BY_HAND.some((c) => items[c]?.some((item) => !isUntouched(item)) === true)) return undefined;
  const now = new Map(after.kits.flatMap((kit) => kit.pieces.map((p) => [p.id, p] as const)));
  const membersGone = new Set((items.members ?? []).map((m) => (m as Member).id));
  const carriers = before.kits.flatMap((kit) =>
    kit.pieces.flatMap(({ id, onlyMemberIds: was }) => {
      const piece = now.get(id);
      if (was === undefined || piece === undefined || !was.some((m) => membersGone.has(m))) return [];
      const left = piece.onlyMemberIds;
      return [{ pieceId: id, was, ...(left === undefined ? {} : { left }) }];
    }),
  );
  return { what: inWords(items), items, places, carriers };
}

/** Kits with the pieces that are in none any more; a piece that changed its kit is not gone. */
function kitsGone(before: Trip, after: Trip): readonly Kit[] {
  if (before.kits === after.kits) return [];
  const there = new Set(after.kits.flatMap((kit) => kit.pieces.map((p) => p.id)));
  for (const thing of after.personalThings) there.add(thing.id);
  const kept = new Set(after.kits.map((kit) => kit.id));
  return before.kits.flatMap((kit) => {
    const pieces = kit.pieces.filter((p) => !there.has(p.id) && isByHand(p));
    const isGone = !kept.has(kit.id) && kit.pieces.length === 0;
    return pieces.length > 0 || isGone ? [{ ...kit, pieces }] : [];
  });
}

function inWords(items: TakenAway['items']): string {
  const named = (collection: Collection): readonly string[] =>
    (items[collection] ?? []).map((item) => String((item as { name?: unknown }).name ?? ''));
  const list = (names: readonly string[]): string =>
    names.length <= 3 ? names.join(', ') : `${names.slice(0, 2).join(', ')} and ${names.length - 2} more`;
  const members = named('members');
  const things = named('personalThings');
  const count = things.length === 1 ? '1 thing' : `${things.length} things`;
  if (members.length > 0) return `${list(members)}${things.length > 0 ? `, with ${count}` : ''}`;
  const kits = (items.kits ?? []) as readonly Kit[];
  const pieces = kits.flatMap((kit) => kit.pieces.map((p: Piece) => p.name));
  const names = [
    ...(pieces.length > 0 ? pieces : kits.map((kit) => kit.name)),
    ...things,
    ...['groups', 'waypoints', 'supplies', 'canisters', 'pickups', 'contacts'].flatMap((c) =>
      named(c as Collection),
    ),
    ...(items.meals ?? []).map((meal) => (meal as { dish: { name: string } }).dish.name),
  ].filter((name) => name !== '');
  return names.length === 0 ? 'something without a name' : list(names);
}

/** Whether all that somebody made of it is there again. */
export function isBack(trip: Trip, taken: TakenAway): boolean {
  const things = new Set([
    ...trip.kits.flatMap((kit) => kit.pieces.map((p) => p.id)),
    ...trip.personalThings.map((t) => t.id),
  ]);
  return MADE_BY_HAND.every((collection) =>
    (taken.items[collection] ?? []).every((item) =>
      collection === 'kits'
        ? (item as Kit).pieces.length > 0
          ? (item as Kit).pieces.every((p) => things.has(p.id))
          : trip.kits.some((kit) => kit.id === (item as Kit).id)
        : listOf(trip, collection).some((now) => keyOf(collection, now) === keyOf(collection, item)),
    ),
  );
}

/**
 * Bring back what was taken away, as far as the trip of now has a place for it. What is there stays as it is. What
 * would refer to something that is gone comes without that, or stays away.
 */
export function bringBack(trip: Trip, taken: TakenAway): Trip {
  let next: Trip = { ...trip, kits: withPieces(trip, taken) };
  const restored = new Map<Collection, Set<string>>();
  for (const collection of COLLECTIONS) {
    if (collection === 'kits' || collection === 'stows') continue;
    const known = new Set(listOf(next, collection).map((item) => keyOf(collection, item)));
    const list = [...listOf(next, collection)];
    const back = new Set<string>();
    ((taken.items[collection] ?? []) as readonly Item[]).forEach((item, i) => {
      if (known.has(keyOf(collection, item))) return;
      back.add(keyOf(collection, item));
      // Where it stood, as far as the list still goes there.
      list.splice(taken.places[collection]?.[i] ?? list.length, 0, item);
    });
    if (back.size === 0) continue;
    restored.set(collection, back);
    next = { ...next, [collection]: list };
  }
  const members = (taken.items.members ?? []) as readonly Member[];
  next = {
    ...next,
    // Who was their buddy is again, unless they have another by now.
    members: next.members.map((m) => {
      const buddy = members.find((back) => back.buddyId === m.id);
      return buddy === undefined || m.buddyId !== undefined ? m : { ...m, buddyId: buddy.id };
    }),
  };
  // What somebody takes over again stands in its owner's pack no more.
  next = withTidyStows(withoutLooseEnds(next, restored));
  // Of a stow what still rides in its pack.
  const stowed = new Set(next.stows.map((s) => s.memberId));
  const walking = new Set(next.members.map((m) => m.id));
  const stows = ((taken.items.stows ?? []) as Trip['stows'])
    .filter((s) => walking.has(s.memberId) && !stowed.has(s.memberId))
    .map((stow) => {
      const inPack = new Set(thingsEverInPack(next, stow.memberId).map((t) => t.id));
      return { ...stow, placements: stow.placements.filter((p) => inPack.has(p.thingId)) };
    });
  restored.set('stows', new Set(stows.map((s) => s.memberId)));
  const whole = withoutLooseEnds({ ...next, stows: [...next.stows, ...stows] }, restored);
  const there = new Set(whole.members.map((m) => m.id));
  const away = whole.notComing?.filter((n) => !there.has(n.member.id));
  const { notComing: _before, ...rest } = whole;
  return away === undefined || away.length === 0 ? rest : { ...rest, notComing: away };
}

function withPieces(trip: Trip, { items, carriers }: TakenAway): readonly Kit[] {
  const there = new Set([
    ...trip.kits.flatMap((kit) => kit.pieces.map((p) => p.id)),
    ...trip.personalThings.map((t) => t.id),
  ]);
  const idsOf = (collection: 'groups' | 'members'): ReadonlySet<string> =>
    new Set(
      [...listOf(trip, collection), ...((items[collection] ?? []) as Item[])].map((i) => String(i['id'])),
    );
  const [groups, members] = [idsOf('groups'), idsOf('members')];
  const back = ((items.kits ?? []) as readonly Kit[]).map((kit) => ({
    ...kit,
    pieces: kit.pieces.filter((p) => !there.has(p.id)).map((p) => tied(p, groups, members, there)),
  }));
  const ids = new Set(trip.kits.map((kit) => kit.id));
  const all = [
    ...trip.kits.map((kit) => {
      const more = back.find((b) => b.id === kit.id)?.pieces ?? [];
      return more.length === 0 ? kit : { ...kit, pieces: [...kit.pieces, ...more] };
    }),
    ...back.filter((kit) => !ids.has(kit.id)),
  ];
  const only = new Map(carriers.map((c) => [c.pieceId, c]));
  return all.map((kit) =>
    kit.pieces.some((p) => only.has(p.id))
      ? {
          ...kit,
          pieces: kit.pieces.map((p) => {
            const rule = only.get(p.id);
            return rule !== undefined && sameContent(p.onlyMemberIds, rule.left)
              ? { ...p, onlyMemberIds: rule.was }
              : p;
          }),
        }
      : kit,
  );
}

/** A piece without what it says of people, groups and things that are gone. */
function tied(
  piece: Piece,
  groups: ReadonlySet<string>,
  members: ReadonlySet<string>,
  things: ReadonlySet<string>,
): Piece {
  const { onlyGroupId, onlyMemberIds, nestsIn, ...bare } = piece;
  const only = onlyMemberIds?.filter((id) => members.has(id)) ?? [];
  return {
    ...bare,
    ...(onlyGroupId !== undefined && groups.has(onlyGroupId) ? { onlyGroupId } : {}),
    ...(only.length > 0 ? { onlyMemberIds: only } : {}),
    ...(nestsIn !== undefined && things.has(nestsIn) ? { nestsIn } : {}),
  };
}

/** Each round may loosen what held only by what it drops. */
const MOST_ROUNDS = 6;

function withoutLooseEnds(trip: Trip, restored: ReadonlyMap<Collection, ReadonlySet<string>>): Trip {
  let next = trip;
  for (let round = 0; round < MOST_ROUNDS; round += 1) {
    const drop = new Map<Collection, Map<number, Set<string>>>();
    for (const { path } of tripReferenceErrors(next)) {
      const found = /^(\w+)\[(\d+)\](?:\.(\w+))?/.exec(path);
      const collection = COLLECTIONS.find((c) => c === found?.[1]);
      if (found === null || collection === undefined) continue;
      const at = Number(found[2]);
      const item = listOf(next, collection)[at];
      if (item === undefined || restored.get(collection)?.has(keyOf(collection, item)) !== true) continue;
      const places = drop.get(collection) ?? new Map<number, Set<string>>();
      drop.set(collection, places.set(at, (places.get(at) ?? new Set()).add(found[3] ?? '')));
    }
    if (drop.size === 0) return next;
    for (const [collection, places] of drop)
      next = {
        ...next,
        [collection]: listOf(next, collection).flatMap((item, i) => {
          const fields = places.get(i);
          if (fields === undefined) return [item];
          if ([...fields].some((field) => !isOptional(collection, field))) return [];
          return [Object.fromEntries(Object.entries(item).filter(([field]) => !fields.has(field)))];
        }),
      };
  }
  return next;
}

function isOptional(collection: Collection, field: string): boolean {
  const { fields } = ITEM_SCHEMAS[collection].describe() as {
    fields?: Record<string, { optional?: boolean }>;
  };
  return fields?.[field]?.optional === true;
}
