/** Taking entries of a kit library onto a trip's lists: copies with ids of their own, in the trip's form. */
import type { KitEntry, LibraryEntry, ThingEntry, ThingFacts } from '../library/libraryModel.js';
import { starterLibrary } from '../library/starterLibrary.js';
import { freshId, putKit } from '../trip/changes.js';
import type { Kit, PartyGroup, PersonalThing, Piece, Thing, Trip, Want } from '../trip/model.js';
import { allPieces, isPersonal } from '../trip/queries.js';

export function thingIds(trip: Trip): readonly string[] {
  return [...allPieces(trip).map((p) => p.id), ...trip.personalThings.map((t) => t.id)];
}

/** The kit that things of the group go into when they belong to none: made when it is missing. */
const LOOSE_KIT = { id: 'group-things', name: 'Group things' } as const;

export function looseKit(trip: Trip): Kit {
  return trip.kits.find((k) => k.id === LOOSE_KIT.id) ?? { ...LOOSE_KIT, pieces: [] };
}

/** A thing for each of these members, from an entry. */
export function giveEach(trip: Trip, entry: ThingEntry, memberIds: readonly string[], want?: Want): Trip {
  const taken = new Set(thingIds(trip));
  const things = memberIds.map((memberId): PersonalThing => {
    const id = freshId(`${memberId.slice(0, 30)}-${entry.name}`, taken);
    taken.add(id);
    return {
      ...entry.thing,
      id,
      name: entry.name,
      libraryId: entry.id,
      memberId,
      worn: entry.worn,
      ...(want === undefined ? {} : { want }),
    };
  });
  return { ...trip, personalThings: [...trip.personalThings, ...things] };
}

/** One or several of a thing for the group, as pieces of the loose kit. */
export function giveGroup(trip: Trip, entry: ThingEntry, count = 1): Trip {
  const taken = new Set(thingIds(trip));
  const kit = looseKit(trip);
  const pieces = Array.from({ length: count }, (): Piece => {
    const id = freshId(entry.name, taken);
    taken.add(id);
    return { ...entry.thing, id, name: entry.name, libraryId: entry.id };
  });
  return putKit(trip, { ...kit, pieces: [...kit.pieces, ...pieces] });
}

/**
 * A kit of the library as a kit of the trip.
 *
 * @param groupId the tent or cook group it is for; its parts are then only for that group, which learns what the kit
 *   sleeps, cooks on or holds where it did not know
 */
export function giveKit(trip: Trip, entry: KitEntry, groupId?: string): Trip {
  const taken = new Set(thingIds(trip));
  const group = trip.groups.find((g) => g.id === groupId);
  const id = freshId(
    group === undefined ? entry.name : `${entry.name}-${group.name}`,
    trip.kits.map((k) => k.id),
  );
  const ids = new Map(
    entry.pieces.map((p) => {
      const pieceId = freshId(`${id.slice(0, 30)}-${p.name}`, taken);
      taken.add(pieceId);
      return [p.id, pieceId] as const;
    }),
  );
  const pieces = entry.pieces.map((p): Piece => ({
    ...p.thing,
    id: ids.get(p.id)!,
    name: p.name,
    libraryId: entry.id,
    ...(p.together === undefined ? {} : { together: p.together }),
    ...(p.nestsIn === undefined ? {} : { nestsIn: ids.get(p.nestsIn)! }),
    ...(group === undefined ? {} : { onlyGroupId: group.id }),
  }));
  const name = group === undefined ? entry.name : `${group.name}: ${entry.name}`;
  const withKit = putKit(trip, {
    id,
    name: name.slice(0, 120),
    pieces,
    ...(entry.splitWays === undefined ? {} : { splitWays: entry.splitWays }),
  });
  if (group === undefined) return withKit;
  const { sleeps, potL, stove } = entry;
  return {
    ...withKit,
    groups: withKit.groups.map((g) =>
      g.id === group.id
        ? {
            ...(sleeps === undefined ? {} : { sleeps }),
            ...(potL === undefined ? {} : { potL }),
            ...(stove === undefined ? {} : { stove }),
            ...g,
          }
        : g,
    ),
  };
}

/**
 * A kit of the starter library in its pieces, which weigh together what the whole does.
 *
 * @param whole the kit as one thing, with its name and mass
 */
export function giveWholeKit(trip: Trip, kitId: string, whole: Pick<Thing, 'name' | 'massKg'>): Trip {
  const entry = starterLibrary().find((e): e is KitEntry => e.kind === 'kit' && e.id === kitId)!;
  const factor = whole.massKg / entry.pieces.reduce((sum, p) => sum + p.thing.massKg, 0);
  const pieces = entry.pieces.map((p) => ({
    ...p,
    thing: { ...p.thing, massKg: Number((p.thing.massKg * factor).toFixed(4)), massEstimated: true },
  }));
  return giveKit(trip, { ...entry, name: whole.name, pieces });
}

const TRIP_ONLY = [
  'id',
  'name',
  'consumption',
  'fromDay',
  'toDay',
  'joinsAt',
  'leavesAt',
  'nestsIn',
  'partOf',
  'othersMayCarry',
  'libraryId',
  'madeBy',
  'memberId',
  'worn',
  'want',
  'onlyGroupId',
  'onlyMemberIds',
  'together',
] as const;

/** What a library keeps of a trip's thing. */
export function factsOf(thing: Thing): ThingFacts {
  return Object.fromEntries(
    Object.entries(thing).filter(([key]) => !TRIP_ONLY.some((k) => k === key)),
  ) as unknown as ThingFacts;
}

/** A trip's thing as an entry: in place of the one it was taken from, or a new one. */
export function entryOfThing(thing: PersonalThing | Piece, entries: readonly LibraryEntry[]): ThingEntry {
  const own = entries.find((e): e is ThingEntry => e.kind === 'thing' && e.id === thing.libraryId);
  const personal = isPersonal(thing);
  return {
    kind: 'thing',
    id:
      own?.id ??
      freshId(
        thing.name,
        entries.map((e) => e.id),
      ),
    name: thing.name,
    ...(own?.note === undefined ? {} : { note: own.note }),
    use: personal ? 'each' : 'group',
    worn: personal && thing.worn,
    thing: factsOf(thing),
    outings: own?.outings ?? [],
  };
}

/** What a kit's entry says of the group that it is for. */
function groupFacts({
  kind,
  sleeps,
  potL,
  stove,
}: PartyGroup): Pick<KitEntry, 'groupKind' | 'sleeps' | 'potL' | 'stove'> {
  if (kind === 'tent') return { groupKind: kind, ...(sleeps === undefined ? {} : { sleeps }) };
  return {
    groupKind: kind,
    ...(potL === undefined ? {} : { potL }),
    ...(stove === undefined ? {} : { stove }),
  };
}

/** A trip's kit as an entry: in place of the one it was taken from, or a new one. */
export function entryOfKit(trip: Trip, kit: Kit, entries: readonly LibraryEntry[]): KitEntry {
  const libraryId = kit.pieces.find((p) => p.libraryId !== undefined)?.libraryId;
  const own = entries.find((e): e is KitEntry => e.kind === 'kit' && e.id === libraryId);
  const group = trip.groups.find(
    (g) => g.id === kit.pieces.find((p) => p.onlyGroupId !== undefined)?.onlyGroupId,
  );
  const ids = new Set(kit.pieces.map((p) => p.id));
  const name =
    group !== undefined && kit.name.startsWith(`${group.name}: `)
      ? kit.name.slice(group.name.length + 2)
      : kit.name;
  return {
    kind: 'kit',
    id:
      own?.id ??
      freshId(
        `kit-${name}`,
        entries.map((e) => e.id),
      ),
    name,
    ...(own?.note === undefined ? {} : { note: own.note }),
    ...(group === undefined ? {} : groupFacts(group)),
    ...(kit.splitWays === undefined ? {} : { splitWays: kit.splitWays }),
    pieces: kit.pieces.map((p) => ({
      id: p.id,
      name: p.name,
      thing: factsOf(p),
      ...(p.together === undefined ? {} : { together: p.together }),
      ...(p.nestsIn === undefined || !ids.has(p.nestsIn) ? {} : { nestsIn: p.nestsIn }),
    })),
    outings: own?.outings ?? [],
  };
}
