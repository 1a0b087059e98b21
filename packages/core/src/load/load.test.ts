import { packedVolumeL } from './filling.js';
import { aMember, aThing, aTrip } from '../testing/smallTrip.js';
import { emptyTrip } from '../trip/emptyTrip.js';
import { heaviestDay, loadsOverTrip } from './memberLoad.js';
import { massOnDayKg, volumeOnDayL } from './thingOnDay.js';

const dry = emptyTrip('t', 't', '2027-05-10', 1).legs[0]!;

describe('a thing on a day', () => {
  test('3 kg of snacks eaten evenly over days 2 to 4: 3, 3, 2, 1, 0 kg', () => {
    const snacks = aThing('s', {
      massKg: 3,
      volumeL: 6,
      consumption: { fromDay: 2, toDay: 4, residueKg: 0 },
    });
    expect([1, 2, 3, 4, 5].map((d) => massOnDayKg(snacks, d, dry))).toEqual([3, 3, 2, 1, 0]);
    expect([1, 2, 3, 4, 5].map((d) => volumeOnDayL(snacks, d))).toEqual([6, 6, 4, 2, 0]);
  });
  test('a dinner of day 2 is carried on days 1 and 2', () => {
    const dinner = aThing('d', { massKg: 0.6, consumption: { fromDay: 2, toDay: 2, residueKg: 0 } });
    expect([1, 2, 3].map((d) => massOnDayKg(dinner, d, dry))).toEqual([0.6, 0.6, 0]);
  });
  test('a canister keeps its steel and its volume', () => {
    const gas = aThing('g', {
      massKg: 0.38,
      volumeL: 0.8,
      flags: ['hard'],
      consumption: { fromDay: 1, toDay: 2, residueKg: 0.15 },
    });
    expect([1, 2, 3].map((d) => massOnDayKg(gas, d, dry))).toEqual([0.38, expect.closeTo(0.265, 12), 0.15]);
    expect(volumeOnDayL(gas, 3)).toBe(0.8);
  });
  test('what joins on day 4 and leaves after day 5 weighs nothing before and after', () => {
    const parcel = aThing('p', { fromDay: 4, toDay: 5 });
    expect([3, 4, 5, 6].map((d) => massOnDayKg(parcel, d, dry))).toEqual([0, 1, 1, 0]);
  });
  test('a fly is heavier on the day after rain', () => {
    const fly = aThing('f', { massKg: 0.6, wetFactor: 1.3 });
    expect(massOnDayKg(fly, 1, { ...dry, afterRain: true })).toBeCloseTo(0.78, 12);
    expect(massOnDayKg(fly, 1, dry)).toBe(0.6);
  });
  test('what rides outside takes no room in the pack', () => {
    expect(packedVolumeL([aThing('m', { volumeL: 6, flags: ['ridesOutside'] })], 1)).toBe(0);
  });
});

describe('a member over the trip', () => {
  // By hand: pack 1.9; personal 4 (worn boots do not count); water 1.5 + 2 on day 2; tent 2; food 3 → 1.5 → 0.
  const trip = (() => {
    const base = aTrip(
      [aMember('a', { bodyMassKg: 80 })],
      [
        aThing('tent', { massKg: 2 }),
        aThing('food', { massKg: 3, consumption: { fromDay: 1, toDay: 2, residueKg: 0 } }),
      ],
      [
        { ...aThing('bag', { massKg: 4 }), memberId: 'a', worn: false },
        { ...aThing('boots', { massKg: 1.5 }), memberId: 'a', worn: true },
      ],
      3,
    );
    return {
      ...base,
      legs: base.legs.map((leg, i) => ({ ...leg, waterL: 1.5, campWaterL: i === 1 ? 2 : 0 })),
      share: [
        { pieceId: 'tent', memberId: 'a', locked: false },
        { pieceId: 'food', memberId: 'a', locked: false },
      ],
    };
  })();
  const loads = loadsOverTrip(trip, trip.members[0]!);

  test('loads and ratios by hand', () => {
    expect(loads.map((l) => l.totalKg)).toEqual([
      expect.closeTo(12.4, 10),
      expect.closeTo(12.9, 10),
      expect.closeTo(9.4, 10),
    ]);
    expect(loads[1]).toMatchObject({ packKg: 1.9, personalKg: 4, waterKg: 3.5, groupKg: 3.5 });
    expect(loads[1]!.ratio).toBeCloseTo(12.9 / 16, 10);
    expect(loads.map((l) => l.volumeL)).toEqual([3, 2.5, 2]);
  });
  test('the dry camp makes day 2 the heaviest', () => expect(heaviestDay(loads).day).toBe(2));
});

test('who joins on the way carries nothing before, and takes over what others bring them', () => {
  const base = aTrip([aMember('a'), aMember('b', { firstDay: 2 })], [], [], 3);
  const trip = { ...base, legs: base.legs.map((leg) => ({ ...leg, waterL: 1 })) };
  const loads = trip.members.map((m) => loadsOverTrip(trip, m).map((l) => l.totalKg));
  // A 60 L pack of 1.9 kg and a litre; on the first day a is alone.
  expect(loads).toEqual([
    [2.9, 2.9, 2.9],
    [0, 2.9, 2.9],
  ]);
  expect(loadsOverTrip(trip, trip.members[1]!)[0]!.limitReason).toBe('with the party from day 2');
});
