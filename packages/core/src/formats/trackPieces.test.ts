import fc from 'fast-check';
import { parseGpx, type GpxFile, type GpxPoint } from './gpx.js';
import { gapsKm, pointsOf, suggestedOrder, trackPieces, type PieceUse } from './trackPieces.js';
import { trackAsWritten, trackFromParts } from './trackFromPoints.js';
import { tripGpx } from './writeGpx.js';
import { adoptTrack } from '../route/legChanges.js';
import { loweredBy } from '../route/legChanges.js';
import { emptyTrip } from '../trip/emptyTrip.js';
import type { Trip } from '../trip/model.js';

const KM = 1 / 111.195;
/** A straight way north from one km to another, a point every 100 m. */
const way = (fromKm: number, toKm: number, east = 0): readonly GpxPoint[] => {
  const count = Math.round(Math.abs(toKm - fromKm) * 10);
  return Array.from({ length: count + 1 }, (_v, i) => ({
    latitudeDeg: 50 + (fromKm + ((toKm - fromKm) * i) / count) * KM,
    longitudeDeg: east * KM * 1.5,
    elevationM: 100 + i,
  }));
};
const file = (...lines: (readonly (readonly GpxPoint[])[])[]): GpxFile => ({
  name: 'F',
  lines: lines.map((segments, i) => ({ kind: 'track', name: `Track ${i + 1}`, segments })),
  waypoints: [],
});
const order = (f: GpxFile): readonly string[] =>
  suggestedOrder(trackPieces(f)).map((u) => `${u.id}${u.isReversed ? ' reversed' : ''}`);

describe('pieces of a file', () => {
  test('segments whose ends meet are one; a gap over 200 m parts them and is not walked', () => {
    const near = trackPieces(file([way(0, 3), way(3.1, 6)]));
    expect(near).toHaveLength(1);
    const apart = trackPieces(file([way(0, 3), way(4, 6)]));
    expect(apart.map((p) => [p.name, p.lengthKm.toFixed(1)])).toEqual([
      ['Track 1, part 1', '3.0'],
      ['Track 1, part 2', '2.0'],
    ]);
    const uses = suggestedOrder(apart);
    expect(gapsKm(apart, uses).map((km) => km.toFixed(2))).toEqual(['1.00']);
    const track = trackFromParts('T', pointsOf(apart, uses))!;
    expect(track.distanceKm.at(-1)).toBeCloseTo(5, 2);
    expect(track.gapsBefore).toHaveLength(1);
  });
  test('an instrument that loses its way within a segment leaves a gap; a sparse route does not', () => {
    const lost = [...way(0, 3), ...way(7, 9)];
    expect(trackPieces(file([lost]))).toHaveLength(2);
    const sparse = way(0, 9).filter((_p, i) => i % 5 === 0);
    expect(trackPieces(file([sparse]))).toHaveLength(1);
    const route: GpxFile = {
      ...file(),
      lines: [{ kind: 'route', name: 'R', segments: [[...way(0, 1), ...way(8, 9)]] }],
    };
    expect(trackPieces(route)).toHaveLength(1);
  });
  test('days in the wrong order, one of them the wrong way round, are put in order', () => {
    expect(order(file([way(0, 5)], [way(5, 9)]))).toEqual(['1.1', '2.1']);
    expect(order(file([way(5, 9)], [way(0, 5)], [way(14, 9)]))).toEqual(['2.1', '1.1', '3.1 reversed']);
  });
  test('another way between two places of the way is an alternative; a day back is not', () => {
    const detour = way(2, 4).map((p, i, all) => ({
      ...p,
      longitudeDeg: Math.sin((Math.PI * i) / (all.length - 1)) * KM * 1.5,
    }));
    const pieces = trackPieces(file([way(0, 9)], [detour]));
    expect(pieces.map((p) => p.isAlternative)).toEqual([false, true]);
    expect(suggestedOrder(pieces)).toEqual([{ id: '1.1', isReversed: false }]);
    expect(trackPieces(file([way(0, 9)], [way(9, 0)])).map((p) => p.isAlternative)).toEqual([false, false]);
  });
  test('thousands of segments are joined in one go; hundreds of pieces are refused by number', () => {
    const many = Array.from({ length: 5_000 }, (_v, i) => way(i / 10, i / 10 + 0.1));
    expect(trackPieces(file(many))).toHaveLength(1);
    const scattered = Array.from({ length: 300 }, (_v, i) => way(i, i + 0.5));
    expect(() => trackPieces(file(scattered))).toThrow(/at most 200 pieces of way, got 300/);
  });
  test('property: whatever the order, the length is that of the pieces, and no gap is in it', () => {
    const spans = fc.array(fc.tuple(fc.integer({ min: 0, max: 80 }), fc.integer({ min: 1, max: 6 })), {
      minLength: 1,
      maxLength: 6,
    });
    fc.assert(
      fc.property(spans, fc.boolean(), (list, isReversed) => {
        const pieces = trackPieces(file(...list.map(([at, km]) => [way(at, at + km)])));
        const uses: readonly PieceUse[] = pieces.map((p) => ({ id: p.id, isReversed }));
        const track = trackFromParts('T', pointsOf(pieces, uses))!;
        const sum = pieces.reduce((km, p) => km + p.lengthKm, 0);
        expect(Math.abs(track.distanceKm.at(-1)! - sum)).toBeLessThan(0.01);
      }),
      { seed: 3, numRuns: 30 },
    );
  });
});

describe('what Graft has written comes back', () => {
  const trip: Trip = (() => {
    const pieces = trackPieces(file([way(0, 6), way(8, 12)]));
    const track = trackFromParts('Our way', pointsOf(pieces, suggestedOrder(pieces)))!;
    const bare = adoptTrack(emptyTrip('t', 'T', '2027-05-10', 3), track);
    return {
      ...bare,
      waypoints: [
        {
          id: 'Spring',
          name: 'Spring',
          kind: 'water',
          atKm: 2.345,
          reliance: 'seasonal',
          note: 'behind the wall',
        },
        { id: 'Cache', name: 'Cache', kind: 'water', atKm: 7.5, reliance: 'sure', cacheL: 6 },
      ],
    };
  })();
  test('without loss: distances, heights, gaps, places', () => {
    const gpx = parseGpx(tripGpx(trip)!);
    expect(trackAsWritten(gpx.lines[0]!)).toEqual(trip.track);
    expect(gpx.waypoints.map((w) => [w.name, w.atKm, w.cacheL, w.description]).slice(0, 2)).toEqual([
      ['Spring', 2.345, undefined, 'behind the wall'],
      ['Cache', 7.5, 6, ''],
    ]);
  });
  test('distances that are none, or too few, are not believed', () => {
    for (const wrong of ['0 1 1.5', '0 -1', '5 6', 'a b', '']) {
      const text = tripGpx(trip)!.replace(/<graft:distancesKm>[^<]*/, `<graft:distancesKm>${wrong}`);
      expect(trackAsWritten(parseGpx(text).lines[0]!)).toBeUndefined();
    }
  });
});

test('a track under typed days: they keep their proportions, and what gets lower is said', () => {
  const typed: Trip = {
    ...emptyTrip('t', 'T', '2027-05-10', 2),
    legs: [
      {
        ...emptyTrip('t', 'T', '2027-05-10', 1).legs[0]!,
        distanceKm: 9,
        climbM: 700,
        descentM: 200,
        hours: 5,
      },
      {
        ...emptyTrip('t', 'T', '2027-05-10', 1).legs[0]!,
        id: 'two',
        distanceKm: 3,
        climbM: 100,
        descentM: 600,
        hours: 2,
      },
    ],
  };
  const bare = trackFromParts('flat', [way(0, 8).map((p) => ({ ...p, elevationM: undefined }))])!;
  const adopted = adoptTrack(typed, bare);
  expect(adopted.legs.map((l) => [l.distanceKm, l.climbM, l.hours])).toEqual([
    [6, 700, 5],
    [2, 100, 2],
  ]);
  expect(loweredBy(typed, adopted)).toEqual(['12.0 km typed, 8.0 km now']);
  const high = adoptTrack(typed, trackFromParts('high', [way(0, 20)])!);
  expect(loweredBy(typed, high)).toEqual(
    expect.arrayContaining([expect.stringMatching(/^800 m up typed, \d+ m up now$/)]),
  );
  expect(loweredBy(typed, typed)).toEqual([]);
});

test('property: no track lowers a typed figure without saying so; one without heights lowers no climb and no hours', () => {
  const [empty] = emptyTrip('t', 'T', '2027-05-10', 1).legs;
  const leg = fc.record({
    distanceKm: fc.constantFrom(0, 4, 9.5, 21),
    climbM: fc.constantFrom(0, 80, 900),
    descentM: fc.constantFrom(0, 120, 800),
    hours: fc.constantFrom(0, 2.5, 7),
  });
  fc.assert(
    fc.property(
      fc.array(leg, { minLength: 1, maxLength: 4 }),
      fc.integer({ min: 1, max: 40 }),
      fc.boolean(),
      (legs, km, hasHeights) => {
        const typed: Trip = {
          ...emptyTrip('t', 'T', '2027-05-10', legs.length),
          legs: legs.map((l, i) => ({ ...empty!, ...l, id: `d${i}` })),
        };
        const points = way(0, km).map((p) => (hasHeights ? p : { ...p, elevationM: undefined }));
        const after = adoptTrack(typed, trackFromParts('T', [points])!);
        const isLower = (of: (l: Trip['legs'][number]) => number, by: number): boolean =>
          typed.legs.some((l, i) => of(l) - of(after.legs[i]!) > by);
        const isShorter = isLower((l) => l.distanceKm, 0.05);
        const rest =
          isLower((l) => l.climbM, 1) || isLower((l) => l.descentM, 1) || isLower((l) => l.hours, 0.05);
        expect(loweredBy(typed, after).length > 0).toBe(isShorter || rest);
        if (!hasHeights) expect(rest).toBe(false);
      },
    ),
    { seed: 8, numRuns: 60 },
  );
});
