/** What a list by the trip's style and weather would add: a proposal names only what is not there yet. */
import type { KitEntry, LibraryEntry, ThingEntry } from '../library/libraryModel.js';
import { starterLibrary } from '../library/starterLibrary.js';
import type { Member, PartyGroup, Purpose, Thing, Trip, Want } from '../trip/model.js';
import { allPieces, ownThings } from '../trip/queries.js';
import { groupParty } from './groupParty.js';
import { giveEach, giveGroup, giveKit } from './takeFromLibrary.js';
import { tripFacts, type TripFacts } from './tripFacts.js';
import { needNotCome } from './supplied.js';
import { isSameName } from '../trip/names.js';
import { applies, EACH, isOldEnough, PARTY, type TemplateLine } from './templateLines.js';

export interface Proposal {
  /** Unique among the proposals. */
  readonly id: string;
  readonly entry: ThingEntry | KitEntry;
  readonly want: Want;
  readonly why: string;
  /** Members who lack it; empty for what the group gets. */
  readonly memberIds: readonly string[];
  /** The tent or cook group that a kit is for. */
  readonly groupId?: string;
  readonly count: number;
  readonly changeKg: number;
}

/** Purposes of which one thing is enough, whatever it is called. */
const ONE_IS_ENOUGH: readonly Purpose[] = [
  'sleepingBag',
  'mat',
  'light',
  'signal',
  'tableware',
  'beacon',
  'tarp',
  'walkingPoles',
  'foodContainer',
  'insectNet',
];

/** Things that do an entry's job under another name, or packed together with others. */
const SAME_THING: readonly (readonly [entry: RegExp, thing: (t: Thing) => boolean])[] = [
  [/sleeping bag, 20 L/i, (t) => /dry ?bag/i.test(t.name) && t.holds?.meantFor !== 'clothes'],
  [/jacket|fleece/i, (t) => t.purpose === 'warmLayer' && !/trousers/i.test(t.name)],
  [/gloves/i, (t) => /glove|mitten/i.test(t.name)],
  [/warm hat/i, (t) => t.purpose !== 'sun' && /\bhat\b/i.test(t.name)],
  [/toothbrush/i, (t) => /wash ?kit|toothbrush/i.test(t.name)],
  [/spare socks|spare underwear|night clothes/i, (t) => /spare and night|night clothes/i.test(t.name)],
];

/** Whether a thing stands for an entry: taken from it, of its name, or of its kind. */
function covers(thing: Thing, entry: ThingEntry): boolean {
  if (thing.libraryId === entry.id || isSameName(thing.name, entry.name)) return true;
  const alike = SAME_THING.find(([name]) => name.test(entry.name) && entry.thing.purpose !== 'rainwear')?.[1];
  if (alike?.(thing) === true) return true;
  if (thing.purpose !== entry.thing.purpose) return false;
  if (ONE_IS_ENOUGH.includes(thing.purpose)) return true;
  const [first] = entry.name.toLowerCase().split(/[,\s]/);
  return first !== undefined && first.length > 3 && thing.name.toLowerCase().includes(first);
}

/** What a list by the trip's style and weather would add to what is there. */
export function proposeKit(given: Trip, library: readonly LibraryEntry[]): readonly Proposal[] {
  // Shelter and stoves are of groups: those that would be made where there are none.
  const trip = groupsOf(given);
  const facts = tripFacts(trip);
  const pieces = allPieces(trip);
  const entryOf = (id: string): ThingEntry | undefined => {
    const entry = [...library, ...starterLibrary()].find(
      (e): e is ThingEntry => e.kind === 'thing' && e.id === id,
    );
    const isSupplied =
      entry !== undefined && needNotCome(trip, { ...entry.thing, name: entry.name }, library);
    return isSupplied ? undefined : entry;
  };
  const isFor = (line: TemplateLine): boolean => applies(line, facts, trip);
  const each = EACH.filter(isFor).flatMap((line): readonly Proposal[] => {
    const entry = entryOf(line.starterId);
    if (entry === undefined) return [];
    const without = trip.members.filter(
      (m) => isOldEnough(line, m) && !ownThings(trip, m.id).some((t) => covers(t, entry)),
    );
    if (without.length === 0) return [];
    return [
      {
        id: line.starterId,
        entry,
        want: line.want,
        why: line.why,
        memberIds: without.map((m) => m.id),
        count: without.length,
        changeKg: entry.worn ? 0 : without.length * entry.thing.massKg,
      },
    ];
  });
  const party = PARTY.filter(isFor).flatMap((line): readonly Proposal[] => {
    const entry = entryOf(line.starterId);
    if (entry === undefined || trip.members.length === 0) return [];
    const wanted = Math.max(1, Math.ceil(trip.members.length / (line.per ?? Infinity)));
    const have = pieces.filter((p) => covers(p, entry)).length;
    if (have >= wanted) return [];
    const count = wanted - have;
    return [
      {
        id: line.starterId,
        entry,
        want: line.want,
        why: line.why,
        memberIds: [],
        count,
        changeKg: count * entry.thing.massKg,
      },
    ];
  });
  return [...kitProposals(trip, facts, library), ...party, ...each];
}

/** Tents for tent groups without one, cook sets for cook groups without a stove. */
function kitProposals(trip: Trip, facts: TripFacts, library: readonly LibraryEntry[]): readonly Proposal[] {
  const kits = [
    ...library.filter((e): e is KitEntry => e.kind === 'kit'),
    ...starterLibrary().filter((e): e is KitEntry => e.kind === 'kit'),
  ];
  const pieces = allPieces(trip);
  const lacks = (group: PartyGroup, purposes: readonly Purpose[]): boolean =>
    !pieces.some((p) => (p.onlyGroupId ?? group.id) === group.id && purposes.includes(p.purpose));
  const membersOf = (group: PartyGroup): readonly Member[] =>
    trip.members.filter((m) => (group.kind === 'tent' ? m.tentGroupId : m.cookGroupId) === group.id);
  return trip.groups.flatMap((group): readonly Proposal[] => {
    const people = membersOf(group).length;
    if (people === 0) return [];
    const wanted = group.kind === 'tent' ? facts.tents && facts.nights > 0 : facts.cooks && facts.nights > 0;
    if (!wanted || !lacks(group, group.kind === 'tent' ? ['tentBody', 'tentFly'] : ['stove'])) return [];
    // The smallest that is large enough, or the largest there is; a group that said its stove keeps to it.
    const size = (kit: KitEntry): number =>
      group.kind === 'tent' ? (kit.sleeps ?? 0) : (kit.potL ?? 0) / 0.6;
    const fit = kits
      .filter(
        (k) =>
          k.groupKind === group.kind &&
          (group.stove === undefined || group.kind === 'tent' || k.stove === group.stove),
      )
      .sort((a, b) => size(a) - size(b));
    // A group that said how many its tent sleeps gets such a tent.
    const wants = group.kind === 'tent' ? Math.max(people, group.sleeps ?? 0) : people;
    const kit = fit.find((k) => size(k) >= wants - 1e-9) ?? fit[fit.length - 1];
    if (kit === undefined) return [];
    return [
      {
        id: `${kit.id}/${group.id}`,
        entry: kit,
        want: 'required',
        why: group.kind === 'tent' ? `${people} sleep in ${group.name}` : `${people} cook in ${group.name}`,
        memberIds: [],
        groupId: group.id,
        count: 1,
        changeKg: kit.pieces.reduce((sum, p) => sum + p.thing.massKg, 0),
      },
    ];
  });
}

function groupsOf(trip: Trip): Trip {
  return trip.groups.length === 0 ? groupParty(trip) : trip;
}

/** Put proposals onto the lists; groups that they are for are made where there are none. */
export function takeProposals(trip: Trip, proposals: readonly Proposal[]): Trip {
  const start = proposals.some((p) => p.groupId !== undefined) ? groupsOf(trip) : trip;
  return proposals.reduce((next, { entry, memberIds, groupId, want, count }) => {
    if (entry.kind === 'kit') return giveKit(next, entry, groupId);
    return memberIds.length > 0 ? giveEach(next, entry, memberIds, want) : giveGroup(next, entry, count);
  }, start);
}
