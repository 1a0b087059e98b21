/** What the server looks at after an edit finds every error that a look at the whole trip would find. */
import fc from 'fast-check';
import { arbitraryTrip } from '../testing/arbitraryTrip.js';
import { applyEdits, COLLECTION_KEYS, COLLECTIONS, keyOf, type TripEdit } from '../trip/edits.js';
import type { Trip } from '../trip/model.js';
import { editedTripErrors, tripErrors } from './tripFile.js';
import { runs } from '../testing/runs.js';

/** Edits whose items are good by their own schema, as the server lets in: removals, and items of the same trip put back. */
function someEdits(trip: Trip): fc.Arbitrary<readonly TripEdit[]> {
  const filled = COLLECTIONS.filter((c) => trip[c].length > 0);
  if (filled.length === 0) return fc.constant([]);
  const one = fc.constantFrom(...filled).chain((collection) =>
    fc.nat(trip[collection].length - 1).chain((i): fc.Arbitrary<TripEdit> => {
      const item = trip[collection][i]!;
      return fc.constantFrom<TripEdit>(
        { kind: 'remove', collection, key: keyOf(collection, item) },
        { kind: 'put', collection, item },
        // A second item that is like it but for its key.
        { kind: 'put', collection, item: { ...item, [COLLECTION_KEYS[collection]]: 'another' } },
      );
    }),
  );
  return fc.array(one, { minLength: 1, maxLength: 3 });
}

const found = (errors: readonly { path: string; message: string }[]): readonly string[] =>
  // A list that is too short is shown by the one and counted by the other.
  errors.map((e) => `${e.path}: ${e.message.replace(/(a list of .* entries), got .*$/, '$1')}`).sort();

test('property: after edits of good items both find the same', () => {
  let broken = 0;
  fc.assert(
    fc.property(
      arbitraryTrip().chain((trip) => someEdits(trip).map((edits) => applyEdits(trip, edits))),
      (edited) => {
        // Dates and ids put under another key can be no dates or ids: the request's own check refuses those first.
        const dated = { ...edited, weather: edited.weather.filter((w) => w.id !== 'another') };
        const whole = found(tripErrors(dated));
        if (whole.length > 0) broken += 1;
        expect(found(editedTripErrors(dated))).toEqual(whole);
      },
    ),
    { seed: 21, numRuns: runs(120) },
  );
  // The property would say nothing if no edit ever broke a trip.
  expect(broken).toBeGreaterThan(runs(120) / 8);
});
