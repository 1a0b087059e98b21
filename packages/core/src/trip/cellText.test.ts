import { aMember, aThing, aTrip } from '../testing/smallTrip.js';
import { changesText, cellName, cellText } from './cellText.js';
import { diffTrip } from './edits.js';
import type { Trip } from './model.js';

const trip = {
  ...aTrip([aMember('ada', { name: 'Ada' })], [aThing('stove', { name: 'Stove' })], [], 2),
  share: [{ pieceId: 'stove', memberId: 'ada', locked: false }],
};
const kit = trip.kits[0]!.id;

test.each([
  [['kits', kit, 'pieces', 'stove', 'massKg'], 0.42, 'Stove: weight', '0.42 kg'],
  [['kits', kit, 'pieces', 'stove', 'volumeL'], 2, 'Stove: volume', '2.0 L'],
  [['members', 'ada', 'bodyMassKg'], 61.5, 'Ada: body weight', '61.5 kg'],
  [['legs', trip.legs[1]!.id, 'campElevationM'], 900, 'Day 2: camp elevation', '900 m'],
  [['share', 'stove', 'memberId'], 'ada', 'Stove, who carries: carrier', 'Ada'],
  [['share', 'stove'], trip.share[0], 'Stove, who carries', 'Ada'],
  [['larder', 'snow'], true, 'food settings: snow', 'yes'],
  [['name'], 'Autumn', 'name', 'Autumn'],
  [['notes'], undefined, 'notes', 'nothing'],
  [['kits', kit, 'pieces', 'stove', 'flags'], ['wet', 'sharp'], 'Stove: flags', '2 entries'],
  [['kits', kit, 'pieces', 'stove'], { name: 'Stove' }, 'Stove', 'Stove'],
  [
    ['kits', kit, 'pieces', 'stove', 'shape'],
    { kind: 'block', lengthCm: 20 },
    'Stove: shape',
    'kind block, length 20 cm',
  ],
  [['members', 'nobody', 'name'], 'X', 'member: name', 'X'],
] as const)('%j', (path, value, name, text) => {
  expect(cellName(trip, path)).toBe(name);
  expect(cellText(trip, path, value)).toBe(text);
});

test('what was changed, the first two by name', () => {
  const told = (after: Trip): string => changesText(trip, after, diffTrip(trip, after));
  const pieces = (change: object): Trip => ({
    ...trip,
    kits: trip.kits.map((k) => ({ ...k, pieces: k.pieces.map((p) => ({ ...p, ...change })) })),
  });
  expect(told(pieces({ massKg: 0.5 }))).toBe('Stove: weight');
  expect(told({ ...pieces({ massKg: 0.5, volumeL: 3 }), name: 'Winter', share: [] })).toBe(
    'name, Stove: weight and 2 more',
  );
  expect(
    told({
      ...trip,
      kits: [{ ...trip.kits[0]!, pieces: [...trip.kits[0]!.pieces, aThing('rope', { name: 'Rope' })] }],
    }),
  ).toBe('Rope (new)');
  expect(told({ ...trip, legs: [...trip.legs].reverse() })).toBe('day (order)');
  expect(told({ ...trip, members: [] })).toBe('Ada (removed)');
  expect(told(pieces({ massKg: 0.5, madeBy: 'larder' }))).toBe('');
});
