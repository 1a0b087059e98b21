/**
 * The essentials: what every member and every party should have with it, whatever the list says (common practice, no
 * source): navigation, light, sun, warmth, first aid, fire, repair, food, water, shelter.
 */
import type { LibraryEntry } from '../library/libraryModel.js';
import type { Member, PersonalThing, Purpose, Thing, Trip } from '../trip/model.js';
import { allPieces, allThings } from '../trip/queries.js';
import { addFor, addToGroup, entryById, names } from './cures.js';
import { isLighter } from './lighter.js';
import { isThere } from './supplied.js';
import { findingId, type Cure, type KitFinding } from './finding.js';
import { tripFacts, type TripFacts } from './tripFacts.js';

interface Essential {
  readonly id: string;
  readonly name: string;
  readonly why: string;
  /** Whether it is wanted on such a trip at all. */
  readonly when: (facts: TripFacts) => boolean;
  readonly is: (thing: Thing) => boolean;
  /** Every member has one of their own. */
  readonly each: boolean;
  /** The party has so many, of its own and of its members together. */
  readonly party: (people: number) => number;
  /** The entry of the starter library that covers it. */
  readonly starterId: string;
}

const forAnything = (): boolean => true;
const purpose =
  (...purposes: readonly Purpose[]) =>
  (thing: Thing): boolean =>
    purposes.includes(thing.purpose);

export const ESSENTIALS: readonly Essential[] = [
  {
    id: 'navigation',
    name: 'navigation',
    why: 'two independent ways to find the way: a map and a phone, or two devices',
    when: forAnything,
    is: purpose('navigation'),
    each: false,
    party: () => 2,
    starterId: 'own-map-and-compass',
  },
  {
    id: 'light',
    name: 'light',
    why: 'a late arrival is a dark one: everybody has a light of their own',
    when: forAnything,
    is: purpose('light'),
    each: true,
    party: () => 0,
    starterId: 'own-head-torch',
  },
  {
    id: 'sun',
    name: 'protection from the sun',
    why: 'one sun cream, hat or pair of glasses each',
    when: (f) => f.snow || (f.warmestDayC ?? 0) >= 15,
    is: purpose('sun'),
    each: true,
    party: () => 0,
    starterId: 'own-sun-cream-small',
  },
  {
    id: 'warmth',
    name: 'a warm layer',
    why: 'for a long stop, whatever the forecast says',
    when: forAnything,
    is: purpose('warmLayer'),
    each: true,
    party: () => 0,
    starterId: 'own-light-fleece',
  },
  {
    id: 'rain',
    name: 'a rain jacket',
    why: 'wet and wind together chill at any season',
    when: forAnything,
    is: purpose('rainwear'),
    each: true,
    party: () => 0,
    starterId: 'own-rain-jacket',
  },
  {
    id: 'first-aid-own',
    name: 'own small first aid',
    why: 'a mini kit on everyone; the group’s kit may be with somebody else',
    when: forAnything,
    is: purpose('firstAid'),
    each: true,
    party: () => 0,
    starterId: 'own-own-small-first-aid',
  },
  {
    id: 'first-aid',
    name: 'a group first-aid kit',
    why: 'one for the party, beside everybody’s own',
    when: (f) => f.days > 0,
    is: (t) => isGroupFirstAid(t),
    each: false,
    party: (people) => (people > 2 ? 1 : 0),
    starterId: 'group-group-first-aid-up-to-4',
  },
  {
    id: 'signal',
    name: 'a whistle',
    why: 'heard when nobody is seen',
    when: forAnything,
    is: (t) => t.purpose === 'signal' || t.purpose === 'beacon',
    each: false,
    party: () => 1,
    starterId: 'own-whistle',
  },
  {
    id: 'fire',
    name: 'fire',
    why: 'a lighter fails one day: two in the party where meals are cooked',
    when: forAnything,
    is: isLighter,
    each: false,
    party: (people) => (people > 1 ? 2 : 1),
    starterId: 'own-lighter',
  },
  {
    id: 'repair',
    name: 'repair kit',
    why: 'tape, cord and thread for straps, poles and mats',
    when: forAnything,
    is: purpose('repair'),
    each: false,
    party: () => 1,
    starterId: 'own-own-repair-kit-tape-thread-patch',
  },
  {
    id: 'knife',
    name: 'a knife',
    why: 'one in the party',
    when: (f) => f.nights > 0,
    is: (t) => t.purpose === 'knife' || /multi-?tool/i.test(t.name),
    each: false,
    party: () => 1,
    starterId: 'own-pocket-knife',
  },
  {
    id: 'treatment',
    name: 'water treatment',
    why: 'and a second way, in case it breaks or freezes',
    when: (f) => f.nights > 0,
    is: purpose('filter'),
    each: false,
    party: () => 2,
    starterId: 'group-water-tablets',
  },
  {
    id: 'shelter',
    name: 'an emergency shelter',
    why: 'on a day without tents somebody may have to sit it out',
    when: (f) => !f.tents,
    is: purpose('emergencyShelter', 'tarp', 'tentFly'),
    each: false,
    party: () => 1,
    starterId: 'own-emergency-bag',
  },
];

/** A first-aid kit for several people, by its mass (Graft's own line). */
export function isGroupFirstAid(thing: Thing): boolean {
  return thing.purpose === 'firstAid' && thing.massKg >= GROUP_FIRST_AID_KG;
}
const GROUP_FIRST_AID_KG = 0.35;

/**
 * What is missing of the essentials, with a cure out of the library.
 *
 * @param listed members whose own things are on a list: of others nobody can say what they lack
 */
export function essentialFindings(
  trip: Trip,
  library: readonly LibraryEntry[],
  listed: readonly Member[] = trip.members,
): readonly KitFinding[] {
  if (trip.members.length === 0) return [];
  const facts = tripFacts(trip);
  const pieces = allPieces(trip);
  const byMember = new Map<string, PersonalThing[]>(trip.members.map((m) => [m.id, []]));
  for (const thing of trip.personalThings) byMember.get(thing.memberId)?.push(thing);
  return [
    ...ESSENTIALS.filter((e) => e.when(facts)).flatMap((e) =>
      essentialFinding(trip, e, library, byMember, listed),
    ),
    ...(isThere(trip, purpose('food'), library) ? [] : foodFindings(trip, pieces, byMember)),
    ...sleeperFindings(trip, facts, pieces),
  ];
}

function essentialFinding(
  trip: Trip,
  e: Essential,
  library: readonly LibraryEntry[],
  byMember: ReadonlyMap<string, readonly PersonalThing[]>,
  listed: readonly Member[],
): readonly KitFinding[] {
  const entry = entryById(library, e.starterId);
  if (e.each) {
    const without = listed.filter((m) => !byMember.get(m.id)!.some(e.is));
    if (without.length === 0) return [];
    const whom = without.length === 1 ? without[0]!.name : `${without.length} members`;
    const cure = addFor(
      entry,
      without.map((m) => m.id),
      whom,
      'required',
    );
    return [finding(e, `${names(without)} without ${e.name}`, without, [cure])];
  }
  // What somebody may have among things that no list names is not called missing.
  if (entry.use === 'each' && listed.length < trip.members.length) return [];
  const wanted = e.party(trip.members.length);
  const have = allThings(trip).filter(e.is).length;
  if (have >= wanted) return [];
  const missing = wanted - have;
  // One after another, and round again where the party is smaller than what it lacks.
  const those = Array.from({ length: missing }, (_v, i) => trip.members[i % trip.members.length]!);
  const cure =
    entry.use === 'group'
      ? addToGroup(entry, missing)
      : addFor(
          entry,
          those.map((m) => m.id),
          those[0]!.name,
        );
  const what =
    have === 0
      ? `The party has no ${e.name.replace(/^an? /, '')}`
      : `The party has ${have} of ${wanted}: ${e.name}`;
  return [finding(e, what, [], [cure])];
}

function finding(e: Essential, what: string, members: readonly Member[], cures: readonly Cure[]): KitFinding {
  return {
    id: findingId('essential', e.id),
    kind: 'essential',
    weight: 'must',
    what,
    why: e.why,
    memberIds: members.map((m) => m.id),
    thingIds: [],
    cures,
  };
}

/** Members of whom no food is known: neither their own nor a parcel that is open to them. */
function foodFindings(
  trip: Trip,
  pieces: readonly (Thing & { readonly onlyGroupId?: string })[],
  byMember: ReadonlyMap<string, readonly PersonalThing[]>,
): readonly KitFinding[] {
  const isFood = (t: Thing): boolean => t.purpose === 'food' || t.purpose === 'snack';
  const food = pieces.filter(isFood);
  const without = trip.members.filter(
    (m) =>
      !byMember.get(m.id)!.some(isFood) &&
      !food.some((p) => p.onlyGroupId === undefined || p.onlyGroupId === m.cookGroupId),
  );
  if (without.length === 0) return [];
  return [
    {
      id: findingId('essential', 'food'),
      kind: 'essential',
      weight: 'must',
      what: `${names(without)} without food`,
      why: 'plan meals and snacks at Food, or add food to their lists',
      memberIds: without.map((m) => m.id),
      thingIds: [],
      cures: [],
    },
  ];
}

/** Members who sleep under nothing: in no tent group that has a tent, on a trip with camps. */
function sleeperFindings(
  trip: Trip,
  facts: TripFacts,
  pieces: readonly (Thing & { readonly onlyGroupId?: string })[],
): readonly KitFinding[] {
  if (!facts.tents || facts.nights === 0) return [];
  const roofs = pieces.filter((p) => ['tentBody', 'tentFly', 'tarp'].includes(p.purpose));
  const own = new Set(
    trip.personalThings
      .filter((t) => ['tentBody', 'tentFly', 'tarp', 'emergencyShelter'].includes(t.purpose))
      .map((t) => t.memberId),
  );
  const without = trip.members.filter(
    (m) =>
      !own.has(m.id) && !roofs.some((p) => p.onlyGroupId === undefined || p.onlyGroupId === m.tentGroupId),
  );
  if (without.length === 0) return [];
  return [
    {
      id: findingId('essential', 'tent'),
      kind: 'essential',
      weight: 'must',
      what: `${names(without)} without a place under a roof at night`,
      why: 'add a tent for their tent group, or put them into a group that has one',
      memberIds: without.map((m) => m.id),
      thingIds: [],
      cures: [],
    },
  ];
}
