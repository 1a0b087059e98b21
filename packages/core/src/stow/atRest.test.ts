import type { Box } from './laidThing.js';
import { badStand, isBottle, type Standing } from './atRest.js';
import { aThing } from '../testing/smallTrip.js';

/** A stiff thing by its width from, to, its depth from, to, and its lowest and highest point, cm. */
const stiff = (x0: number, x1: number, y0: number, y1: number, z0: number, z1: number): Standing => ({
  bottle: false,
  stiff: { x0, x1, y0, y1, z0, z1 } satisfies Box,
});
const bottle = (z0: number, x0 = 0): Standing => ({ ...stiff(x0, x0 + 8, 0, 8, z0, z0 + 24), bottle: true });
const SOFT: Standing = { bottle: false, stiff: undefined };

describe('in a pocket with its floor at 0', () => {
  test.each<[string, readonly Standing[], ReturnType<typeof badStand>]>([
    ['a bottle on the floor stands', [bottle(0)], undefined],
    ['a bottle on a cup does not', [stiff(0, 9, 0, 9, 0, 11), bottle(11)], 'on stiff'],
    ['nor over one with cloth between', [stiff(0, 9, 0, 9, 0, 6), SOFT, bottle(11)], 'on stiff'],
    ['nor on a hat that keeps it off the floor', [SOFT, bottle(5)], 'off the floor'],
    ['a bottle beside a cup stands', [stiff(9, 18, 0, 9, 0, 11), bottle(0)], undefined],
    ['a box on a box stands', [stiff(0, 9, 0, 9, 0, 5), stiff(0, 9, 0, 9, 5, 9)], undefined],
    ['a box on the edge of a box falls', [stiff(0, 4, 0, 9, 0, 5), stiff(0, 10, 0, 9, 5, 9)], 'to one side'],
    [
      'a box across two stands',
      [stiff(0, 3, 0, 9, 0, 5), stiff(7, 10, 0, 9, 0, 5), stiff(0, 10, 0, 9, 5, 9)],
      undefined,
    ],
    ['a box on something soft takes its shape', [SOFT, stiff(0, 10, 0, 9, 5, 9)], undefined],
  ])('%s', (_what, things, expected) => {
    expect(badStand(things.length - 1, things, 0)).toBe(expected);
  });
});

test('in the main compartment a bottle may stand on cloth, not on what is stiff; other things are held by their neighbours', () => {
  expect(badStand(1, [SOFT, bottle(7)], undefined)).toBeUndefined();
  expect(badStand(1, [stiff(0, 9, 0, 9, 0, 7), bottle(7)], undefined)).toBe('on stiff');
  expect(badStand(1, [stiff(0, 9, 0, 9, 0, 7), bottle(12)], undefined)).toBeUndefined();
  expect(badStand(1, [stiff(0, 3, 0, 9, 0, 5), stiff(0, 10, 0, 9, 5, 9)], undefined)).toBeUndefined();
});

test('a bottle is stiff and full of what runs out', () => {
  const flask = { shape: { kind: 'cylinder', lengthCm: 24, diameterCm: 8 } } as const;
  expect(isBottle(aThing('b', { ...flask, waterCapacityL: 1 }))).toBe(true);
  expect(isBottle(aThing('fuel', { ...flask, flags: ['leaks', 'liquidFuel'] }))).toBe(true);
  expect(isBottle(aThing('mug', flask))).toBe(false);
  expect(isBottle(aThing('bag', { waterCapacityL: 2 }))).toBe(false);
});
