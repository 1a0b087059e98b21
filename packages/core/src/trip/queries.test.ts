import { aMember, aThing, aTrip } from '../testing/smallTrip.js';
import { assignPiece } from './changes.js';
import {
  allowedCarriers,
  allPieces,
  carriedPieces,
  carrierOf,
  memberById,
  ownInPack,
  packOf,
  thingsInPack,
} from './queries.js';
import { shapeSizeCm, shapeVolumeL } from './shapes.js';

const trip = assignPiece(
  {
    ...aTrip(
      [aMember('a', { tentGroupId: 'tent' }), aMember('b', { cookGroupId: 'cook' }), aMember('c')],
      [
        aThing('rope'),
        { ...aThing('fly'), onlyGroupId: 'tent' },
        { ...aThing('pot'), onlyGroupId: 'cook' },
        { ...aThing('radio'), onlyMemberIds: ['b', 'c'] },
        { ...aThing('both'), onlyGroupId: 'tent', onlyMemberIds: ['b'] },
      ],
      [
        { ...aThing('bag'), memberId: 'a', worn: false },
        { ...aThing('boots'), memberId: 'a', worn: true },
      ],
    ),
    groups: [
      { id: 'tent', name: 'Tent', kind: 'tent' },
      { id: 'cook', name: 'Cook', kind: 'cook' },
    ],
  },
  'rope',
  'a',
);
const carriers = (id: string): readonly string[] =>
  allowedCarriers(
    trip,
    allPieces(trip).find((p) => p.id === id)!,
  ).map((m) => m.id);

test('who may carry a piece: anybody, a tent group, a cook group, a list; both rules narrow together', () => {
  expect(carriers('rope')).toEqual(['a', 'b', 'c']);
  expect(carriers('fly')).toEqual(['a']);
  expect(carriers('pot')).toEqual(['b']);
  expect(carriers('radio')).toEqual(['b', 'c']);
  expect(carriers('both')).toEqual([]);
});
test('what is in a pack: what is shared to its wearer, and their own things that are not worn', () => {
  expect(ownInPack(trip, 'a', 1).map((t) => t.id)).toEqual(['bag']);
  expect(thingsInPack(trip, 'a', 1).map((t) => t.id)).toEqual(['bag', 'rope']);
  expect(thingsInPack(trip, 'b', 1)).toEqual([]);
  expect(carriedPieces(trip, 'a', 1).map((p) => p.id)).toEqual(['rope']);
  expect([carrierOf(trip, 'rope', 1), carrierOf(trip, 'pot', 1)]).toEqual(['a', undefined]);
});
test('asking for what does not exist is a bug, and says what', () => {
  expect(() => memberById(trip, 'nobody')).toThrow(
    'Broken invariant: member nobody does not exist in this trip',
  );
  expect(() => packOf(trip, aMember('x'))).toThrow(
    'Broken invariant: pack pack-x does not exist in this trip',
  );
});

describe('shapes', () => {
  test('volumes of solids by hand', () => {
    expect(shapeVolumeL({ kind: 'block', lengthCm: 20, widthCm: 10, heightCm: 5 })).toBe(1);
    // A litre bottle: π · 3.8² · 24 cm³.
    expect(shapeVolumeL({ kind: 'cylinder', lengthCm: 24, diameterCm: 7.6 })).toBeCloseTo(1.0888, 4);
    expect(shapeVolumeL({ kind: 'pouch' })).toBeUndefined();
  });
  test('sizes come longest first, whichever way they were given', () => {
    expect(shapeSizeCm({ kind: 'flat', lengthCm: 2, widthCm: 30, heightCm: 12 })).toEqual([30, 12, 2]);
    expect(shapeSizeCm({ kind: 'roll', lengthCm: 52, diameterCm: 13 })).toEqual([52, 13, 13]);
    expect(shapeSizeCm({ kind: 'cylinder', lengthCm: 12, diameterCm: 18 })).toEqual([18, 18, 12]);
    expect(shapeSizeCm({ kind: 'stuff', looseVolumeL: 4 })).toBeUndefined();
  });
});
