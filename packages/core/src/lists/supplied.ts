/**
 * What the destination supplies is kit there, and is not carried to it. Where every night is spent there, as in huts, the
 * lists do not propose it and the checks count it; on other trips it may still be wanted on the way. What is to be asked
 * first, or is no good, counts as nothing (common practice, no source).
 */
import type { LibraryEntry } from '../library/libraryModel.js';
import type { Purpose, Supply, Thing, Trip } from '../trip/model.js';
import { allThings, isPersonal } from '../trip/queries.js';
import { isSafetyKit } from '../trip/safetyKit.js';
import { leaveAtHome, names, ownersOf } from './cures.js';
import { findingId, type KitFinding } from './finding.js';
import { guessFacts } from './guessFacts.js';

/** What places to stay have, in the words that people use for it. */
const THERE: readonly (readonly [RegExp, readonly Purpose[]])[] = [
  [/\b(kitchen|cooking (kit|things|gear))/i, ['stove', 'pot', 'tableware', 'fuel']],
  [/\b(stoves?|cookers?|hobs?|oven)\b/i, ['stove']],
  [/\b(pots?|pans?|kettles?|cookware)\b/i, ['pot']],
  [/\b(plates?|mugs?|cups?|bowls?|cutlery|crockery|tableware|spoons?)\b/i, ['tableware']],
  [/\b(gas|fuel|fire ?wood|wood)\b/i, ['fuel']],
  [/\b(blankets?|duvets?|bedding|quilts?|sleeping bags?)\b/i, ['sleepingBag']],
  [/\b(mattress(es)?|beds?|bunks?|mats?)\b/i, ['mat']],
  [/\b(meals?|dinners?|half board|full board|food)\b/i, ['food']],
  [/\b(slippers|hut shoes)\b/i, ['spareClothing']],
];

/** Purposes that a supply's name stands for. */
function purposesOf({ name }: Supply, library: readonly LibraryEntry[]): readonly Purpose[] {
  const said = THERE.flatMap(([words, purposes]) => (words.test(name) ? purposes : []));
  if (said.length > 0) return said;
  const guess = guessFacts(name, library);
  return guess.libraryId === undefined || guess.facts.purpose === 'other' ? [] : [guess.facts.purpose];
}

type Named = Pick<Thing, 'name' | 'needed' | 'purpose'>;

/** A liner is one's own in other people's blankets; slippers are no spare shirt. */
function isOfSupply(thing: Named, purpose: Purpose): boolean {
  if (thing.purpose !== purpose || /\bliner\b/i.test(thing.name)) return false;
  return purpose !== 'spareClothing' || /shoes|slippers/i.test(thing.name);
}

/** Used where one sleeps or eats, and no safety kit: the destination's own does as well. */
function isForCamp(thing: Named): boolean {
  return (thing.needed === 'camp' || thing.needed === 'firstInCamp') && !isSafetyKit(thing);
}

/** Every night is spent where things are supplied. */
function staysThere(trip: Trip): boolean {
  return trip.style === 'hut';
}

/** What does a thing's job at the destination, for sure; undefined when nothing does. */
function suppliedFor(trip: Trip, thing: Named, library: readonly LibraryEntry[]): Supply | undefined {
  if (!isForCamp(thing)) return undefined;
  return trip.supplies.find(
    (s) => s.state === 'sure' && purposesOf(s, library).some((purpose) => isOfSupply(thing, purpose)),
  );
}

/** Whether a list need not hold a thing, since all nights are spent where it is supplied. */
export function needNotCome(trip: Trip, thing: Named, library: readonly LibraryEntry[]): boolean {
  return staysThere(trip) && suppliedFor(trip, thing, library) !== undefined;
}

/** Whether something of a purpose is there every night, without being carried. */
export function isThere(
  trip: Trip,
  is: (thing: Thing) => boolean,
  library: readonly LibraryEntry[],
): boolean {
  if (!staysThere(trip)) return false;
  const sure = trip.supplies.filter((s) => s.state === 'sure');
  return sure.some((s) =>
    purposesOf(s, library).some((purpose) =>
      is({
        ...AT_DESTINATION,
        name: s.name,
        purpose,
        flags: purpose === 'fuel' ? ['gasFuel', 'liquidFuel'] : [],
      }),
    ),
  );
}
const AT_DESTINATION: Thing = {
  id: 'at-destination',
  name: '',
  massKg: 0,
  massEstimated: true,
  volumeL: 0,
  shape: { kind: 'pouch' },
  flags: [],
  needed: 'camp',
  purpose: 'other',
};

/** Carried to where it is anyway: one finding a supply. */
export function suppliedFindings(trip: Trip, library: readonly LibraryEntry[]): readonly KitFinding[] {
  if (trip.supplies.length === 0) return [];
  const carried = allThings(trip).filter((t) => !(isPersonal(t) && t.worn) && t.madeBy === undefined);
  return trip.supplies.flatMap((supply): readonly KitFinding[] => {
    const things = carried.filter((t) => suppliedFor(trip, t, library) === supply);
    if (things.length === 0) return [];
    const whose = ownersOf(trip, things);
    const kinds = [...new Set(things.map((t) => t.name))];
    const what = kinds.length <= 2 ? kinds.join(' and ') : `${kinds[0]} and ${kinds.length - 1} more`;
    return [
      {
        id: findingId('leaveBehind', `supplied-${supply.id}`),
        kind: 'leaveBehind',
        weight: staysThere(trip) ? 'should' : 'could',
        what: `${what} can stay${whose.length === 0 ? '' : `: ${names(whose)}`}`,
        why: staysThere(trip)
          ? `the destination has it: ${supply.name}`
          : `the destination has it: ${supply.name}; keep what is wanted on the way there`,
        memberIds: whose.map((m) => m.id),
        thingIds: things.map((t) => t.id),
        cures: [
          leaveAtHome(
            things.length === 1 ? 'Leave it at home' : `Leave the ${things.length} at home`,
            things,
          ),
        ],
      },
    ];
  });
}
