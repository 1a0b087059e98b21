import { aThing } from '../testing/smallTrip.js';
import { cataloguePack, PACK_SIZES } from '../trip/packCatalogue.js';
import { fitsPack, goesInto } from './fitsPack.js';
import { compartmentsOf } from './packGeometry.js';
import { solidOf } from './solids.js';

const pack = cataloguePack(
  'p',
  PACK_SIZES.find((s) => s.nominalL === 60)!,
);
const into = (id: string, lengthCm: number, diameterCm: number): boolean =>
  goesInto(
    solidOf({ kind: 'long', lengthCm, diameterCm }, 1, 1),
    compartmentsOf(pack, 1).find((c) => c.id === id)!,
  );

test('long poles do not go into the lid, but stand out of a side pocket and upright in the main compartment', () => {
  expect(into('lid', 42, 6)).toBe(false);
  expect(into('side-left', 42, 6)).toBe(true);
  expect(into('main', 42, 6)).toBe(true);
  expect(into('main', 90, 5)).toBe(false);
});
test('a canister goes in one way only, a wider one not at all; soft things go anywhere', () => {
  const canister = (diameterCm: number) =>
    aThing('c', { volumeL: 10, shape: { kind: 'cylinder', lengthCm: 31, diameterCm } });
  expect(fitsPack(canister(23), pack)).toBe(true);
  expect(fitsPack(canister(33), pack)).toBe(false);
  expect(fitsPack(aThing('bag', { volumeL: 60 }), pack)).toBe(true);
});
