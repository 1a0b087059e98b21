import fc from 'fast-check';
import { tripErrors } from '../formats/tripFile.js';
import { arbitraryTrip } from '../testing/arbitraryTrip.js';
import { removeKit, removeMember, removePersonalThing, removePiece } from '../trip/changes.js';
import type { Trip } from '../trip/model.js';
import { allPieces } from '../trip/queries.js';
import { bringBack, isBack, takenAway } from './takenAway.js';
import { runs } from '../testing/runs.js';

const trips = arbitraryTrip({ members: { min: 1, max: 3 }, pieces: { min: 1, max: 5 } });
/** Something to take out of a trip, by a number. */
function without(trip: Trip, n: number): Trip {
  const choices = [
    ...trip.members.map((m) => (t: Trip) => removeMember(t, m.id)),
    ...trip.kits.map((k) => (t: Trip) => removeKit(t, k.id)),
    ...allPieces(trip).map((p) => (t: Trip) => removePiece(t, p.id)),
    ...trip.personalThings.map((p) => (t: Trip) => removePersonalThing(t, p.id)),
  ];
  return choices[n % choices.length]!(trip);
}

test('what was taken away at once comes back whole, and the trip is one', () => {
  fc.assert(
    fc.property(trips, fc.nat(), (trip, n) => {
      const after = without(trip, n);
      const taken = takenAway(trip, after);
      if (taken === undefined) return;
      const back = bringBack(after, taken);
      expect(tripErrors(back)).toEqual([]);
      expect(isBack(after, taken)).toBe(false);
      expect(isBack(back, taken)).toBe(true);
      const content = (t: Trip) => ({
        members: new Set(t.members.map((m) => JSON.stringify({ ...m, buddyId: undefined }))),
        packs: new Set(t.packs.map((p) => p.id)),
        pieces: new Set(allPieces(t).map((p) => JSON.stringify(p, Object.keys(p).sort()))),
        things: new Set(t.personalThings.map((p) => p.id)),
        share: new Set(t.share.map((a) => JSON.stringify(a))),
      });
      expect(content(back)).toEqual(content(trip));
      // In their old order, too.
      for (const list of ['members', 'personalThings'] as const)
        expect(back[list].map((x) => x.id)).toEqual(trip[list].map((x) => x.id));
    }),
    { seed: 12, numRuns: runs(200) },
  );
});

test('after anything else was taken away too, what comes back leaves the trip without an error', () => {
  fc.assert(
    fc.property(trips, fc.array(fc.nat(), { minLength: 1, maxLength: 4 }), (trip, more) => {
      const after = without(trip, more[0]!);
      const taken = takenAway(trip, after);
      if (taken === undefined) return;
      let later = after;
      for (const n of more.slice(1))
        if (later.members.length + later.kits.length > 0) later = without(later, n);
      expect(tripErrors(bringBack(later, taken))).toEqual([]);
    }),
    { seed: 13, numRuns: runs(300) },
  );
});

test('a change that takes nothing away that anybody made keeps nothing', () => {
  fc.assert(
    fc.property(trips, (trip) => {
      expect(takenAway(trip, trip)).toBeUndefined();
      expect(takenAway(trip, { ...trip, share: [], stows: [], handovers: [] })).toBeUndefined();
    }),
    { seed: 14, numRuns: runs(40) },
  );
});
