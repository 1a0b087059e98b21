/**
 * Where somebody always keeps a thing of their own: the same place on the last trips on which they stowed it. Habits are
 * offered, and kept by pinning; a stow that drifts from one is told so.
 */
import type { Placement, Side, Thing, Trip, Zone, ZoneKind } from '../trip/model.js';
import { isSameName, nameKey } from '../trip/names.js';
import { isPersonal, packOf } from '../trip/queries.js';
import { zonesThatTake } from './fitsPack.js';
import { placeAt } from './placeAt.js';
import type { StowProblem } from './stowProblem.js';
import { isEaten } from './thingKinds.js';

/** Where a thing was on an earlier trip: what the rest of that pack was like does not matter. */
export interface PlaceBefore {
  readonly name: string;
  readonly libraryId?: string;
  readonly kind: ZoneKind;
  readonly side: Side;
}
/** Where people, known by their names, kept their things on an earlier trip of the same leader. */
export interface PlacesBefore {
  readonly id: string;
  readonly name: string;
  /** ISO date. */
  readonly startDate: string;
  readonly members: readonly { readonly name: string; readonly places: readonly PlaceBefore[] }[];
}
export interface Habit {
  readonly thing: Thing;
  /** Zones of this pack that are that place, and take the thing; at least one. */
  readonly zones: readonly Zone[];
  /** The trips that show it, the latest first. */
  readonly trips: readonly string[];
  /** Where it is now; undefined when nowhere. */
  readonly now: Zone | undefined;
  readonly isPinned: boolean;
  /** It is there now. */
  readonly isKept: boolean;
}

/** So many trips in a row make a habit (Graft's own number). */
export const HABIT_TRIPS = 3;
/** A pocket that there is twice is two places. */
const PAIRED: readonly ZoneKind[] = ['side', 'hipBelt', 'strap'];

/** Where some people kept their things on another trip; undefined when none of them packed. */
export function placesOn(other: Trip, names: readonly string[]): PlacesBefore['members'] | undefined {
  const wanted = new Set(names.map(nameKey));
  // The group's things and food change from trip to trip.
  const own = other.personalThings.filter((t) => !isEaten(t));
  const things = new Map<string, Thing>(own.map((t) => [t.id, t]));
  const members = other.members
    .filter((m) => wanted.has(nameKey(m.name)))
    .flatMap((member) => {
      const zones = new Map(packOf(other, member).zones.map((z) => [z.id, z]));
      const placements = other.stows.find((s) => s.memberId === member.id)?.placements ?? [];
      const places = placements.flatMap(({ thingId, zoneId }): readonly PlaceBefore[] => {
        const [thing, zone] = [things.get(thingId), zones.get(zoneId)];
        if (thing === undefined || zone === undefined) return [];
        const { name, libraryId } = thing;
        return [
          { name, ...(libraryId === undefined ? {} : { libraryId }), kind: zone.kind, side: zone.side },
        ];
      });
      return places.length === 0 ? [] : [{ name: member.name, places }];
    });
  return members.length === 0 ? undefined : members;
}

/**
 * A member's habits that their pack can follow, those first that the stow drifts from.
 *
 * @param before earlier trips, in any order; those that are not before this one do not count
 * @param placements the member's stow
 */
export function habitsOf(
  trip: Trip,
  problem: StowProblem,
  placements: readonly Placement[],
  before: readonly PlacesBefore[],
): readonly Habit[] {
  const { name } = problem.member;
  const own = before
    .filter((t) => t.startDate < trip.startDate)
    .sort((a, b) => (a.startDate < b.startDate ? 1 : -1))
    .flatMap((t) => t.members.filter((m) => isSameName(m.name, name)).map((m) => ({ trip: t.name, ...m })));
  const habits = problem.things.flatMap(({ thing }): readonly Habit[] => {
    // What rides in something is where that is.
    if (problem.inside.has(thing.id) || !isPersonal(thing) || isEaten(thing)) return [];
    const was = own.flatMap((o) => {
      const place = o.places.find((p) => isSameThing(p, thing));
      return place === undefined ? [] : [{ trip: o.trip, place }];
    });
    const last = was.slice(0, HABIT_TRIPS);
    const [usual] = last;
    if (usual === undefined || last.length < HABIT_TRIPS) return [];
    if (!last.every(({ place }) => isSamePlace(place, usual.place))) return [];
    const zones = zonesThatTake(thing, problem.pack).filter((z) => isSamePlace(usual.place, z));
    if (zones.length === 0) return [];
    const placement = placements.find((p) => p.thingId === thing.id);
    const now = problem.pack.zones.find((z) => z.id === placement?.zoneId);
    return [
      {
        thing,
        zones,
        trips: last.map((l) => l.trip),
        now,
        isPinned: placement?.pinned === true,
        isKept: now !== undefined && zones.includes(now),
      },
    ];
  });
  return habits.sort((a, b) => Number(a.isKept) - Number(b.isKept));
}

function isSameThing({ libraryId, name }: PlaceBefore, thing: Thing): boolean {
  return (libraryId !== undefined && libraryId === thing.libraryId) || isSameName(name, thing.name);
}
function isSamePlace(a: Pick<Zone, 'kind' | 'side'>, b: Pick<Zone, 'kind' | 'side'>): boolean {
  return a.kind === b.kind && (!PAIRED.includes(a.kind) || a.side === b.side);
}

/** A stow with a thing at its usual place, where it stays when the pack is planned anew. */
export function keepHabit(
  problem: StowProblem,
  placements: readonly Placement[],
  { thing, zones, isKept }: Habit,
): readonly Placement[] {
  if (isKept) return placements.map((p) => (p.thingId === thing.id ? { ...p, pinned: true } : p));
  const [zone] = zones;
  return placeAt(problem, placements, thing.id, { zoneId: zone!.id, side: zone!.side, pinned: true });
}
