/** What cures of findings are made of: leaving things at home, adding an entry of the library for somebody or the group. */
import type { LibraryEntry, ThingEntry } from '../library/libraryModel.js';
import { starterLibrary } from '../library/starterLibrary.js';
import { removeThings } from '../trip/changes.js';
import type { Member, PersonalThing, Piece, Trip, Want } from '../trip/model.js';
import { isPersonal } from '../trip/queries.js';
import type { Cure } from './finding.js';
import { giveEach, giveGroup } from './takeFromLibrary.js';
import { inSentence } from '../units/format.js';

/** An entry of a library, or of the starter library where the leader has taken it out. */
export function entryById(library: readonly LibraryEntry[], id: string): ThingEntry {
  const find = (entries: readonly LibraryEntry[]): ThingEntry | undefined =>
    entries.find((e): e is ThingEntry => e.kind === 'thing' && e.id === id);
  const entry = find(library) ?? find(starterLibrary());
  if (entry === undefined) throw new Error(`Broken invariant: the starter library has no thing "${id}"`);
  return entry;
}

/** "Ilse", "Ilse and Tam", "Ilse, Tam and 3 more". */
export function names(members: readonly Member[]): string {
  const list = members.map((m) => m.name);
  if (list.length <= 1) return list[0] ?? '';
  if (list.length <= 3) return `${list.slice(0, -1).join(', ')} and ${list[list.length - 1]}`;
  return `${list[0]}, ${list[1]} and ${list.length - 2} more`;
}

/** Members on whose lists some of these things are, in the trip's order. */
export function ownersOf(trip: Trip, things: readonly (Piece | PersonalThing)[]): readonly Member[] {
  const ids = new Set(things.flatMap((t) => (isPersonal(t) ? [t.memberId] : [])));
  return trip.members.filter((m) => ids.has(m.id));
}

/** Leave things out; what is worn or in hand was no load. */
export function leaveAtHome(label: string, things: readonly (Piece | PersonalThing)[]): Cure {
  const ids = new Set(things.map((t) => t.id));
  return {
    label,
    changeKg: -things.reduce((sum, t) => sum + (isPersonal(t) && t.worn ? 0 : t.massKg), 0),
    apply: (trip) => removeThings(trip, ids),
  };
}

/**
 * Add an entry's thing to members' lists.
 *
 * @param memberIds one thing for each; an id that stands several times gets several
 * @param whom the members in words
 */
export function addFor(entry: ThingEntry, memberIds: readonly string[], whom: string, want?: Want): Cure {
  return {
    label: `Add ${inSentence(entry.name)} for ${whom}`,
    changeKg: entry.worn ? 0 : memberIds.length * entry.thing.massKg,
    apply: (trip) => giveEach(trip, entry, memberIds, want),
  };
}

/** Add one or several of an entry's thing to the group kit. */
export function addToGroup(entry: ThingEntry, count = 1): Cure {
  return {
    label: `Add ${inSentence(entry.name)} to the group kit`,
    changeKg: count * entry.thing.massKg,
    apply: (trip) => giveGroup(trip, entry, count),
  };
}
