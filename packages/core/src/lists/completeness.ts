/** Kits that are of no use without something else: a stove without its fuel, a tent without pegs, a torch without cells. */
import type { LibraryEntry } from '../library/libraryModel.js';
import {
  COMPANIONS,
  type Companion,
  type Member,
  type PersonalThing,
  type Piece,
  type Thing,
  type Trip,
} from '../trip/model.js';
import { allThings, isPersonal } from '../trip/queries.js';
import { addFor, addToGroup, entryById } from './cures.js';
import { isLighter } from './lighter.js';
import { COMPANION_WORDS } from './companionWords.js';
import { isThere } from './supplied.js';
import { findingId, type Cure, type KitFinding } from './finding.js';

/** What a thing is for others. */
export const PROVIDES: Readonly<Record<Companion, (thing: Thing) => boolean>> = {
  gas: (t) => t.purpose === 'fuel' && t.flags.includes('gasFuel'),
  liquidFuel: (t) => t.purpose === 'fuel' && t.flags.includes('liquidFuel'),
  tentPoles: (t) => t.purpose === 'tentPoles',
  tentPegs: (t) => t.purpose === 'tentPegs',
  walkingPoles: (t) => t.purpose === 'walkingPoles',
  cells: (t) => t.purpose === 'power',
  lighter: isLighter,
  stove: (t) => t.purpose === 'stove',
  pot: (t) => t.purpose === 'pot',
};
/** What the library offers for a missing one; fuel comes from Larder. */
const STARTERS: Partial<Readonly<Record<Companion, string>>> = {
  walkingPoles: 'own-walking-poles-pair',
  cells: 'group-spare-cells',
  lighter: 'own-lighter',
};
/** Found where they are used, within the group that uses the thing; the others anywhere in the party. */
const WITHIN_GROUP: readonly Companion[] = [
  'gas',
  'liquidFuel',
  'tentPoles',
  'tentPegs',
  'walkingPoles',
  'stove',
  'pot',
];

/** Who uses a thing: its owner, its group, or everybody. */
function users(trip: Trip, thing: Piece | PersonalThing): readonly Member[] {
  if (isPersonal(thing)) return trip.members.filter((m) => m.id === thing.memberId);
  const { onlyGroupId } = thing;
  if (onlyGroupId === undefined) return trip.members;
  return trip.members.filter((m) => m.tentGroupId === onlyGroupId || m.cookGroupId === onlyGroupId);
}

/** Everything that is missing to make a thing of use, one finding a companion and group. */
export function completenessFindings(trip: Trip, library: readonly LibraryEntry[]): readonly KitFinding[] {
  const all: readonly (Piece | PersonalThing)[] = allThings(trip);
  const missing = new Map<
    string,
    { need: Companion; things: (Piece | PersonalThing)[]; members: readonly Member[] }
  >();
  // Few things are of use to others: who has one is looked up among those, not among all.
  const providers = new Map(COMPANIONS.map((need) => [need, all.filter(PROVIDES[need])]));
  for (const thing of all) {
    for (const need of thing.needs ?? []) {
      const who = users(trip, thing);
      const ids = new Set(who.map((m) => m.id));
      const within = WITHIN_GROUP.includes(need);
      const there = providers.get(need)!.some((t) => {
        if (t.id === thing.id) return false;
        if (!within) return true;
        return isPersonal(t)
          ? ids.has(t.memberId)
          : t.onlyGroupId === undefined || users(trip, t).some((m) => ids.has(m.id));
      });
      if (there || isThere(trip, PROVIDES[need], library)) continue;
      const scope = within ? (isPersonal(thing) ? thing.memberId : (thing.onlyGroupId ?? 'party')) : 'party';
      const key = `${need}/${scope}`;
      const known = missing.get(key);
      if (known === undefined) missing.set(key, { need, things: [thing], members: who });
      else known.things.push(thing);
    }
  }
  return [...missing].map(([key, { need, things, members }]): KitFinding => {
    const starter = STARTERS[need];
    const cures: Cure[] = [];
    const first = members[0] ?? trip.members[0];
    if (starter !== undefined && first !== undefined) {
      const entry = entryById(library, starter);
      cures.push(entry.use === 'group' ? addToGroup(entry) : addFor(entry, [first.id], first.name));
    }
    const [one] = things;
    const more = things.length > 1 ? ` and ${things.length - 1} more` : '';
    return {
      id: findingId('incomplete', key),
      kind: 'incomplete',
      weight: need === 'cells' ? 'should' : 'must',
      what: `${one!.name}${more} without ${COMPANION_WORDS[need]}`,
      why:
        need === 'walkingPoles'
          ? 'the shelter stands on somebody’s walking poles: nobody who sleeps in it carries any'
          : need === 'gas' || need === 'liquidFuel'
            ? 'plan canisters at Food'
            : 'of no use without it',
      memberIds: things.flatMap((t) => (isPersonal(t) ? [t.memberId] : [])),
      thingIds: things.map((t) => t.id),
      cures,
    };
  });
}
