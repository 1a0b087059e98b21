import fc from 'fast-check';
import { shareProblem } from '../share/problem.js';
import { aMember, aThing, aTrip } from '../testing/smallTrip.js';
import { kitParts } from './kitParts.js';
import type { Kit, Piece } from './model.js';
import { runs } from '../testing/runs.js';

const kit = (pieces: readonly Piece[], splitWays?: number): Kit => ({
  id: 'k',
  name: 'Kit',
  pieces,
  ...(splitWays === undefined ? {} : { splitWays }),
});
const heaviest = (parts: readonly (readonly Piece[])[]): number =>
  Math.max(...parts.map((part) => part.reduce((sum, p) => sum + p.massKg, 0)));

/** The lightest heaviest part of all ways to put pieces into so many parts. */
function bestByTrying(masses: readonly number[], ways: number): number {
  let best = Infinity;
  const go = (i: number, sums: readonly number[]): void => {
    if (i === masses.length) best = Math.min(best, Math.max(...sums));
    else
      sums.forEach((_s, k) =>
        go(
          i + 1,
          sums.map((s, j) => (j === k ? s + masses[i]! : s)),
        ),
      );
  };
  go(
    0,
    Array.from({ length: ways }, () => 0),
  );
  return best;
}

describe('the parts of a kit', () => {
  test('property: every piece once, at most so many parts, the heaviest as light as brute force finds', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 1, max: 900 }), { minLength: 1, maxLength: 6 }),
        fc.integer({ min: 1, max: 4 }),
        (grams, ways) => {
          const pieces = grams.map((g, i) => aThing(`p${i}`, { massKg: g / 1000 }));
          const parts = kitParts(kit(pieces, ways));
          expect(
            parts
              .flat()
              .map((p) => p.id)
              .sort(),
          ).toEqual(pieces.map((p) => p.id).sort());
          expect(parts.length).toBeLessThanOrEqual(Math.max(ways, 1));
          if (pieces.length > ways) expect(heaviest(parts)).toBeCloseTo(bestByTrying(grams, ways) / 1000, 9);
        },
      ),
      { seed: 3, numRuns: runs(200) },
    );
  });
  test('pieces with one word stay together; without a number of carriers nothing else is joined', () => {
    const pieces: Piece[] = [
      { ...aThing('scope', { massKg: 1.7 }), together: 'optics' },
      { ...aThing('eyepiece', { massKg: 0.2 }), together: 'optics' },
      aThing('tripod', { massKg: 1.9 }),
    ];
    expect(kitParts(kit(pieces)).map((part) => part.map((p) => p.id))).toEqual([
      ['scope', 'eyepiece'],
      ['tripod'],
    ]);
    expect(kitParts(kit(pieces, 1))).toHaveLength(1);
  });
  test('pieces for different groups never share a part, whatever the number', () => {
    const pieces: Piece[] = [
      { ...aThing('a'), onlyGroupId: 'one' },
      { ...aThing('b'), onlyGroupId: 'two' },
      aThing('c'),
    ];
    expect(kitParts(kit(pieces, 1))).toHaveLength(3);
  });
  test('a kit of a dozen pieces is split evenly, if not provably best', () => {
    const pieces = Array.from({ length: 12 }, (_v, i) => aThing(`p${i}`, { massKg: 0.1 * (i + 1) }));
    const parts = kitParts(kit(pieces, 3));
    expect(parts).toHaveLength(3);
    expect(heaviest(parts)).toBeLessThan(2.9);
  });
  test('sharing carries each part by one member', () => {
    const trip = aTrip([aMember('a'), aMember('b')], []);
    const pieces = ['x', 'y', 'z'].map((id, i) => aThing(id, { massKg: i + 1 }));
    const split = { ...trip, kits: [kit(pieces, 2)] };
    expect(shareProblem(split).bundles.map((b) => b.pieceIds)).toEqual([['x', 'y'], ['z']]);
  });
});
