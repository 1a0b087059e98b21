import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import fc from 'fast-check';
import { parseTripFile } from '../formats/tripFile.js';
import { emptyTrip } from '../trip/emptyTrip.js';
import type { Trip } from '../trip/model.js';
import { dayAtKm, waterAhead, waterWay } from './waterAhead.js';

test('Naismith 1892: 5 km and 600 m up are two hours; at 0.5 L an hour a litre', () => {
  const way = waterWay(1.5, 5, 600, 0.5);
  expect(way.hours).toBeCloseTo(2, 9);
  expect(way.needL).toBeCloseTo(1, 9);
  expect(way.leftL).toBeCloseTo(0.5, 9);
  expect(way.reachKm).toBe(5);
});
test('half of what is needed reaches half the way', () => {
  const way = waterWay(0.5, 5, 600, 0.5);
  expect(way.leftL).toBeCloseTo(-0.5, 9);
  expect(way.reachKm).toBeCloseTo(2.5, 9);
});
test('more water never reaches less far, and more climb never leaves more', () => {
  const km = fc.double({ min: 0.1, max: 30, noNaN: true });
  fc.assert(
    fc.property(
      km,
      fc.nat({ max: 2000 }),
      fc.double({ min: 0, max: 5, noNaN: true }),
      (distance, climb, litres) => {
        expect(waterWay(litres + 0.5, distance, climb, 0.5).reachKm).toBeGreaterThanOrEqual(
          waterWay(litres, distance, climb, 0.5).reachKm - 1e-9,
        );
        expect(waterWay(litres, distance, climb + 100, 0.5).leftL).toBeLessThan(
          waterWay(litres, distance, climb, 0.5).leftL,
        );
      },
    ),
  );
});

/** Two days of 10 km on the flat, 2 h by Naismith, planned for 4 h; a dry camp between them. */
const trip: Trip = {
  ...emptyTrip('t', 'T', '2027-05-10', 2),
  legs: emptyTrip('t', 'T', '2027-05-10', 2).legs.map((leg, i) => ({
    ...leg,
    distanceKm: 10,
    hours: 4,
    campWaterL: i === 0 ? 2 : 0,
  })),
  waypoints: [
    { id: 'a', name: 'Puddle', kind: 'water', atKm: 6, reliance: 'unsure' },
    { id: 'b', name: 'Spring', kind: 'water', atKm: 15, reliance: 'sure' },
    { id: 'c', name: 'Shop', kind: 'resupply', atKm: 8, reliance: 'sure' },
  ],
};

describe('sources ahead', () => {
  const ahead = waterAhead(trip, 5, 2);
  test('unsure ones are told; the list ends with the second sure one; a dry camp and a shop are no water', () =>
    expect(ahead.map((s) => [s.name, s.reliance])).toEqual([
      ['Puddle', 'unsure'],
      ['Spring', 'sure'],
      ['End of the trip', 'sure'],
    ]));
  test('at the planned pace, twice Naismith’s time: 10 km to the spring are 4 h and 2 L', () => {
    expect(ahead[1]!.hours).toBeCloseTo(4, 9);
    expect(ahead[1]!.needL).toBeCloseTo(2, 9);
    expect(ahead[1]!.leftL).toBeCloseTo(0, 9);
    expect(ahead[2]!.leftL).toBeCloseTo(-1, 9);
    expect(ahead[2]!.reachKm).toBeCloseTo(10, 9);
  });
  test('30 °C on day 2 ask for half as much again, on that day’s part', () => {
    const hot = {
      ...trip,
      weather: [{ id: '2027-05-11', dayC: 30, nightC: 15, rainChance: 0, windKmh: 5, byLeader: [] }],
    };
    expect(waterAhead(hot, 5, 2)[1]!.needL).toBeCloseTo(1 + 1 * 1.5, 9);
  });
  test('a camp with water counts', () => {
    const wet = { ...trip, legs: trip.legs.map((leg) => ({ ...leg, campWaterL: 0 })) };
    expect(waterAhead(wet, 5, 2).map((s) => s.name)).toEqual(['Puddle', 'Camp of day 1', 'Spring']);
  });
  test('days by distance', () =>
    expect([0, 9.9, 10, 25].map((km) => dayAtKm(trip, km))).toEqual([1, 1, 2, 2]));
});

test('the demo: on the way of a day the needs to its sources rise with the distance', () => {
  const census = parseTripFile(
    readFileSync(join(__dirname, '../../../../data/demo/corvane-census.graft.json'), 'utf8'),
  );
  const ahead = waterAhead(census, 9.5, 1.5);
  expect(ahead.at(-1)!.reliance).toBe('sure');
  ahead.slice(1).forEach((s, i) => expect(s.needL).toBeGreaterThan(ahead[i]!.needL));
});
