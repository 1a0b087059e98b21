import fc from 'fast-check';
import { tripErrors } from '../formats/tripFile.js';
import { massOnDayKg, volumeOnDayL } from '../load/thingOnDay.js';
import { aMember, aThing, aTrip } from '../testing/smallTrip.js';
import { runs } from '../testing/runs.js';
import { assignPiece, handOver, lockPiece } from './changes.js';
import type { Piece, Trip } from './model.js';
import { allPieces, carrierOf } from './queries.js';
import { dayParts, joinPieces, partsOf, splitPiece, whyNotSplit } from './splitPiece.js';

const RICE: Piece = {
  ...aThing('rice', { massKg: 12, volumeL: 15, purpose: 'food' }),
  consumption: { fromDay: 1, toDay: 5, residueKg: 0.5 },
};
const ROPE: Piece = aThing('rope', {
  massKg: 4,
  volumeL: 3.5,
  shape: { kind: 'roll', lengthCm: 60, diameterCm: 9 },
});
const TRIP = assignPiece(aTrip([aMember('a'), aMember('b')], [RICE, ROPE], [], 5), 'rice', 'a');
const onDay = (trip: Trip, ids: readonly string[], day: number, of: typeof massOnDayKg): number =>
  allPieces(trip)
    .filter((p) => ids.includes(p.id))
    .reduce((sum, p) => sum + of(p, day, trip.legs[day - 1]!), 0);

test('12 kg of food into four: each 3 kg, with the carrier of the whole, eaten day by day like it', () => {
  const trip = splitPiece(lockPiece(TRIP, 'rice', true), 'rice', 4, 'equal');
  const parts = partsOf(trip, 'rice');
  expect(parts.map((p) => [p.id, p.name, p.massKg])).toEqual([
    ['rice', 'rice (1 of 4)', 3],
    ['rice-part-2', 'rice (2 of 4)', 3],
    ['rice-part-3', 'rice (3 of 4)', 3],
    ['rice-part-4', 'rice (4 of 4)', 3],
  ]);
  expect(parts.map((p) => carrierOf(trip, p.id, 1))).toEqual(['a', 'a', 'a', 'a']);
  expect(trip.share.every((a) => a.locked)).toBe(true);
  expect(tripErrors(trip)).toEqual([]);
});
test('a rope of 60 cm rolled becomes two of 30 cm', () => {
  expect(partsOf(splitPiece(TRIP, 'rope', 2, 'equal'), 'rope').map((p) => p.shape)).toEqual([
    { kind: 'roll', lengthCm: 30, diameterCm: 9 },
    { kind: 'roll', lengthCm: 30, diameterCm: 9 },
  ]);
});
test('by days: whole days each, and as much as they have of them', () => {
  const parts = partsOf(splitPiece(TRIP, 'rice', 2, 'days'), 'rice');
  // By hand: five days are two and three; 12 kg are 4.8 and 7.2.
  expect(parts.map((p) => [p.consumption!.fromDay, p.consumption!.toDay])).toEqual([
    [1, 2],
    [3, 5],
  ]);
  expect(parts.map((p) => p.massKg)).toEqual([expect.closeTo(4.8, 9), expect.closeTo(7.2, 9)]);
});
test('property: masses and volumes add up on every day, and joined again it is what it was', () => {
  fc.assert(
    fc.property(
      fc.constantFrom('rice', 'rope'),
      fc.integer({ min: 2, max: 5 }),
      fc.boolean(),
      (id, count, byDays) => {
        const way = byDays && dayParts(allPieces(TRIP).find((p) => p.id === id)!) >= count ? 'days' : 'equal';
        const trip = splitPiece(TRIP, id, count, way);
        const ids = partsOf(trip, id).map((p) => p.id);
        expect(ids).toHaveLength(count);
        for (let day = 1; day <= 5; day += 1) {
          expect(onDay(trip, ids, day, massOnDayKg)).toBeCloseTo(onDay(TRIP, [id], day, massOnDayKg), 9);
          expect(onDay(trip, ids, day, volumeOnDayL)).toBeCloseTo(onDay(TRIP, [id], day, volumeOnDayL), 9);
        }
        expect(tripErrors(trip)).toEqual([]);
        const whole = allPieces(joinPieces(trip, ids.at(-1)!)).find((p) => p.id === id)!;
        const before = allPieces(TRIP).find((p) => p.id === id)!;
        expect(whole).toEqual({
          ...before,
          massKg: expect.closeTo(before.massKg, 9) as number,
          volumeL: expect.closeTo(before.volumeL, 9) as number,
          shape:
            before.shape.kind === 'roll'
              ? { ...before.shape, lengthCm: expect.closeTo(60, 9) as number }
              : before.shape,
          ...(before.consumption === undefined
            ? {}
            : { consumption: { ...before.consumption, residueKg: expect.closeTo(0.5, 9) as number } }),
        });
      },
    ),
    { seed: 5, numRuns: runs(60) },
  );
});
test('handovers and rules that keep it with others hold for every part', () => {
  const ruled: Trip = {
    ...handOver(TRIP, 3, [{ pieceId: 'rice', toMemberId: 'b' }], 'tired'),
    carrierRules: [{ id: 'one', kind: 'same', pieceIds: ['rice', 'rope'], reason: 'one sack' }],
  };
  const trip = splitPiece(ruled, 'rice', 2, 'equal');
  expect(['rice', 'rice-part-2'].map((id) => [carrierOf(trip, id, 2), carrierOf(trip, id, 3)])).toEqual([
    ['a', 'b'],
    ['a', 'b'],
  ]);
  expect(trip.carrierRules[0]!.pieceIds).toEqual(['rice', 'rope', 'rice-part-2']);
  expect(joinPieces(trip, 'rice').handovers).toHaveLength(1);
  expect(tripErrors(trip)).toEqual([]);
});
test('what cannot be split says why; numbers that make no sense are refused', () => {
  expect(whyNotSplit({ ...RICE, madeBy: 'larder' })).toMatch(/^The larder makes it/);
  expect(() => splitPiece(splitPiece(TRIP, 'rope', 2, 'equal'), 'rope', 2, 'equal')).toThrow(
    /a part already/,
  );
  for (const parts of [1, 13, 2.5, NaN])
    expect(() => splitPiece(TRIP, 'rice', parts, 'equal')).toThrow(RangeError);
  expect(() => splitPiece(TRIP, 'rope', 2, 'days')).toThrow('expected 2 to 1 parts, got 2');
  expect(splitPiece(TRIP, 'nothing', 2, 'equal')).toBe(TRIP);
  expect(joinPieces(TRIP, 'rice')).toBe(TRIP);
});
