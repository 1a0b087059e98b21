import fc from 'fast-check';
import { arbitraryTrip } from '../testing/arbitraryTrip.js';
import { solveProgram } from '../testing/highsShare.js';
import { LARGE_CLASSES, randomShareTrip, SHARE_CLASSES } from '../testing/shareClasses.js';
import { aMember, aThing, aTrip } from '../testing/smallTrip.js';
import type { Trip } from '../trip/model.js';
import { shareBound } from './bound.js';
import { fullBound } from './fullBound.js';
import { fairnessSchool, formatMeasure } from './fairness.js';
import { shareProblem, type ShareProblem } from './problem.js';
import { proveLevel } from './proveLevel.js';
import { levelProgram, overloadProgram } from './shareProgram.js';
import type { ShareScore } from './shareScore.js';
import { ShareState } from './shareState.js';
import { LEVEL_GIVE_FOR_DAYS, solveShare } from './solveShare.js';
import { greedyAssignment } from './startingShares.js';
import { runs, seeds } from '../testing/runs.js';

/** Every assignment there is, with its score. */
function everyShare(problem: ShareProblem): readonly ShareScore[] {
  const scores: ShareScore[] = [];
  const assignment = new Int32Array(problem.bundles.length);
  const visit = (b: number): void => {
    if (b === problem.bundles.length) {
      scores.push(new ShareState(problem, assignment).score());
      return;
    }
    for (const m of problem.bundles[b]!.allowed) {
      assignment[b] = m;
      visit(b + 1);
    }
  };
  visit(0);
  return scores;
}
const tiny = arbitraryTrip({ members: { min: 1, max: 3 }, pieces: { min: 1, max: 6 } });

describe('bounds are below every share there is', () => {
  test('level, ratio and infeasibility, by brute force', () => {
    fc.assert(
      fc.property(tiny, (trip) => {
        const problem = shareProblem(trip);
        if (problem.contradictions.length > 0) return;
        const bound = shareBound(problem);
        for (const score of everyShare(problem)) {
          expect(bound.level).toBeLessThanOrEqual(score.level + 1e-9);
          expect(bound.ratio).toBeLessThanOrEqual(score.largestRatio + 1e-9);
          expect(bound.infeasibility).toBeLessThanOrEqual(score.infeasibility + 1e-9);
        }
      }),
      { seed: 91, numRuns: runs(150) },
    );
  });
  test('the relaxed programs, solved by HiGHS', async () => {
    await fc.assert(
      fc.asyncProperty(tiny, async (trip) => {
        const problem = shareProblem(trip);
        if (problem.contradictions.length > 0) return;
        const scores = everyShare(problem);
        const least = Math.min(...scores.map((s) => (s.apartBroken > 0 ? Infinity : s.infeasibility)));
        if (least === Infinity) return;
        const own = problem.carriers.reduce(
          (sum, c) =>
            sum +
            c.limitKg.reduce(
              (s, limit, d) =>
                s + c.overWeight * Math.max(0, c.baseKg[d]! - limit) + Math.max(0, -c.freeVolumeL[d]!),
              0,
            ),
          0,
        );
        const overload = await solveProgram(overloadProgram(problem));
        expect(own + overload.objective).toBeLessThanOrEqual(least + 1e-6);
        const whole = await solveProgram(overloadProgram(problem, true));
        expect(own + whole.objective).toBeCloseTo(least, 5);
        const within = scores.filter((s) => s.infeasibility <= own + 1e-9);
        if (within.length === 0) return;
        const lowest = Math.min(...within.map((s) => s.level));
        const { level } = shareBound(problem);
        const relaxed = await solveProgram(levelProgram(problem, level, Math.max(level, lowest)));
        const full = fullBound(problem);
        expect(full.level).toBeLessThanOrEqual(lowest + 1e-9);
        // With divided pieces HiGHS comes no higher, where its program is exact.
        expect(full.level).toBeGreaterThanOrEqual(Math.max(level, relaxed.objective - 1e-6) - 1e-9);
      }),
      { seed: 92, numRuns: runs(40) },
    );
  }, 120_000);
});

describe('proveLevel', () => {
  test('says proven exactly when no share is lower, and finds the lower one otherwise', () => {
    fc.assert(
      fc.property(tiny, (trip) => {
        const problem = shareProblem(trip);
        if (problem.contradictions.length > 0) return;
        const scores = everyShare(problem);
        const own = Math.min(...scores.map((s) => s.infeasibility));
        const feasible = scores.filter((s) => s.infeasibility <= 1e-9);
        if (own > 1e-9) return;
        const lowest = Math.min(...feasible.map((s) => s.level));
        // From the worst share within limits: the search must come down to the lowest by itself.
        const start = solveShare(problem, { seed: 1, iterations: 500, proofNodes: 0 });
        if (start.kind !== 'solved' || start.score.infeasibility > 1e-9) return;
        const index = new Map(problem.carriers.map((c, m) => [c.memberId, m]));
        const carrier = new Map(start.share.map((a) => [a.pieceId, index.get(a.memberId)!]));
        const assignment = Int32Array.from(problem.bundles, (b) => carrier.get(b.pieceIds[0]!)!);
        const proof = proveLevel(problem, assignment, start.score.level, start.bound.level, 1_000_000);
        expect(proof.proven).toBe(true);
        expect(new ShareState(problem, proof.assignment).score().level).toBeCloseTo(lowest, 8);
      }),
      { seed: 93, numRuns: runs(120) },
    );
  });
  test('every small class is proven, and HiGHS agrees', async () => {
    const full = { members: 4, pieces: 15, days: 3, fill: 0.9 };
    const classes = [SHARE_CLASSES[0]!, full, { ...full, bigPieces: true }, { ...full, equal: true }];
    for (const [c, seed] of classes.flatMap((x) => seeds(3).map((n) => [x, n] as const))) {
      const problem = shareProblem(randomShareTrip(c, seed));
      const solved = solveShare(problem, { seed: 1 });
      if (solved.kind !== 'solved') throw new Error('expected a share');
      expect(solved.proven).toBe(true);
      const cut = proveLevel(problem, greedyAssignment(problem), 1, 0, 3);
      expect(cut).toMatchObject({ proven: false });
      const program = levelProgram(problem, solved.bound.level, solved.reachedLevel * 1.01, true);
      expect((await solveProgram(program)).objective).toBeCloseTo(solved.reachedLevel, 6);
    }
  }, 120_000);
});

describe('schools of fairness', () => {
  const trip = aTrip(
    [aMember('light', { bodyMassKg: 50 }), aMember('heavy', { bodyMassKg: 100, limitShare: 0.1 })],
    Array.from({ length: 6 }, (_v, i) => aThing(`p${i}`, { massKg: 1 })),
  );
  const loads = (fairness: Trip['fairness']): readonly number[] => {
    const solved = solveShare(shareProblem({ ...trip, fairness }), { seed: 1, iterations: 20_000 });
    if (solved.kind !== 'solved') throw new Error('expected a share');
    return trip.members.map((m) => solved.share.filter((a) => a.memberId === m.id).length);
  };
  test('own limit: both carry up to 10 kg, so three each', () => expect(loads('ownLimit')).toEqual([3, 3]));
  test('body weight: the heavy one carries about twice as much, pack included', () =>
    expect(loads('bodyWeight')).toEqual([1, 5]));
  test('plain kilograms: as much each', () => expect(loads('plainKg')).toEqual([3, 3]));
  test('limits hold whatever the school', () => {
    const tight = { ...trip, members: trip.members.map((m, i) => (i === 1 ? { ...m, ownCapKg: 4 } : m)) };
    const solved = solveShare(shareProblem({ ...tight, fairness: 'bodyWeight' }), { seed: 1 });
    if (solved.kind !== 'solved') throw new Error('expected a share');
    expect(solved.score.overloadKg).toBe(0);
    expect(solved.share.filter((a) => a.memberId === 'heavy')).toHaveLength(2);
  });
  test('in words', () => {
    expect(formatMeasure('ownLimit', 0.714)).toBe('71.4 %');
    expect(formatMeasure('plainKg', 12.34)).toBe('12.3 kg');
    expect(fairnessSchool('bodyWeight').of).toBe('of body weight');
  });
});

test('the level looks at those who carry for the group: own things above it are nobody’s fault', () => {
  // a's own 12 kg fill 99 % of 14 kg; b and c share 6 kg evenly.
  const own = { ...aThing('own', { massKg: 12 }), memberId: 'a', worn: false };
  const trip = aTrip(
    [aMember('a'), aMember('b'), aMember('c')],
    Array.from({ length: 6 }, (_v, i) => aThing(`p${i}`, { massKg: 1 })),
    [own],
  );
  const solved = solveShare(shareProblem(trip), { seed: 1 });
  if (solved.kind !== 'solved') throw new Error('expected a share');
  expect(solved.score.largestRatio).toBeCloseTo(13.9 / 14, 9);
  expect(solved.score.level).toBeCloseTo(4.9 / 14, 9);
  expect(solved.proven).toBe(true);
});

test('a thing too long for somebody’s pack goes to one it fits; for none, that is said', () => {
  const long = { kind: 'block', lengthCm: 90, widthCm: 30, heightCm: 20 } as const;
  const trip = aTrip([aMember('a'), aMember('b')], [aThing('box', { massKg: 1, volumeL: 54, shape: long })]);
  expect(shareProblem(trip).contradictions).toEqual(['box: too big for the packs of all who may carry it']);
  const roomy = {
    ...trip,
    packs: trip.packs.map((p, i) =>
      i === 0
        ? p
        : {
            ...p,
            zones: p.zones.map((z) => ({ ...z, widthCm: 100, depthCm: 100, heightCm: 100, volumeL: 60 })),
          },
    ),
  };
  expect(shareProblem(roomy).bundles[0]!.allowed).toEqual([1]);
});

test('the search never does worse than the plain way, and starts from the share there is when that is better', () => {
  for (const seed of [1, 2]) {
    const problem = shareProblem(randomShareTrip(SHARE_CLASSES[1]!, seed));
    const greedy = new ShareState(problem, greedyAssignment(problem)).score();
    const solved = solveShare(problem, { seed: 1, iterations: 0 });
    if (solved.kind !== 'solved') throw new Error('expected a share');
    expect(solved.score.infeasibility).toBeLessThanOrEqual(greedy.infeasibility);
  }
});

test('both ends of the choice come from the same lowest level: the other gives of it what days gain', () => {
  for (const size of [SHARE_CLASSES[1]!, { members: 3, pieces: 8, days: 3 }]) {
    const problem = shareProblem(randomShareTrip(size, 2));
    const peak = solveShare(problem, { seed: 1, iterations: 30_000, otherGive: LEVEL_GIVE_FOR_DAYS });
    if (peak.kind !== 'solved' || peak.other === undefined) throw new Error('expected two shares');
    expect(peak.other.reachedLevel).toBe(peak.reachedLevel);
    expect(peak.other.score.level).toBeLessThanOrEqual(peak.reachedLevel * (1 + LEVEL_GIVE_FOR_DAYS) + 1e-8);
    expect(peak.other.score.evenness).toBeLessThanOrEqual(peak.score.evenness + 1e-9);
    const anew = new ShareState(problem, assignmentIn(problem, peak.share)).score();
    expect(peak.score.level).toBeCloseTo(anew.level, 9);
    expect(peak.score.evenness).toBeCloseTo(anew.evenness, 9);
  }
});

/** The carrier of each bundle in a share. */
function assignmentIn(problem: ShareProblem, share: Trip['share']): Int32Array {
  const index = new Map(problem.carriers.map((c, m) => [c.memberId, m]));
  const carrier = new Map(share.map((a) => [a.pieceId, index.get(a.memberId)!]));
  return Int32Array.from(problem.bundles, (b) => carrier.get(b.pieceIds[0]!)!);
}

test('the engine never calls itself deeper for a larger party: a hundred members, with little stack to do it in', () => {
  const problem = shareProblem(randomShareTrip(LARGE_CLASSES[2]!, 1));
  const result = solveShare(problem, { seed: 1, iterations: 4000, proofNodes: 2000 });
  expect(result).toMatchObject({ kind: 'solved' });
}, 120_000);

test('a choice for every piece of a large trip in every pack is not too deep to look through', () => {
  const problem = shareProblem(randomShareTrip({ members: 30, pieces: 500, days: 4 }, 1));
  const result = solveShare(problem, { seed: 1, iterations: 20_000 });
  expect(result).toMatchObject({ kind: 'solved' });
});
