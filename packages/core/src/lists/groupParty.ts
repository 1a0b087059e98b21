/**
 * Tent and cook groups from people and tents, in one step: who sleeps in which tent that is there, or in tents that would
 * sleep them all; who cooks together, as many groups as there are stoves.
 */
import { starterLibrary } from '../library/starterLibrary.js';
import type { KitEntry } from '../library/libraryModel.js';
import { freshId, putKit } from '../trip/changes.js';
import type { Kit, Member, PartyGroup, Piece, Purpose, Trip } from '../trip/model.js';
import { takeSizes } from './vocabulary/sizes.js';
import { tripFacts } from './tripFacts.js';

/** So many cook on one stove before a second is worth its weight (Graft's own). */
const PEOPLE_PER_STOVE = 6;

/** Tents with poles of their own: whether anybody walks with poles is not known yet. */
const tents = (): readonly (readonly [sleeps: number, kg: number])[] =>
  starterLibrary()
    .filter(
      (e): e is KitEntry =>
        e.kind === 'kit' &&
        e.groupKind === 'tent' &&
        e.sleeps !== undefined &&
        e.pieces.some((p) => p.thing.purpose === 'tentPoles'),
    )
    .map((kit) => [kit.sleeps!, kit.pieces.reduce((sum, p) => sum + p.thing.massKg, 0)]);

/**
 * The sizes of tents that sleep so many at the least mass, the largest first.
 *
 * @param spare places that stay free in each
 */
export function tentSizes(people: number, spare = 0): readonly number[] {
  const best: { kg: number; sizes: readonly number[] }[] = [{ kg: 0, sizes: [] }];
  const able = tents().filter(([sleeps]) => sleeps > spare);
  for (let n = 1; n <= people; n += 1) {
    const choices = able.map(([sleeps, kg]) => {
      const rest = best[Math.max(0, n - sleeps + spare)]!;
      return { kg: kg + rest.kg, sizes: [sleeps, ...rest.sizes] };
    });
    best.push(choices.reduce((a, b) => (b.kg < a.kg - 1e-9 ? b : a)));
  }
  return [...best[people]!.sizes].sort((a, b) => b - a);
}

const PARTS: Readonly<Record<PartyGroup['kind'], readonly Purpose[]>> = {
  tent: ['tentBody', 'tentFly', 'tentPoles', 'tentPegs', 'footprint', 'repair', 'other'],
  cook: ['stove', 'pot', 'fuel', 'fire', 'tableware', 'foodContainer', 'other'],
};

/** Whether a kit is a tent or a cook set, of no group yet, and nothing else is in it. */
function isFree(kit: Kit, kind: PartyGroup['kind'], purposes: readonly Purpose[]): boolean {
  return (
    kit.pieces.some((p) => purposes.includes(p.purpose)) &&
    kit.pieces.every((p) => p.onlyGroupId === undefined && PARTS[kind].includes(p.purpose))
  );
}

/** What a tent sleeps by its name: "Tent for two", "3p tent". */
function sleepsOf(kit: Kit): number | undefined {
  return [kit.name, ...kit.pieces.map((p) => p.name)]
    .map((name) => takeSizes(name).sizes.person)
    .find((n) => n !== undefined);
}

/** A group for each kit of its kind that has none: its parts are for that group from then on. */
function withGroups(trip: Trip, kind: PartyGroup['kind'], purposes: readonly Purpose[]): Trip {
  return trip.kits
    .filter((kit) => isFree(kit, kind, purposes) && (kind === 'tent' ? kit.pieces.length > 1 : true))
    .reduce((next, kit) => {
      const sleeps = kind === 'tent' ? sleepsOf(kit) : undefined;
      const litres = potsL(kit.pieces);
      const grown = addGroups(next, [
        {
          kind,
          name: kit.name.slice(0, 100),
          ...(sleeps === undefined ? {} : { sleeps }),
          ...(kind === 'cook' && litres > 0 ? { potL: litres } : {}),
        },
      ]);
      const onlyGroupId = grown.groups.at(-1)!.id;
      return putKit(grown, { ...kit, pieces: kit.pieces.map((p) => ({ ...p, onlyGroupId })) });
    }, trip);
}

/** What pots hold that are of no group, L. */
function openPotsL(trip: Trip): number {
  return potsL(trip.kits.flatMap((kit) => kit.pieces).filter((p) => p.onlyGroupId === undefined));
}

function potsL(pieces: readonly Piece[]): number {
  return pieces
    .filter((p) => p.purpose === 'pot')
    .reduce((sum, p) => sum + (takeSizes(p.name).sizes.l ?? 0), 0);
}

function freshName(name: string, trip: Trip): string {
  const taken = new Set(trip.groups.map((g) => g.name));
  let fresh = name;
  for (let n = 2; taken.has(fresh); n += 1) fresh = `${name} ${n}`;
  return fresh;
}

function addGroups(trip: Trip, made: readonly Omit<PartyGroup, 'id'>[]): Trip {
  return made.reduce((next, group) => {
    const name = freshName(group.name, next);
    const id = freshId(
      `${group.kind}-${name}`,
      next.groups.map((g) => g.id),
    );
    return { ...next, groups: [...next.groups, { ...group, id, name }] };
  }, trip);
}

/** Members without a tent, in the order of the trip, into the free places of tents. */
function intoTents(trip: Trip): Trip {
  const spare = trip.houseRules.tentSpace === 'oneSpare' ? 1 : 0;
  const tents = trip.groups.filter((g) => g.kind === 'tent');
  const free = new Map(
    tents.map((g) => {
      const inside = trip.members.filter((m) => m.tentGroupId === g.id).length;
      return [g.id, Math.max(0, (g.sleeps ?? 2) - spare - inside)];
    }),
  );
  const members = trip.members.map((m): Member => {
    const tent = m.tentGroupId === undefined ? tents.find((g) => free.get(g.id)! > 0) : undefined;
    if (tent === undefined) return m;
    free.set(tent.id, free.get(tent.id)! - 1);
    return { ...m, tentGroupId: tent.id };
  });
  return { ...trip, members };
}

/** Members without a cook group: those of a tent together, and about as many in each group. */
function intoKitchens(trip: Trip): Trip {
  const kitchens = trip.groups.filter((g) => g.kind === 'cook');
  if (kitchens.length === 0) return trip;
  const sizes = new Map(
    kitchens.map((g) => [g.id, trip.members.filter((m) => m.cookGroupId === g.id).length]),
  );
  const byTent = new Map<string, Member[]>();
  for (const m of trip.members.filter((one) => one.cookGroupId === undefined)) {
    const key = m.tentGroupId ?? m.id;
    byTent.set(key, [...(byTent.get(key) ?? []), m]);
  }
  const choice = new Map<string, string>();
  for (const tent of [...byTent.values()].sort((a, b) => b.length - a.length)) {
    const least = kitchens.reduce((a, b) => (sizes.get(b.id)! < sizes.get(a.id)! ? b : a));
    for (const m of tent) choice.set(m.id, least.id);
    sizes.set(least.id, sizes.get(least.id)! + tent.length);
  }
  return {
    ...trip,
    members: trip.members.map((m) => {
      const cookGroupId = choice.get(m.id);
      return cookGroupId === undefined ? m : { ...m, cookGroupId };
    }),
  };
}

/**
 * @param stoves cook groups to make where there is neither one nor a stove; by the size of the party when absent
 */
export function groupParty(trip: Trip, stoves?: number): Trip {
  const facts = tripFacts(trip);
  const people = trip.members.length;
  let next = trip;
  if (facts.tents && facts.nights > 0) {
    next = withGroups(next, 'tent', ['tentBody', 'tentFly']);
    const spare = next.houseRules.tentSpace === 'oneSpare' ? 1 : 0;
    if (!next.groups.some((g) => g.kind === 'tent')) {
      const sizes = tentSizes(people, spare);
      next = addGroups(
        next,
        sizes.map((sleeps, i) => ({
          kind: 'tent',
          name: `Tent ${String.fromCharCode(65 + (i % 26))}`,
          sleeps,
        })),
      );
    }
    next = intoTents(next);
  }
  if (facts.nights > 0 && trip.style !== 'hut') {
    next = withGroups(next, 'cook', ['stove']);
    const count = stoves ?? Math.ceil(people / PEOPLE_PER_STOVE);
    if (!next.groups.some((g) => g.kind === 'cook') && people > 0)
      next = addGroups(
        next,
        Array.from({ length: count }, (_v, i) => ({
          kind: 'cook',
          name: count === 1 ? 'Kitchen' : `Kitchen ${i + 1}`,
          stove: 'gasBurner',
          // Pots that are for all stand with the only kitchen there is.
          ...(count === 1 && openPotsL(next) > 0 ? { potL: openPotsL(next) } : {}),
        })),
      );
    next = intoKitchens(next);
  }
  return next;
}

/** Whether a step of grouping would place anybody. */
export function canGroup(trip: Trip): boolean {
  const next = groupParty(trip);
  return (
    next.groups.length > trip.groups.length ||
    next.members.some((m, i) => {
      const was = trip.members[i]!;
      return m.tentGroupId !== was.tentGroupId || m.cookGroupId !== was.cookGroupId;
    })
  );
}
