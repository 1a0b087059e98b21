import { starterLibrary } from '../library/starterLibrary.js';
import type { Thing } from '../trip/model.js';
import { aThing } from '../testing/smallTrip.js';
import { cataloguePack, PACK_SIZES } from '../trip/packCatalogue.js';
import { fitsPack, goesInto, zonesThatTake } from './fitsPack.js';
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

/** Worn, not stowed. */
const ON_THE_BODY: readonly string[] = ['clothing', 'footwear'];

test('whatever of the library is wanted while walking goes into a pocket that is had with the pack on', () => {
  const walking = starterLibrary()
    .filter((entry) => entry.kind === 'thing')
    .filter(
      ({ thing }) =>
        thing.needed === 'walking' &&
        thing.shape.kind !== 'long' &&
        !thing.flags.includes('ridesOutside') &&
        !ON_THE_BODY.includes(thing.purpose),
    );
  expect(walking.map((e) => e.name)).toContain('Phone');
  const homeless = PACK_SIZES.flatMap((size) => {
    const pack = cataloguePack('p', size);
    return walking.flatMap(({ name, thing }) =>
      zonesThatTake(thing as Thing, pack).some((z) => ['hipBelt', 'strap', 'side'].includes(z.kind))
        ? []
        : [`${name} in ${size.nominalL} L`],
    );
  });
  expect(homeless).toEqual([]);
});

test('what names a place and what plans it ask the same: nothing is sent to a pocket that does not take it', () => {
  const phone = aThing('phone', {
    massKg: 0.19,
    volumeL: 0.1,
    shape: { kind: 'block', lengthCm: 20, widthCm: 8, heightCm: 1 },
  });
  const names = zonesThatTake(phone, pack).map((z) => z.id);
  expect(names).not.toContain('belt-left');
  expect(names).not.toContain('strap-left');
  expect(names).toContain('side-left');
  // The weight that a pocket is made for counts as its walls do.
  expect(zonesThatTake({ ...phone, massKg: 2 }, pack).map((z) => z.id)).not.toContain('lid');
});
