import { aMember, aTrip } from '../testing/smallTrip.js';
import type { Leg, Trip } from '../trip/model.js';
import { BREAK_SHARE, dateOfDay, dayCures, dayLength } from './dayLength.js';
import { daysShortOfWater, takeSuggestedWater, waterByDay } from './waterStretches.js';

const PLACE = { name: 'London', latitudeDeg: 51.5, longitudeDeg: -0.13, valleyElevationM: 20 };

/** Legs of so many hours for a regular walker, 4 km an hour. */
function tripOf(hours: readonly number[], more: Partial<Trip> = {}): Trip {
  const base = aTrip([aMember('a')], [], [], hours.length);
  const legs = base.legs.map((leg, i): Leg => ({ ...leg, hours: hours[i]!, distanceKm: hours[i]! * 4 }));
  return { ...base, legs, longestDayH: 6, setOff: '09:00', startDate: '2024-12-20', ...more };
}

test('dates of days pass over the end of a year', () => {
  expect([1, 12, 13].map((day) => dateOfDay('2024-12-20', day))).toEqual([
    '2024-12-20',
    '2024-12-31',
    '2025-01-01',
  ]);
});

describe('a day', () => {
  test('within hours and light is good', () => {
    expect(dayLength(tripOf([5], { place: PLACE, timeZone: 'Europe/London' }), 1)).toMatchObject({
      slowest: { memberId: 'a', hours: 5 },
      arrivalH: 9 + 5 * (1 + BREAK_SHARE),
      problems: [],
    });
  });
  test('of more hours than the longest is said so, by how much', () => {
    expect(dayLength(tripOf([7.5]), 1).problems).toEqual([
      '7.5 h of walking for the slowest, 1.5 h over the longest day of 6 h',
    ]);
  });
  test('that ends in the dark is said so, with both times', () => {
    // London on 20 December: the sun sets at 15:53; off at 11, six hours and an hour of breaks end at 18:00.
    const trip = tripOf([6], { place: PLACE, timeZone: 'Europe/London', setOff: '11:00' });
    expect(dayLength(trip, 1).problems).toEqual([
      expect.stringMatching(/^the slowest arrives at 18:00, 12[5-9] min after sunset at 15:5\d$/),
    ]);
  });
  test('without members or place there is nothing to fear', () => {
    const trip = { ...tripOf([20]), members: [] };
    expect(dayLength(trip, 1)).toMatchObject({ slowest: undefined, arrivalH: undefined, problems: [] });
  });
});

describe('cures', () => {
  const idsOf = (trip: Trip, day: number): readonly string[] => dayCures(trip, day).map((c) => c.id);

  test('of a good day: none', () => expect(dayCures(tripOf([5, 5]), 1)).toEqual([]));
  test('the way goes to a neighbour with hours to spare, as little as is needed', () => {
    const trip = tripOf([7, 3, 7]);
    const [first] = dayCures(trip, 1);
    expect(first).toMatchObject({
      what: 'End day 1 4 km earlier',
      effect: 'day 1: 6.0 h, day 2: 4.0 h for the slowest',
    });
    const cured = first!.apply(trip);
    expect(cured.legs.map((l) => [l.distanceKm, l.hours])).toEqual([
      [24, 6],
      [16, 4],
      [28, 7],
    ]);
    expect(dayLength(cured, 1).problems).toEqual([]);
    expect(dayCures(trip, 3)[0]!.what).toBe('Walk 4 km of day 3 on day 2');
  });
  test('no neighbour is offered that would become too long', () => {
    expect(idsOf(tripOf([7, 6, 7]), 1)).toEqual(['split']);
  });
  test('a day can always be walked in two', () => {
    const trip = tripOf([10]);
    const [split] = dayCures(trip, 1);
    expect(split).toMatchObject({ what: 'Walk day 1 in two days', effect: '5.0 h and 5.0 h, one day more' });
    expect(split!.apply(trip).legs.map((l) => l.hours)).toEqual([5, 5]);
  });
  test('against the dark, setting off earlier comes first, and its effect is true', () => {
    const trip = tripOf([5], { place: PLACE, timeZone: 'Europe/London', setOff: '10:30' });
    const [earlier] = dayCures(trip, 1);
    expect(earlier!.id).toBe('earlier');
    expect(dayLength(earlier!.apply(trip), 1).problems).toEqual([]);
  });
  test('nobody is sent off before sunrise', () => {
    const long = tripOf([7.4], { place: PLACE, timeZone: 'Europe/London', setOff: '08:30', longestDayH: 8 });
    expect(idsOf(long, 1)).not.toContain('earlier');
  });
  test('every cure’s effect is what it does', () => {
    const trip = tripOf([7.3, 4, 5]);
    for (const cure of dayCures(trip, 1)) {
      const hours = cure
        .apply(trip)
        .legs.slice(0, 2)
        .map((_leg, i) => dayLength(cure.apply(trip), i + 1).slowest!.hours);
      for (const h of hours) expect(cure.effect).toContain(`${h.toFixed(1)} h`);
    }
  });
});

describe('water', () => {
  const water = (atKm: number, reliance: 'sure' | 'unsure' = 'sure') => ({
    id: `w-${atKm}`,
    name: 'Water',
    kind: 'water' as const,
    atKm,
    reliance,
  });
  // 4 km an hour and half a litre an hour: a litre takes one 8 km far.
  test('without sources a whole day is dry; unsure ones do not count', () => {
    const [day] = waterByDay({ ...tripOf([5]), waypoints: [water(10, 'unsure')] });
    expect(day).toMatchObject({ fromKm: 0, toKm: 20, hours: 5, waterL: 2.5, campWaterL: 0 });
  });
  test('a sure source splits the day; the longer part decides', () => {
    const [day] = waterByDay({ ...tripOf([5]), waypoints: [water(6)] });
    expect(day).toMatchObject({ fromKm: 6, toKm: 20, hours: 3.5, waterL: 2 });
  });
  test('a cache gives what was laid there: half a litre each of two is half a litre less, and no more', () => {
    const cache = (atKm: number, cacheL: number) => ({ ...water(atKm), cacheL });
    const people = tripOf([5]).members.length;
    const at = (...waypoints: ReturnType<typeof water>[]) => waterByDay({ ...tripOf([5]), waypoints })[0]!;
    // 2.5 L for 20 km: a litre is drunk to the cache at km 8, one and a half from it on.
    expect(at(cache(8, 1.5 * people))).toMatchObject({ waterL: 1.5, fromKm: 8, toKm: 20 });
    expect(at(cache(8, 30 * people))).toMatchObject({ waterL: 1.5, fromKm: 8, fillAt: 'Water, km 8.0' });
    // Half a litre each there: two litres to set off with, one and a half when it is taken up.
    expect(at(cache(8, 0.5 * people))).toMatchObject({
      waterL: 2,
      fromKm: 0,
      toKm: 20,
      fromCachesL: 0.5,
      fillAt: 'the start',
    });
    // Two of them, and one that may be gone.
    expect(at(cache(8, 0.5 * people), cache(16, 0.5 * people))).toMatchObject({ waterL: 1.5 });
    expect(at({ ...cache(8, 9), reliance: 'unsure' })).toMatchObject({ waterL: 2.5 });
  });
  test('a cache at a dry camp is there for the evening and the morning', () => {
    const trip = tripOf([5, 5]);
    const legs = trip.legs.map((leg, i) => ({ ...leg, campWaterL: i === 0 ? 0.5 : 0 }));
    const people = trip.members.length;
    const camp = { ...water(20), cacheL: 2 * people };
    expect(waterByDay({ ...trip, legs, waypoints: [camp, water(28)] })[0]).toMatchObject({
      dryCamp: true,
      campWaterL: 1,
      fillAt: 'the start',
    });
  });
  test('a dry camp asks for cooking and the way to the next day’s first water', () => {
    const trip = tripOf([5, 5]);
    const legs = trip.legs.map((leg, i) => ({ ...leg, campWaterL: i === 0 ? 0.5 : 0 }));
    const [day] = waterByDay({ ...trip, legs, waypoints: [water(28)] });
    expect(day).toMatchObject({ dryCamp: true, campWaterL: 3 });
  });
  test('days that carry too little are named, and take what is suggested; more than that is kept', () => {
    const trip = tripOf([5, 2, 4]);
    const legs = trip.legs.map((leg, i) => ({ ...leg, waterL: [1, 3, 2][i]!, campWaterL: i === 2 ? 1 : 0 }));
    const dry = { ...trip, legs };
    expect(daysShortOfWater(dry)).toEqual([1, 3]);
    const filled = takeSuggestedWater(dry);
    expect(filled.legs.map((l) => [l.waterL, l.campWaterL])).toEqual([
      [2.5, 0],
      [3, 0],
      [2, 2],
    ]);
    expect(daysShortOfWater(filled)).toEqual([]);
  });
});
