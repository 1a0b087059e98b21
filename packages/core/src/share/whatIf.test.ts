import fc from 'fast-check';
import { tripErrors } from '../formats/tripFile.js';
import { loadsOverTrip } from '../load/memberLoad.js';
import { arbitraryTrip } from '../testing/arbitraryTrip.js';
import { aMember, aThing, aTrip } from '../testing/smallTrip.js';
import { removeMember } from '../trip/changes.js';
import { removeDay } from '../route/legChanges.js';
import type { Trip, Variant, WhatIf } from '../trip/model.js';
import { carriedBefore, carriedWork, earlierWork } from './carriedWork.js';
import { adoptVariant, asVariant, suppose, supposeAll, whatIfText } from './whatIf.js';
import { runs } from '../testing/runs.js';

const base: Trip = {
  ...aTrip(
    [aMember('a'), aMember('b')],
    [aThing('fly', { massKg: 1, wetFactor: 1.3 }), aThing('pot')],
    [],
    3,
  ),
  share: [
    { pieceId: 'fly', memberId: 'a', locked: false },
    { pieceId: 'pot', memberId: 'b', locked: false },
  ],
};
const kgOf = (trip: Trip, id: string): readonly number[] =>
  loadsOverTrip(
    trip,
    trip.members.find((m) => m.id === id)!,
  ).map((l) => l.totalKg);

describe('suppose', () => {
  test('a hot day: that much more water for everybody, that day only', () => {
    const hot = suppose(base, { kind: 'hotDay', day: 2, extraL: 1.5 });
    const more = kgOf(hot, 'a').map((kg, i) => kg - kgOf(base, 'a')[i]!);
    expect(more.map((kg) => Math.round(kg * 1e9) / 1e9)).toEqual([0, 1.5, 0]);
  });
  test('rain: the fly is heavier by its wet factor on those days', () => {
    const wet = suppose(base, { kind: 'rain', fromDay: 2, toDay: 3 });
    const more = kgOf(wet, 'a').map((kg, i) => kg - kgOf(base, 'a')[i]!);
    expect(more[0]).toBe(0);
    expect(more[1]).toBeCloseTo(0.3, 9);
    expect(more[2]).toBeCloseTo(0.3, 9);
  });
  test('a member out: gone with their things, and nothing is theirs', () => {
    const less = suppose(base, { kind: 'memberOut', memberId: 'a' });
    expect(less.members.map((m) => m.id)).toEqual(['b']);
    expect(less.share.map((a) => a.pieceId)).toEqual(['pot']);
  });
  test('a limit: never more than that', () => {
    const low = suppose(base, { kind: 'limit', memberId: 'b', limitKg: 6 });
    expect(loadsOverTrip(low, low.members[1]!).map((l) => l.limitKg)).toEqual([6, 6, 6]);
  });
  test('one night more: a day before the last, with the meals of the day before it', () => {
    const trip: Trip = {
      ...base,
      groups: [{ id: 'cook', name: 'Cook', kind: 'cook' }],
      members: base.members.map((m) => ({ ...m, cookGroupId: 'cook' })),
      meals: [
        {
          id: 'dinner',
          day: 2,
          kind: 'dinner',
          groupId: 'cook',
          dish: {
            name: 'Stew',
            form: 'dried',
            gPerServing: 150,
            kcalPerServing: 600,
            packagingG: 10,
            volumeL: 0.4,
            boilL: 0.4,
            potL: 0.5,
          },
        },
      ],
    };
    const longer = suppose(trip, { kind: 'extraNight' });
    expect(longer.legs).toHaveLength(4);
    expect(longer.meals.map((m) => m.day)).toEqual([2, 3]);
    expect(new Set(longer.meals.map((m) => m.id)).size).toBe(2);
    // Two dinners for two at 150 g are 600 g of food where there were 300 g, beside the packaging.
    const foodKg = (t: Trip): number =>
      t.kits
        .flatMap((k) => k.pieces)
        .filter((p) => p.purpose === 'food')
        .reduce((sum, p) => sum + p.massKg, 0);
    expect(foodKg(longer)).toBeCloseTo(2 * 2 * 0.16, 2);
  });
  test('one night more: what is used up evenly to the end is taken for that night too', () => {
    const nuts = aThing('nuts', {
      massKg: 0.32,
      volumeL: 0.64,
      consumption: { fromDay: 1, toDay: 3, residueKg: 0.02 },
    });
    const soup = aThing('soup', { massKg: 0.2, consumption: { fromDay: 1, toDay: 1, residueKg: 0 } });
    const trip = aTrip([aMember('a'), aMember('b')], [nuts, soup], [], 3);
    const [longNuts, sameSoup] = suppose(trip, { kind: 'extraNight' }).kits[0]!.pieces;
    // 100 g a day over four days instead of three, beside the 20 g of packaging.
    expect(longNuts!.massKg).toBeCloseTo(0.42, 9);
    expect(longNuts!.volumeL).toBeCloseTo(0.84, 9);
    expect(longNuts!.consumption).toEqual({ fromDay: 1, toDay: 4, residueKg: 0.02 });
    expect(sameSoup).toEqual(soup);
  });
  test('whatever is supposed, the trip stays valid', () => {
    fc.assert(
      fc.property(arbitraryTrip({ members: { min: 1, max: 4 }, handovers: 3 }), (trip) => {
        for (const variant of trip.variants) {
          expect(tripErrors(supposeAll(trip, variant.changes))).toEqual([]);
          expect(tripErrors(adoptVariant(trip, variant.id))).toEqual([]);
        }
      }),
      { seed: 81, numRuns: runs(60) },
    );
  });
});

describe('variants', () => {
  const changes: readonly WhatIf[] = [
    { kind: 'memberOut', memberId: 'a' },
    { kind: 'hotDay', day: 2, extraL: 1 },
  ];
  const variant: Variant = {
    id: 'v',
    name: 'Without a',
    changes,
    share: [
      { pieceId: 'fly', memberId: 'b', locked: false },
      { pieceId: 'pot', memberId: 'b', locked: false },
    ],
  };
  const other: Variant = { ...variant, id: 'w', changes: [{ kind: 'hotDay', day: 2, extraL: 1 }] };
  const trip: Trip = { ...base, variants: [variant, other] };
  test('the plan is untouched; adopting makes it the plan', () => {
    const as = asVariant(trip, variant);
    expect(as.share).toEqual(variant.share);
    expect(trip.members).toHaveLength(2);
    const adopted = adoptVariant(trip, 'v');
    expect(adopted.members.map((m) => m.id)).toEqual(['b']);
    expect(adopted.legs[1]!.waterL).toBe(1);
    expect(adopted.variants.map((v) => v.id)).toEqual(['w']);
    expect(adoptVariant(trip, 'nothing')).toBe(trip);
  });
  test('what supposes something of a member or day that goes, goes too', () => {
    const without = removeMember(trip, 'a');
    expect(without.variants.map((v) => v.changes)).toEqual([[changes[1]], [changes[1]]]);
    expect(without.variants[0]!.share.map((a) => a.memberId)).toEqual(['b', 'b']);
    expect(removeDay(trip, 2).variants.map((v) => v.id)).toEqual(['v']);
    expect(tripErrors(removeDay(trip, 2))).toEqual([]);
  });
  test('in words', () => {
    const all: readonly WhatIf[] = [
      ...changes,
      { kind: 'extraNight' },
      { kind: 'rain', fromDay: 1, toDay: 1 },
      { kind: 'rain', fromDay: 1, toDay: 2 },
      { kind: 'limit', memberId: 'b', limitKg: 9 },
    ];
    expect(all.map((c) => whatIfText(trip, c))).toEqual([
      'a does not come',
      'hot day 2: 1.0 L more water each',
      'one night more',
      'packed wet on day 1',
      'packed wet on days 1–2',
      'b carries at most 9.0 kg',
    ]);
  });
});

describe('carriedWork', () => {
  // Packs of 1.9 kg, no water; days of 10, 20 and 5 km; the fly of 1 kg goes from a to b on day 2.
  const walked: Trip = {
    ...base,
    legs: base.legs.map((leg, i) => ({ ...leg, distanceKm: [10, 20, 5][i]! })),
    handovers: [{ id: 'h', pieceId: 'fly', day: 2, toMemberId: 'b', reason: 'tired' }],
  };
  test('load times distance, by hand', () => {
    const [a, b] = carriedWork(walked);
    expect(a!.totalKgKm).toBeCloseTo(1.9 * 35 + 1 * 10, 9);
    expect(a!.groupKgKm).toBeCloseTo(10, 9);
    expect(b!.totalKgKm).toBeCloseTo(1.9 * 35 + 1 * 35 + 1 * 25, 9);
    expect(b!.afterDay[0]).toBeCloseTo(29, 9);
    expect(a!.groupPart + b!.groupPart).toBeCloseTo(1, 12);
  });
  test('people are known by their names from trip to trip, whatever their case', () => {
    const members = carriedBefore(walked, [' A ', 'somebody']);
    expect(members?.map((m) => m.name)).toEqual(['a']);
    expect(carriedBefore(walked, ['somebody'])).toBeUndefined();
    const trips = ['one', 'two'].map((id) => ({ id, name: id, startDate: '2026-05-01', members: members! }));
    expect(earlierWork(trips, 'A')).toEqual({
      trips: 2,
      totalKgKm: expect.closeTo(2 * (1.9 * 35 + 10), 6) as number,
      groupKgKm: expect.closeTo(20, 6) as number,
    });
    expect(earlierWork(trips, 'b')).toEqual({ trips: 0, totalKgKm: 0, groupKgKm: 0 });
  });
  test('nothing carried is nobody’s part', () =>
    expect(carriedWork(aTrip([aMember('a')], []))[0]!.groupPart).toBe(0));
});
