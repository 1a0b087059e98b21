/**
 * What can stay at home and what must come, by forecast and by history. Thresholds are Graft's own unless said; the safety
 * kit is never up for it. Spare clothing: for a weekend one pair of socks and one underwear, for longer a shirt as well
 * (common practice, no source).
 */
import type { LibraryEntry, Outing } from '../library/libraryModel.js';
import type { Member, PersonalThing, Piece, Thing, Trip } from '../trip/model.js';
import { allThings, ownThings } from '../trip/queries.js';
import { isSafetyKit } from '../trip/safetyKit.js';
import { addFor, entryById, leaveAtHome, names, ownersOf } from './cures.js';
import { findingId, type KitFinding } from './finding.js';
import { tripFacts, type TripFacts } from './tripFacts.js';

interface StayRule {
  readonly id: string;
  readonly is: (thing: Thing) => boolean;
  /** Stays when the facts allow it: the threshold in words, or undefined when it does not hold. */
  readonly stays: (facts: TripFacts) => string | undefined;
  /** How many of them each member keeps even so; the lightest are kept. */
  readonly keep: number;
}
const like = (pattern: RegExp) => (t: Thing) => pattern.test(t.name);
const c = (value: number): string => `${Math.round(value).toString().replace('-', '−')} °C`;

/** Nothing warm stays at home for a night that nobody knows, nor for snow, winter or a high camp. */
const atLeast = (f: TripFacts, limit: number, words: string): string | undefined =>
  f.coldestNightC !== undefined && f.nightsUnknown === 0 && !f.coldByNature && f.coldestNightC >= limit
    ? `${words} ${c(f.coldestNightC)}, from ${c(limit)} on it can stay`
    : undefined;

const STAY_RULES: readonly StayRule[] = [
  {
    id: 'second-warm-layer',
    is: (t) => t.purpose === 'warmLayer' && !/trousers/i.test(t.name),
    stays: (f) => atLeast(f, 5, 'one warm layer is enough: coldest night'),
    keep: 1,
  },
  {
    id: 'insulated-trousers',
    is: (t) => t.purpose === 'warmLayer' && /trousers/i.test(t.name),
    stays: (f) => atLeast(f, 0, 'coldest night'),
    keep: 0,
  },
  {
    id: 'warm-gloves',
    is: (t) => t.purpose === 'handsHead' && /warm gloves|gloves, warm|mittens|balaclava/i.test(t.name),
    stays: (f) => atLeast(f, 4, 'coldest night'),
    keep: 0,
  },
  {
    id: 'rain-trousers',
    is: like(/rain trousers/i),
    stays: (f) =>
      f.rainChance !== undefined && f.rainChance < 0.2 && f.daysUnknown === 0
        ? `rain is at most ${Math.round(f.rainChance * 100)} % likely on any day; below 20 % they can stay, the jacket never`
        : undefined,
    keep: 0,
  },
  {
    id: 'gaiters',
    is: like(/gaiters/i),
    stays: (f) =>
      !f.snow && f.rainChance !== undefined && f.rainChance < 0.3 && f.daysUnknown === 0
        ? `no snow, rain at most ${Math.round(f.rainChance * 100)} % likely; below 30 % they can stay`
        : undefined,
    keep: 0,
  },
  {
    id: 'nets',
    is: (t) => t.purpose === 'insectNet',
    stays: (f) =>
      f.insects === 'none'
        ? 'no insects are expected'
        : f.insects !== 'many' && f.coldestNightC !== undefined && f.coldestNightC < -2
          ? `nights down to ${c(f.coldestNightC)}: below −2 °C insects are gone`
          : undefined,
    keep: 0,
  },
  {
    id: 'liner',
    is: like(/sleeping bag liner/i),
    stays: (f) => atLeast(f, 8, 'coldest night'),
    keep: 0,
  },
  {
    id: 'spare-socks',
    is: like(/spare socks/i),
    stays: (f) =>
      f.nights <= 2
        ? `${f.nights} ${f.nights === 1 ? 'night' : 'nights'}: one spare pair is enough`
        : undefined,
    keep: 1,
  },
  {
    id: 'spare-shirt',
    is: like(/spare (shirt|base layer)|^shorts$|spare trousers/i),
    stays: (f) =>
      f.nights <= 2
        ? `${f.nights} ${f.nights === 1 ? 'night' : 'nights'}: a weekend needs socks and underwear only`
        : undefined,
    keep: 0,
  },
  {
    id: 'sun',
    is: (t) => t.purpose === 'sun' && /goggles/i.test(t.name),
    stays: (f) => (f.snow ? undefined : 'no snow on the way'),
    keep: 0,
  },
];

interface BringRule {
  readonly id: string;
  readonly name: string;
  readonly is: (thing: Thing) => boolean;
  readonly must: (facts: TripFacts) => string | undefined;
  readonly starterId: string;
}
const below = (f: TripFacts, limit: number): string | undefined => {
  if (f.coldestNightC !== undefined && f.coldestNightC < limit)
    return `coldest night ${c(f.coldestNightC)}: below ${c(limit)} it must come`;
  return f.coldByNature && f.nightsUnknown > 0 && f.plannedNightC < limit
    ? `snow, winter or a high camp, and no forecast: nights are taken as ${c(f.plannedNightC)}`
    : undefined;
};

const BRING_RULES: readonly BringRule[] = [
  {
    id: 'gloves',
    name: 'gloves',
    // Packed together with a jacket they count too.
    is: like(/glove|mitten/i),
    must: (f) => below(f, 2),
    starterId: 'own-gloves-thin',
  },
  {
    id: 'hat',
    name: 'a warm hat',
    is: (t) => t.purpose !== 'sun' && /\bhat\b|balaclava/i.test(t.name),
    must: (f) => below(f, 5),
    starterId: 'own-warm-hat',
  },
  {
    id: 'down',
    name: 'an insulated jacket',
    is: (t) => t.purpose === 'warmLayer' && t.massKg >= 0.3,
    must: (f) => below(f, 0),
    starterId: 'own-synthetic-jacket',
  },
  {
    id: 'trousers',
    name: 'rain trousers',
    is: like(/rain trousers|poncho/i),
    must: (f) =>
      f.rainChance !== undefined && f.rainChance >= 0.5
        ? `rain ${Math.round(f.rainChance * 100)} % likely on some day: from 50 % on they must come`
        : undefined,
    starterId: 'own-rain-trousers',
  },
  {
    id: 'net',
    name: 'an insect head net',
    is: (t) => t.purpose === 'insectNet',
    must: (f) => (f.insects === 'many' ? 'many insects are expected' : undefined),
    starterId: 'own-insect-head-net',
  },
  {
    id: 'goggles',
    name: 'sunglasses for snow',
    is: (t) => t.purpose === 'sun' && /glasses|goggles/i.test(t.name),
    must: (f) => (f.snow ? 'snow on the way: its light blinds' : undefined),
    starterId: 'own-sunglasses-in-a-case',
  },
];

/** Trips of a style without use, after which a thing may stay (common practice: dropped after 3 to 4). */
export const UNUSED_TRIPS = 3;

/** Unused on this many of the latest trips of a style, counted from the newest; a use ends the count. */
export function unusedInARow(outings: readonly Outing[], style: Trip['style']): number {
  const latest = outings.filter((o) => o.style === style).sort((a, b) => (a.date < b.date ? 1 : -1));
  const used = latest.findIndex((o) => o.used);
  return used < 0 ? latest.length : used;
}

/** What the forecast lets stay, what it asks for, and what three trips of this style never used. */
export function leaveBehindFindings(
  trip: Trip,
  library: readonly LibraryEntry[],
  listed: readonly Member[] = trip.members,
): readonly KitFinding[] {
  const facts = tripFacts(trip);
  return [
    ...askFindings(trip, facts),
    ...stayFindings(trip, facts),
    ...bringFindings(trip, facts, library, listed),
    ...historyFindings(trip, library),
  ];
}

/** Nights of which nothing is known, neither forecast nor place nor height: kit is chosen for cold ones, and it is asked. */
function askFindings(trip: Trip, facts: TripFacts): readonly KitFinding[] {
  const isUnknown =
    facts.nightsUnknown > 0 &&
    trip.place === undefined &&
    trip.legs.every((leg) => leg.campElevationM === undefined);
  if (!isUnknown || trip.members.length === 0) return [];
  return [
    {
      id: findingId('bring', 'unknown-nights'),
      kind: 'bring',
      weight: 'should',
      what: 'How cold are the nights? Nothing is known of them',
      why: `kit is chosen for ${c(facts.plannedNightC)} until a place, camp heights or nights are set at Trip`,
      memberIds: [],
      thingIds: [],
      cures: [],
    },
  ];
}

function stayFindings(trip: Trip, facts: TripFacts): readonly KitFinding[] {
  return STAY_RULES.flatMap((rule) => {
    const why = rule.stays(facts);
    if (why === undefined) return [];
    const spare = trip.members.flatMap((m) => {
      const own = ownThings(trip, m.id).filter(
        (t) => rule.is(t) && !isSafetyKit(t) && t.want !== 'required' && !t.worn,
      );
      // The warmest of the warm layers is the one that is kept.
      const order = [...own].sort((a, b) => b.massKg - a.massKg);
      return order.slice(rule.keep);
    });
    return spare.length === 0 ? [] : [stayFinding(trip, `forecast-${rule.id}`, spare, why)];
  });
}

/** That things can stay at home, with the cure. */
export function stayFinding(
  trip: Trip,
  id: string,
  spare: readonly (PersonalThing | Piece)[],
  why: string,
  weight: KitFinding['weight'] = 'could',
): KitFinding {
  const whose = ownersOf(trip, spare);
  const kinds = [...new Set(spare.map((t) => t.name))];
  const words = kinds.length <= 2 ? kinds.join(' and ') : `${kinds[0]} and ${kinds.length - 1} more`;
  return {
    id: findingId('leaveBehind', id),
    kind: 'leaveBehind',
    weight,
    what: `${words} can stay${whose.length === 0 ? '' : `: ${names(whose)}`}`,
    why,
    memberIds: whose.map((m) => m.id),
    thingIds: spare.map((t) => t.id),
    cures: [
      leaveAtHome(spare.length === 1 ? 'Leave it at home' : `Leave the ${spare.length} at home`, spare),
    ],
  };
}

function bringFindings(
  trip: Trip,
  facts: TripFacts,
  library: readonly LibraryEntry[],
  listed: readonly Member[],
): readonly KitFinding[] {
  return BRING_RULES.flatMap((rule): readonly KitFinding[] => {
    const why = rule.must(facts);
    if (why === undefined) return [];
    const without = listed.filter((m) => !ownThings(trip, m.id).some((t) => rule.is(t)));
    if (without.length === 0) return [];
    const entry = entryById(library, rule.starterId);
    return [
      {
        id: findingId('bring', rule.id),
        kind: 'bring',
        weight: 'must',
        what: `${names(without)} without ${rule.name}`,
        why,
        memberIds: without.map((m) => m.id),
        thingIds: [],
        cures: [
          addFor(
            entry,
            without.map((m) => m.id),
            names(without),
            'required',
          ),
        ],
      },
    ];
  });
}

function historyFindings(trip: Trip, library: readonly LibraryEntry[]): readonly KitFinding[] {
  const least = trip.leaveAfterTrips ?? UNUSED_TRIPS;
  const unused = new Map(
    library.flatMap((e) => {
      if (e.kind === 'dish') return [];
      const trips = unusedInARow(e.outings, trip.style);
      return trips >= least ? [[e.id, trips] as const] : [];
    }),
  );
  if (unused.size === 0) return [];
  const byEntry = new Map<string, (PersonalThing | Piece)[]>();
  for (const thing of allThings(trip)) {
    const { libraryId } = thing;
    if (libraryId === undefined || !unused.has(libraryId) || isSafetyKit(thing)) continue;
    if ('want' in thing && thing.want === 'required') continue;
    byEntry.set(libraryId, [...(byEntry.get(libraryId) ?? []), thing]);
  }
  return [...byEntry].map(([entryId, things]) =>
    stayFinding(
      trip,
      `unused-${entryId}`,
      things,
      `unused on the last ${unused.get(entryId)} trips of this style; after ${least} a thing may stay`,
    ),
  );
}
