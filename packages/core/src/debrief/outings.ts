/** What a trip's debrief adds to the kit library: on which trip an entry came along, and whether it was used. */
import type { KitEntry, LibraryEdit, LibraryEntry, Outing, ThingEntry } from '../library/libraryModel.js';
import { MOST_OUTINGS } from '../library/librarySchema.js';
import type { Trip } from '../trip/model.js';
import { allThings } from '../trip/queries.js';

/** Edits that note this trip with each entry it took from the library; noted twice it stands there once. */
export function outingEdits(trip: Trip, library: readonly LibraryEntry[]): readonly LibraryEdit[] {
  const fates = new Map(trip.uses.map((u) => [u.thingId, u.fate]));
  const used = new Map<string, boolean>();
  for (const thing of allThings(trip)) {
    const fate = fates.get(thing.id);
    if (fate === undefined || thing.libraryId === undefined) continue;
    used.set(thing.libraryId, (used.get(thing.libraryId) ?? false) || fate !== 'unused');
  }
  return library.flatMap((entry): LibraryEdit[] => {
    const was = used.get(entry.id);
    if (entry.kind === 'dish' || was === undefined) return [];
    const outing: Outing = { date: trip.startDate, trip: trip.name, style: trip.style, used: was };
    return [{ kind: 'put', entry: withOuting(entry, outing) }];
  });
}

function withOuting<E extends ThingEntry | KitEntry>(entry: E, outing: Outing): E {
  const others = entry.outings.filter((o) => o.date !== outing.date || o.trip !== outing.trip);
  return { ...entry, outings: [...others, outing].slice(-MOST_OUTINGS) };
}
