/** What a member usually has in the pack for themselves on such a trip, by the lists of templates. */
import { starterLibrary } from '../library/starterLibrary.js';
import type { ThingEntry } from '../library/libraryModel.js';
import type { Member, Trip, Want } from '../trip/model.js';
import { oncePer } from '../trip/oncePer.js';
import { entryById } from './cures.js';
import { applies, EACH, isOldEnough } from './templateLines.js';
import { tripFacts } from './tripFacts.js';

/** The lines that are for a trip, whoever it is; what is worn is in nobody's pack. */
const linesOf = oncePer((trip: Trip) => {
  const facts = tripFacts(trip);
  return EACH.filter((line) => applies(line, facts, trip))
    .map((line) => ({ line, entry: entryById(starterLibrary(), line.starterId) }))
    .filter(({ entry }) => !entry.worn);
});

export function usualOwn(
  trip: Trip,
  member: Member,
): readonly { readonly entry: ThingEntry; readonly want: Want }[] {
  return linesOf(trip)
    .filter(({ line }) => isOldEnough(line, member))
    .map(({ line, entry }) => ({ entry, want: line.want }));
}
