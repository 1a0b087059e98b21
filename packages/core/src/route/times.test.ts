import { emptyTrip } from '../trip/emptyTrip.js';
import type { Leg, Trip } from '../trip/model.js';
import { aMember, aTrip } from '../testing/smallTrip.js';
import { dayEffort } from './effort.js';
import { langmuirHours, naismithHours } from '../carriage/naismith.js';
import { pandolfWatts } from '../carriage/pandolf.js';
import { toblerSpeedKmh } from '../carriage/tobler.js';
import { evenSlopes } from './legSlopes.js';
import { dayTimes, memberPace, memberTimes, naismithLangmuirHours, toblerHours } from './walkingTime.js';

describe('Naismith 1892, as stated in the Scottish Mountaineering Club Journal', () => {
  // "an hour for every three miles on the map, with an additional hour for every 2,000 feet of ascent"
  test('three miles take an hour, 2000 feet of ascent another', () => {
    expect(naismithHours(3 * 1.609344, 0)).toBeCloseTo(1, 1);
    expect(naismithHours(0, 2000 * 0.3048)).toBeCloseTo(1, 1);
  });
  // His own example there: Crianlarich to Ben More and back, ten miles and 6300 feet of climbing (from memory).
  test('his ten miles and 6300 feet come to six and a half hours', () => {
    // The metric rule rounds three miles up to 5 km: within six minutes of his.
    expect(Math.abs(naismithHours(10 * 1.609344, 6300 * 0.3048) - 6.5)).toBeLessThan(0.1);
  });
});

describe('Langmuir’s corrections, Mountaincraft and Leadership 1984', () => {
  test('ten minutes off for 300 m of gentle descent, ten more for 300 m of steep', () => {
    expect(langmuirHours(300, 0) * 60).toBeCloseTo(-10, 10);
    expect(langmuirHours(0, 300) * 60).toBeCloseTo(10, 10);
    expect(langmuirHours(600, 300) * 60).toBeCloseTo(-10, 10);
  });
  test.each([
    // 300 m down over a distance gives the angle; below 5° nothing is corrected.
    [6, 0, 'slope of 2.9°'],
    [2, -10, 'slope of 8.5°'],
    [1, 10, 'slope of 16.7°'],
  ])('%s km for 300 m down: %s minutes (%s)', (distanceKm, minutes) => {
    const corrected = naismithLangmuirHours({ distanceKm, climbM: 0 }, [{ distanceKm, riseM: -300 }]);
    expect((corrected - naismithHours(distanceKm, 0)) * 60).toBeCloseTo(minutes, 8);
  });
});

describe('Tobler 1993, NCGIA technical report 93-1', () => {
  test.each([
    // The report's own statements: about 5 km/h on the flat, 6 at its fastest, on a gentle descent of 5 %.
    [0, 5.04],
    [-0.05, 6],
    // From the formula tabulated in the literature (from memory): 10 %, 20 %, 30 % up and down.
    [0.1, 3.55],
    [0.2, 2.5],
    [0.3, 1.76],
    [-0.1, 5.04],
    [-0.3, 2.5],
  ])('slope %s: %s km/h', (slope, kmh) => expect(toblerSpeedKmh(slope)).toBeCloseTo(kmh, 2));
  test('off paths it is three fifths as fast', () => {
    const flat = [{ distanceKm: 5, riseM: 0 }];
    expect(toblerHours(flat, 'moor')).toBeCloseTo(toblerHours(flat, 'path') / 0.6, 10);
  });
});

describe('Pandolf, Givoni & Goldman 1977', () => {
  // Worked by hand from the published equation: 70 kg, 20 kg, 4.8 km/h (1.333 m/s), level, treadmill (η = 1):
  // 105 + 180·(20/70)² = 14.69; 90·1.5·1.7778 = 240.0 → 359.7 W.
  test('70 kg with 20 kg at 4.8 km/h on the level: 360 W', () => {
    const outcome = pandolfWatts({
      bodyKg: 70,
      loadKg: 20,
      speedMs: 4.8 / 3.6,
      gradePercent: 0,
      terrainFactor: 1,
    });
    expect(outcome).toEqual({ watts: expect.closeTo(359.69, 1) });
  });
  test('standing without a load costs 1.5 W per kg, the equation’s first term', () => {
    expect(pandolfWatts({ bodyKg: 80, loadKg: 0, speedMs: 0, gradePercent: 0, terrainFactor: 1.5 })).toEqual({
      watts: 120,
    });
  });
  test('ten per cent uphill adds 0.35·V·G per kg moved', () => {
    const at = (gradePercent: number): number => {
      const outcome = pandolfWatts({ bodyKg: 70, loadKg: 20, speedMs: 1, gradePercent, terrainFactor: 1.2 });
      return 'watts' in outcome ? outcome.watts : NaN;
    };
    expect(at(10) - at(0)).toBeCloseTo(1.2 * 90 * 0.35 * 10, 8);
  });
  test.each([
    [{ gradePercent: -1 }, 'the model does not hold downhill'],
    [{ gradePercent: 26 }, "steeper than 25 %, the model's limit"],
    [{ speedMs: 2.6 }, "faster than 2.5 m/s, the model's limit"],
    [{ loadKg: 71 }, "more than 70 kg, the model's limit"],
  ])('outside of its range it refuses: %o', (more, outside) => {
    const input = { bodyKg: 70, loadKg: 20, speedMs: 1, gradePercent: 0, terrainFactor: 1.2, ...more };
    expect(pandolfWatts(input)).toEqual({ outside });
  });
});

const leg = (more: Partial<Leg>): Leg => ({ ...emptyTrip('t', 't', '2027-05-10', 1).legs[0]!, ...more });
const tripOf = (...legs: readonly Leg[]): Trip => ({
  ...aTrip(
    [aMember('slow', { experience: 'newcomer' }), aMember('quick', { experience: 'seasoned' })],
    [],
    [],
    legs.length,
  ),
  legs,
});

describe('a day', () => {
  test('without a track climbs and falls equally steeply', () => {
    expect(evenSlopes({ distanceKm: 10, climbM: 600, descentM: 200 })).toEqual([
      { distanceKm: 7.5, riseM: 600 },
      { distanceKm: 2.5, riseM: -200 },
    ]);
    expect(evenSlopes({ distanceKm: 10, climbM: 0, descentM: 0 })).toEqual([{ distanceKm: 10, riseM: 0 }]);
  });
  test('takes the leader’s hours, or Naismith’s where there are none', () => {
    const trip = tripOf(leg({ distanceKm: 10, climbM: 600, hours: 5 }), leg({ distanceKm: 10, climbM: 600 }));
    expect(dayTimes(trip, 1)).toMatchObject({ plannedH: 5, naismithLangmuirH: 3 });
    expect(dayTimes(trip, 2).plannedH).toBe(3);
  });
  test('is slowest for the newcomer, by the starting guess', () => {
    const trip = tripOf(leg({ distanceKm: 10, hours: 5 }));
    expect(memberTimes(trip, 1).map((t) => [t.memberId, t.hours])).toEqual([
      ['slow', 6],
      ['quick', 4.5],
    ]);
  });
  test('takes the pace of the member’s own trials, between the loads walked', () => {
    const walk = (id: string, loadKg: number, minutes: number) => ({
      id,
      date: '2027-03-01',
      loadKg,
      distanceKm: 5,
      climbM: 0,
      minutes,
      comfort: 8,
      interrupted: false,
    });
    const member = aMember('a', { carryTrials: [walk('w1', 0, 60), walk('w2', 10, 66)] });
    // Naismith gives the 5 km an hour: 60 min is his speed, 66 min is 1.1 times his time.
    expect(memberPace(member, 0).factor).toBeCloseTo(1, 10);
    expect(memberPace(member, 10).factor).toBeCloseTo(1.1, 10);
    expect(memberPace(member, 5).factor).toBeCloseTo(2 / (1 + 1 / 1.1), 10);
    expect(memberPace(member, 20).factor).toBeCloseTo(1.1, 10);
  });
});

describe('the effort of a day', () => {
  test('on the level at the planned pace is Pandolf’s', () => {
    const trip = tripOf(leg({ distanceKm: 12, hours: 3, ground: 'path', waterL: 0 }));
    const [member] = trip.members;
    const effort = dayEffort(trip, member!, 1);
    expect(effort.levelSpeedMs).toBeCloseTo(4 / 3.6, 3);
    expect(effort.level).toEqual(
      pandolfWatts({
        bodyKg: 70,
        loadKg: 1.9,
        speedMs: effort.levelSpeedMs,
        gradePercent: 0,
        terrainFactor: 1.2,
      }),
    );
    expect(effort.climb).toEqual(effort.level);
  });
  test.each(['snow', 'scramble'] as const)('on %s is not said', (ground) => {
    const trip = tripOf(leg({ distanceKm: 6, climbM: 300, hours: 4, ground }));
    expect(dayEffort(trip, trip.members[0]!, 1).climb).toHaveProperty('outside');
  });
});
