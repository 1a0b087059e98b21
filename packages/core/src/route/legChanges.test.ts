import fc from 'fast-check';
import { tripErrors } from '../formats/tripFile.js';
import { dayStretches } from './legSlopes.js';
import { trackLengthKm } from './profile.js';
import { arbitraryTrip } from '../testing/arbitraryTrip.js';
import { aMember, aThing, aTrip } from '../testing/smallTrip.js';
import {
  adoptTrack,
  dropTrack,
  insertDay,
  moveDayMark,
  passDistance,
  putLeg,
  removeDay,
  splitDay,
} from './legChanges.js';
import type { Track, Trip } from '../trip/model.js';
import { runs } from '../testing/runs.js';

/** 30 km, rising 600 m over the first 10 and falling 600 over the rest. */
const TRACK: Track = {
  name: 'A ridge',
  distanceKm: Array.from({ length: 301 }, (_v, i) => i / 10),
  elevationM: Array.from({ length: 301 }, (_v, i) => (i <= 100 ? 100 + 6 * i : 700 - 3 * (i - 100))),
  latitudeDeg: Array.from({ length: 301 }, (_v, i) => 57 + i / 1000),
  longitudeDeg: Array.from({ length: 301 }, () => -17),
};
const three = aTrip([aMember('a')], [], [], 3);
const tracked = adoptTrack(three, TRACK);

describe('a track under the days', () => {
  test('is spread evenly at first, and every leg measured on it', () => {
    expect(tracked.dayMarksKm).toEqual([10, 20]);
    expect(tracked.legs.map((l) => [l.distanceKm, l.climbM, l.descentM, l.campElevationM])).toEqual([
      [10, 600, 0, 700],
      [10, 0, 300, 400],
      [10, 0, 300, 100],
    ]);
    // Naismith: two hours for 10 km, one for 600 m; the descent is below Langmuir's 5°.
    expect(tracked.legs.map((l) => l.hours)).toEqual([3, 2, 2]);
    expect(tripErrors(tracked)).toEqual([]);
  });
  test('a mark that moves makes the two legs beside it anew', () => {
    const moved = moveDayMark(tracked, 1, 5);
    expect(moved.dayMarksKm).toEqual([5, 20]);
    expect(moved.legs.map((l) => [l.distanceKm, l.climbM, l.descentM])).toEqual([
      [5, 300, 0],
      [15, 300, 300],
      [10, 0, 300],
    ]);
    expect(moved.legs[2]).toBe(tracked.legs[2]);
  });
  test('marks do not pass each other or the ends', () => {
    expect(moveDayMark(tracked, 1, 25).dayMarksKm).toEqual([19.9, 20]);
    expect(moveDayMark(tracked, 2, 99).dayMarksKm).toEqual([10, 29.9]);
    expect(moveDayMark(tracked, 1, -5).dayMarksKm).toEqual([0.1, 20]);
    expect(moveDayMark(tracked, 3, 5)).toBe(tracked);
    expect(moveDayMark(three, 1, 5)).toBe(three);
  });
  test('can be taken away; the legs keep their figures', () => {
    const bare = dropTrack(tracked);
    expect(bare.track).toBeUndefined();
    expect(bare.legs).toBe(tracked.legs);
    expect(tripErrors(bare)).toEqual([]);
  });
  test('a day put in takes half of the one before it, a day taken out goes to its neighbour', () => {
    const four = insertDay(tracked, 1);
    expect(four.dayMarksKm).toEqual([5, 10, 20]);
    expect(four.legs.map((l) => l.distanceKm)).toEqual([5, 5, 10, 10]);
    const two = removeDay(tracked, 2);
    expect(two.dayMarksKm).toEqual([20]);
    expect(two.legs.map((l) => l.distanceKm)).toEqual([20, 10]);
    expect(removeDay(tracked, 1).legs.map((l) => l.distanceKm)).toEqual([20, 10]);
  });
  test('way passed to a neighbour moves the mark between them', () => {
    expect(passDistance(tracked, 2, 3, 2).dayMarksKm).toEqual([10, 18]);
    expect(passDistance(tracked, 2, 1, 2).dayMarksKm).toEqual([12, 20]);
  });
});

describe('day numbers', () => {
  const trip: Trip = {
    ...aTrip(
      [aMember('a', { conditions: [{ label: 'cold', fromDay: 2, toDay: 2, factor: 0.9 }] })],
      [
        aThing('food', { consumption: { fromDay: 1, toDay: 3, residueKg: 0 } }),
        aThing('parcel', { fromDay: 3 }),
        aThing('net', { toDay: 2 }),
      ],
      [],
      3,
    ),
    roles: [
      { id: 'medic-2', day: 2, role: 'medic', memberId: 'a' },
      { id: 'medic-3', day: 3, role: 'medic', memberId: 'a' },
    ],
  };
  const spans = (t: Trip) => ({
    food: t.kits[0]!.pieces[0]!.consumption,
    parcel: t.kits[0]!.pieces[1]!.fromDay,
    net: t.kits[0]!.pieces[2]!.toDay,
    conditions: t.members[0]!.conditions.map((c) => [c.fromDay, c.toDay]),
    roles: t.roles.map((r) => [r.id, r.day]),
  });
  test('behind a day put in move on', () => {
    expect(spans(insertDay(trip, 1))).toEqual({
      food: { fromDay: 1, toDay: 4, residueKg: 0 },
      parcel: 4,
      net: 3,
      conditions: [[3, 3]],
      roles: [
        ['medic-2', 3],
        ['medic-3', 4],
      ],
    });
  });
  test('behind a day taken out move up; what was on that day alone goes, except things', () => {
    expect(spans(removeDay(trip, 2))).toEqual({
      food: { fromDay: 1, toDay: 2, residueKg: 0 },
      parcel: 2,
      net: 1,
      conditions: [],
      roles: [['medic-3', 2]],
    });
  });
  test('the last day of a trip stays', () => {
    const one = aTrip([], [], [], 1);
    expect(removeDay(one, 1)).toBe(one);
  });
  test('any day put in or taken out of any trip leaves it whole', () => {
    fc.assert(
      fc.property(arbitraryTrip({ members: { min: 1, max: 2 } }), fc.nat(), (any, pick) => {
        const day = pick % any.legs.length;
        for (const after of [
          insertDay(any, day),
          insertDay(any, any.legs.length),
          removeDay(any, day + 1),
          splitDay(any, day + 1),
        ]) {
          expect(tripErrors(after)).toEqual([]);
        }
        const longer = insertDay(any, day);
        expect(longer.legs).toHaveLength(any.legs.length + 1);
        if (longer.track !== undefined)
          expect(dayStretches(longer).at(-1)!.toKm).toBe(trackLengthKm(longer.track));
      }),
      { seed: 9, numRuns: runs(60) },
    );
  });
});

test('a distance typed anew takes the places behind it along, not those before', () => {
  const legs = three.legs.map((leg) => ({ ...leg, distanceKm: 10 }));
  const place = (id: string, atKm: number) => ({
    id,
    name: id,
    kind: 'water' as const,
    atKm,
    reliance: 'sure' as const,
  });
  const trip = { ...three, legs, waypoints: [place('early', 4), place('camp', 10), place('late', 15)] };
  const longer = putLeg(trip, { ...legs[0]!, distanceKm: 12 });
  expect(longer.waypoints.map((w) => w.atKm)).toEqual([4, 10, 17]);
  expect(putLeg(trip, { ...legs[0]!, name: 'Renamed' }).waypoints).toBe(trip.waypoints);
});

test('a day split in two halves its figures; the dry camp stays at its end', () => {
  const legs = three.legs.map((leg) => ({ ...leg, distanceKm: 10, climbM: 300, hours: 5, campWaterL: 2 }));
  const split = splitDay({ ...three, legs }, 1);
  expect(split.legs.slice(0, 2).map((l) => [l.distanceKm, l.climbM, l.hours, l.campWaterL])).toEqual([
    [5, 150, 2.5, 0],
    [5, 150, 2.5, 2],
  ]);
});
