import { aMember, aTrip } from '../testing/smallTrip.js';
import { tripErrors } from '../formats/tripFile.js';
import type { Leg, Trip } from '../trip/model.js';
import { cacheAtCamp, cacheOnTheWay } from './waterCache.js';
import { daysShortOfWater } from './waterStretches.js';

/** Two who drink as one and a half: four hours a day, a litre an hour, the first camp dry. */
function dryTrip(first: Partial<Leg> = {}): Trip {
  const base = aTrip([aMember('a'), aMember('b', { portion: 0.5 })], [], [], 2);
  const walked = { distanceKm: 16, hours: 4, waterL: 4 };
  return {
    ...base,
    waterLPerH: 1,
    // A dry camp asks for two litres, and four for the way to the next camp.
    legs: base.legs.map((leg, i) => ({
      ...leg,
      ...walked,
      ...(i === 0 ? { campWaterL: 6, ...first } : {}),
    })),
  };
}

test('half-way lies half of what is drunk, for all who drink, and each sets off with the other half', () => {
  const cache = cacheOnTheWay(dryTrip(), 1)!;
  expect(cache).toMatchObject({ eachL: 2, litres: 3 });
  expect(cache.trip.waypoints).toEqual([
    { id: 'cache-day-1', name: 'Cache on day 1', kind: 'water', reliance: 'sure', atKm: 8, cacheL: 3 },
  ]);
  expect(cache.trip.legs.map((l) => l.waterL)).toEqual([2, 4]);
  // Steps of half a litre: of five litres two are laid.
  expect(cacheOnTheWay(dryTrip({ waterL: 5 }), 1)).toMatchObject({ eachL: 2.5, litres: 4 });
});

test('at a dry camp lies all but half a litre of what evening and morning ask for; it stays a dry camp', () => {
  const cache = cacheAtCamp(dryTrip(), 1)!;
  expect(cache).toMatchObject({ eachL: 5.5, litres: 8.5 });
  expect(cache.trip.waypoints[0]).toMatchObject({ atKm: 16, cacheL: 8.5 });
  expect(cache.trip.legs.map((l) => l.campWaterL)).toEqual([0.5, 0]);
});

test('with it the plan is no shorter of water than before', () => {
  for (const trip of [dryTrip(), dryTrip({ waterL: 7 }), dryTrip({ distanceKm: 15, waterL: 4.5 })]) {
    expect(daysShortOfWater(trip)).toEqual([]);
    const both = cacheAtCamp(cacheOnTheWay(trip, 1)!.trip, 1)!.trip;
    expect(daysShortOfWater(both)).toEqual([]);
    expect(tripErrors(both)).toEqual([]);
  }
});

test('none where the camp has water, where the way has no length, where nobody drinks, or twice', () => {
  expect(cacheAtCamp(dryTrip({ campWaterL: 0 }), 1)).toBeUndefined();
  expect(cacheOnTheWay(dryTrip({ distanceKm: 0 }), 1)).toBeUndefined();
  expect(cacheOnTheWay({ ...dryTrip(), members: [] }, 1)).toBeUndefined();
  expect(cacheOnTheWay(cacheOnTheWay(dryTrip(), 1)!.trip, 1)).toBeUndefined();
});
