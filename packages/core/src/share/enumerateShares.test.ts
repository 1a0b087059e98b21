import fc from 'fast-check';
import { arbitraryTrip } from '../testing/arbitraryTrip.js';
import { isEnumerable } from './enumerateShares.js';
import { shareProblem, type ShareProblem } from './problem.js';
import type { ShareScore } from './shareScore.js';
import { ShareState } from './shareState.js';
import { LEVEL_GIVE, solveShare } from './solveShare.js';

/** Every assignment there is, with its score. */
function everyShare(problem: ShareProblem): readonly ShareScore[] {
  const { bundles } = problem;
  const count = bundles.reduce((n, b) => n * b.allowed.length, 1);
  return Array.from({ length: count }, (_v, n) => {
    let rest = n;
    const assignment = bundles.map((b) => {
      const m = b.allowed[rest % b.allowed.length]!;
      rest = Math.floor(rest / b.allowed.length);
      return m;
    });
    return new ShareState(problem, assignment).score();
  });
}

/** The share's tiers, one after another, each over all shares that the ones before leave. */
function lexicographic(
  scores: readonly ShareScore[],
  give: number,
): readonly [number, number, number, number] {
  const least = (of: (s: ShareScore) => number, among: readonly ShareScore[]): number =>
    Math.min(...among.map(of));
  const infeasibility = least((s) => s.infeasibility, scores);
  const fitting = scores.filter((s) => s.infeasibility <= infeasibility + 1e-9);
  const level = least((s) => s.level, fitting);
  const low = fitting.filter((s) => s.level <= level * (1 + give) + 1e-9);
  const crowding = least((s) => s.crowding, low);
  const evenness = least(
    (s) => s.evenness,
    low.filter((s) => s.crowding === crowding),
  );
  return [infeasibility, level, crowding, evenness];
}

test('on tiny trips every tier is at its best, by brute force', () => {
  let looked = 0;
  fc.assert(
    fc.property(
      arbitraryTrip({ members: { min: 1, max: 4 }, pieces: { min: 1, max: 7 } }),
      fc.constantFrom(0, LEVEL_GIVE, 0.01),
      (trip, levelGive) => {
        const problem = shareProblem(trip);
        if (problem.contradictions.length > 0 || !isEnumerable(problem)) return;
        if (problem.bundles.reduce((n, b) => n * b.allowed.length, 1) > 4096) return;
        looked += 1;
        const [infeasibility, level, crowding, evenness] = lexicographic(everyShare(problem), levelGive);
        const solved = solveShare(problem, { seed: 1, levelGive, evennessGives: false });
        if (solved.kind !== 'solved') throw new Error('expected a share');
        expect(solved.score.infeasibility).toBeCloseTo(infeasibility, 7);
        expect(solved.reachedLevel).toBeCloseTo(level, 8);
        expect(solved.score.crowding).toBe(crowding);
        expect(solved.score.evenness).toBeCloseTo(evenness, 7);
      },
    ),
    { seed: 96, numRuns: 1520 },
  );
  expect(looked).toBeGreaterThanOrEqual(1000);
}, 300_000);
