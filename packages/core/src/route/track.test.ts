import fc from 'fast-check';
import type { GpxPoint } from '../formats/gpx.js';
import { seededRandom, standardNormal } from '../units/random.js';
import { climbAndDescent, climbBetween, elevationAt, slopesBetween, trackLengthKm } from './profile.js';
import { EARTH_RADIUS_KM, haversineKm } from '../formats/haversine.js';
import { placesOfFile, trackFromParts } from '../formats/trackFromPoints.js';

const trackFromPoints = (name: string, points: readonly GpxPoint[]) => trackFromParts(name, [points]);

const at = (latitudeDeg: number, longitudeDeg: number) => ({ latitudeDeg, longitudeDeg });

describe('distance on the sphere', () => {
  test('a degree of a great circle is its part of the circumference', () => {
    expect(haversineKm(at(0, 0), at(1, 0))).toBeCloseTo((2 * Math.PI * EARTH_RADIUS_KM) / 360, 9);
    expect(haversineKm(at(0, 0), at(0, 1))).toBeCloseTo(111.195, 3);
  });
  // Williams' Aviation Formulary: Los Angeles (33°57'N 118°24'W) to New York JFK (40°38'N 73°47'W), 0.623585 radians.
  test('Los Angeles to New York, 0.623585 of the radius', () => {
    const distance = haversineKm(at(33 + 57 / 60, -(118 + 24 / 60)), at(40 + 38 / 60, -(73 + 47 / 60)));
    expect(distance / EARTH_RADIUS_KM).toBeCloseTo(0.623585, 5);
  });
});

/** A straight way north, a point every `stepM`, with a known height and the instrument's noise. */
function walk(
  lengthKm: number,
  stepM: number,
  height: (km: number) => number,
  noiseM: number,
  seed = 1,
): GpxPoint[] {
  const random = seededRandom(seed);
  const count = Math.round((lengthKm * 1000) / stepM);
  return Array.from({ length: count + 1 }, (_v, i) => {
    const km = (i * stepM) / 1000;
    return { ...at(57 + km / 111.195, -17), elevationM: height(km) + noiseM * standardNormal(random) };
  });
}
const naiveClimb = (points: readonly GpxPoint[]): number =>
  points.reduce(
    (sum, p, i) => sum + (i === 0 ? 0 : Math.max(0, p.elevationM! - points[i - 1]!.elevationM!)),
    0,
  );

describe('climb', () => {
  // Known by construction: a hill of 500 m up and down, twice, is 1000 m.
  const hills = (km: number): number => 250 - 250 * Math.cos((2 * Math.PI * km) / 5);
  test.each([0, 1, 3, 5])('two hills of 500 m with %s m of noise are within 3 %% of 1000 m', (noise) => {
    const points = walk(10, 10, hills, noise);
    const track = trackFromPoints('hills', points)!;
    const { climbM, descentM } = climbBetween(track, 0, trackLengthKm(track));
    expect(Math.abs(climbM - 1000)).toBeLessThan(30);
    expect(Math.abs(descentM - 1000)).toBeLessThan(30);
    // The same points summed as they come: what smoothing is for.
    if (noise >= 3) expect(naiveClimb(points)).toBeGreaterThan(1800);
  });
  // Three hills of 600 m, which is 1,800 m by construction, at spacings from a watch's to a route's drawn by hand.
  test.each([25, 50, 100, 250, 500])(
    '1,800 m of hills keep their climb within 3 %% at %i m between points',
    (stepM) => {
      const three = (km: number): number => 400 - 300 * Math.cos((2 * Math.PI * km) / 8);
      for (const offset of [0, stepM / 3000, stepM / 1500]) {
        const track = trackFromPoints(
          'three hills',
          walk(24, stepM, (km) => three(km + offset), 0),
        )!;
        const { climbM } = climbBetween(track, 0, trackLengthKm(track));
        expect(Math.abs(climbM / 1800 - 1)).toBeLessThan(0.03);
      }
    },
  );
  test.each([25, 100, 500])('a lone spike of 900 m is no hill at %i m between points', (stepM) => {
    const points = walk(12, stepM, () => 300, 0);
    points[Math.floor(points.length / 2)] = { ...points[Math.floor(points.length / 2)]!, elevationM: 1200 };
    // Heights that are all one are none: the start is a little lower.
    points[0] = { ...points[0]!, elevationM: 290 };
    const track = trackFromPoints('spike', points)!;
    expect(climbBetween(track, 0, trackLengthKm(track)).climbM).toBeLessThan(15);
  });
  test('a gap has neither length nor climb, whichever day it lies in', () => {
    const low = walk(5, 25, () => 100, 0).map((p, i) => ({ ...p, elevationM: 100 + i * 0.1 }));
    const high = walk(5, 25, () => 900, 0).map((p, i) => ({
      ...p,
      latitudeDeg: p.latitudeDeg + 1,
      elevationM: 900 + i * 0.1,
    }));
    const track = trackFromParts('two', [low, high])!;
    expect(trackLengthKm(track)).toBeCloseTo(10, 1);
    expect(climbBetween(track, 0, 10).climbM).toBeCloseTo(40, 0);
    expect(climbBetween(track, 4, 6).climbM).toBeLessThan(10);
    const steepest = Math.max(...slopesBetween(track, 0, 10).map((s) => s.riseM / (1000 * s.distanceKm)));
    expect(steepest).toBeLessThan(0.01);
  });
  test('a flat way with 3 m of noise has next to none', () => {
    const track = trackFromPoints(
      'flat',
      walk(10, 10, () => 300, 3),
    )!;
    expect(climbBetween(track, 0, 10).climbM).toBeLessThan(15);
  });
  test('a spike of a lost fix is no mountain', () => {
    const points = walk(5, 10, () => 300, 0);
    points[200] = { ...points[200]!, elevationM: 900 };
    const track = trackFromPoints('spike', points)!;
    expect(climbBetween(track, 0, 5).climbM).toBeLessThan(1);
  });
  test('turning points by hand: ripples below the threshold count nothing, the ends count whole', () => {
    expect(climbAndDescent([100, 103, 100, 104, 100], 5)).toEqual({ climbM: 0, descentM: 0 });
    expect(climbAndDescent([100, 150, 120, 160], 5)).toEqual({ climbM: 90, descentM: 30 });
    expect(climbAndDescent([100, 97, 140, 138, 180], 5)).toEqual({ climbM: 83, descentM: 3 });
    expect(climbAndDescent([], 5)).toEqual({ climbM: 0, descentM: 0 });
  });
  test('climb less descent is always the difference of the ends, and no climb is negative', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 0, max: 300 }), { minLength: 1, maxLength: 40 }), (heights) => {
        const { climbM, descentM } = climbAndDescent(heights, 5);
        expect(climbM - descentM).toBeCloseTo(heights[heights.length - 1]! - heights[0]!, 9);
        expect(Math.min(climbM, descentM)).toBeGreaterThanOrEqual(0);
        // Never more than the sum of every step up.
        const naive = heights.reduce(
          (sum, h, i) => sum + (i === 0 ? 0 : Math.max(0, h - heights[i - 1]!)),
          0,
        );
        expect(climbM).toBeLessThanOrEqual(naive + 1e-9);
      }),
      { seed: 4 },
    );
  });
});

describe('a track', () => {
  test('standing about adds no distance', () => {
    const random = seededRandom(5);
    const going = walk(1, 10, () => 100, 0);
    const rest = Array.from({ length: 200 }, (): GpxPoint => ({
      ...at(57 + 1 / 111.195 + (random() - 0.5) * 3e-5, -17 + (random() - 0.5) * 5e-5),
      elevationM: 100,
    }));
    expect(trackLengthKm(trackFromPoints('rest', [...going, ...rest])!)).toBeLessThan(1.02);
  });
  test('points without elevation take it from their neighbours; a track without any has none', () => {
    const points = walk(2, 10, (km) => 100 * km, 0).map((p, i) =>
      i % 3 === 0 ? { ...p, elevationM: undefined } : p,
    );
    expect(elevationAt(trackFromPoints('gaps', points)!, 1)).toBeCloseTo(100, 0);
    const bare = points.map((p) => ({ ...p, elevationM: undefined }));
    expect(trackFromPoints('bare', bare)!.elevationM).toBeUndefined();
  });
  test('a long one is thinned, its length and climb kept', () => {
    const track = trackFromPoints(
      'long',
      walk(120, 5, (km) => 300 + 200 * Math.sin(km / 3), 2),
    )!;
    expect(track.distanceKm.length).toBeLessThanOrEqual(1501);
    expect(trackLengthKm(track)).toBeCloseTo(120, 1);
    // Twelve whole waves and the rest: each rises by 400 m; by hand 120/(6π) waves of 400 m, and the last 36 % of a wave.
    expect(climbBetween(track, 0, 120).climbM).toBeGreaterThan(2400);
    expect(climbBetween(track, 0, 120).climbM).toBeLessThan(2800);
  });
  test('one that gets nowhere is none', () => {
    expect(
      trackFromPoints('point', [walk(1, 10, () => 0, 0)[0]!, walk(1, 10, () => 0, 0)[0]!]),
    ).toBeUndefined();
  });
  test('slopes come in pieces of about 100 m and sum to the way', () => {
    const track = trackFromPoints(
      'slope',
      walk(2, 10, (km) => 100 * km, 0),
    )!;
    const slopes = slopesBetween(track, 0.5, 1.5);
    expect(slopes).toHaveLength(10);
    expect(slopes.reduce((sum, s) => sum + s.distanceKm, 0)).toBeCloseTo(1, 10);
    expect(slopes.reduce((sum, s) => sum + s.riseM, 0)).toBeCloseTo(100, 0);
  });
  test('waypoints near it are put at their distance, far ones left out, kinds guessed', () => {
    const track = trackFromPoints(
      'way',
      walk(4, 10, () => 0, 0),
    )!;
    const place = (name: string, symbol: string, km: number, east = 0) => ({
      ...at(57 + km / 111.195, -17 + east),
      elevationM: undefined,
      name,
      symbol,
      comment: '',
      description: '',
    });
    const found = placesOfFile(
      track,
      [
        place('Boundary stone', '', 3),
        place('', 'Drinking Water', 1),
        place('Shop in the village', '', 2, 0.004),
        place('Far away', '', 2, 0.1),
      ],
      Infinity,
    ).onTheWay;
    expect(found.map((w) => [w.name, w.kind, Math.round(w.atKm), w.reliance])).toEqual([
      ['Waypoint', 'water', 1, 'unsure'],
      ['Shop in the village', 'resupply', 2, 'unsure'],
      ['Boundary stone', 'other', 3, 'unsure'],
    ]);
  });
});
