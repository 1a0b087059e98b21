import fc from 'fast-check';
import { highsLargestRatio } from '../testing/highsShare.js';
import { aMember, aThing, aTrip } from '../testing/smallTrip.js';
import { arbitraryTrip } from '../testing/arbitraryTrip.js';
import { randomShareTrip } from '../testing/shareClasses.js';
import type { Trip } from '../trip/model.js';
import { allPieces, sharedThings } from '../trip/queries.js';
import { replaceShare } from '../trip/changes.js';
import { shareBound } from './bound.js';
import { carrierEffects } from './carrierEffects.js';
import { shareProblem, type ShareProblem } from './problem.js';
import { shareFigures } from './shareFigures.js';
import type { ShareScore } from './shareScore.js';
import { ShareState } from './shareState.js';
import { solveShare } from './solveShare.js';
import { runs } from '../testing/runs.js';

/** Every assignment there is, and the best of them tier by tier. */
function bruteForce(problem: ShareProblem): ShareScore | undefined {
  let best: ShareScore | undefined;
  const assignment = new Int32Array(problem.bundles.length);
  const visit = (b: number): void => {
    if (b === problem.bundles.length) {
      const score = new ShareState(problem, assignment).score();
      if (best === undefined || compare(score, best) < 0) best = score;
      return;
    }
    for (const m of problem.bundles[b]!.allowed) {
      assignment[b] = m;
      visit(b + 1);
    }
  };
  visit(0);
  return best;
}
function compare(a: ShareScore, b: ShareScore): number {
  for (const tier of ['infeasibility', 'level', 'crowding', 'evenness', 'untidiness'] as const) {
    if (Math.abs(a[tier] - b[tier]) > 1e-9) return a[tier] - b[tier];
  }
  return 0;
}

/** No tier gives anything to a later one. */
const STRICT = { levelGive: 0, evennessGives: false } as const;

describe('shareBound', () => {
  test('names a restricted set that binds', () => {
    const trip = aTrip(
      [aMember('a'), aMember('b'), aMember('c')],
      [aThing('x', { massKg: 6 }), { ...aThing('y', { massKg: 10 }), onlyMemberIds: ['a'] }],
    );
    // a alone carries 10 + the pack's 1.9 of 14 kg.
    const bound = shareBound(shareProblem(trip));
    expect(bound.ratio).toBeCloseTo(11.9 / 14, 10);
  });
  test('a piece heavier than its fair part binds by its lightest carrier', () => {
    const trip = aTrip([aMember('a'), aMember('b', { bodyMassKg: 90 })], [aThing('rope', { massKg: 8 })]);
    const bound = shareBound(shareProblem(trip));
    expect(bound.ratio).toBeCloseTo(9.9 / 18, 10);
    expect(bound.reason).toBe('rope alone, even with b');
  });
  test('is never above the largest ratio of any share', () => {
    fc.assert(
      fc.property(
        arbitraryTrip({ members: { min: 1, max: 3 }, pieces: { min: 0, max: 4 } }),
        fc.nat(),
        (trip, salt) => {
          const problem = shareProblem(trip);
          if (problem.contradictions.length > 0) return;
          const any = problem.bundles.map((b, i) => b.allowed[(salt + i * 7) % b.allowed.length]!);
          const { largestRatio } = new ShareState(problem, any).score();
          expect(shareBound(problem).ratio).toBeLessThanOrEqual(largestRatio + 1e-9);
        },
      ),
      { seed: 11, numRuns: runs(300) },
    );
  });
});

describe('solveShare', () => {
  test('equals brute force, tier by tier, on tiny trips', () => {
    fc.assert(
      fc.property(arbitraryTrip({ members: { min: 1, max: 3 }, pieces: { min: 1, max: 6 } }), (trip) => {
        const problem = shareProblem(trip);
        const result = solveShare(problem, { seed: 1, iterations: 20_000, ...STRICT });
        if (problem.contradictions.length > 0) {
          expect(result.kind).toBe('contradiction');
          return;
        }
        if (result.kind !== 'solved') throw new Error('expected a share');
        expect(compare(result.score, bruteForce(problem)!)).toBe(0);
        expect(result.bound.ratio).toBeLessThanOrEqual(result.score.largestRatio + 1e-9);
      }),
      { seed: 42, numRuns: runs(120) },
    );
  }, 60_000);

  test('equals the HiGHS optimum on small trips', async () => {
    for (const seed of [1, 2, 3, 4]) {
      const trip = smallTrip(seed);
      const problem = shareProblem(trip);
      const optimum = await highsLargestRatio(problem, true);
      const relaxed = await highsLargestRatio(problem, false);
      const result = solveShare(problem, { seed, ...STRICT });
      if (result.kind !== 'solved' || optimum === undefined || relaxed === undefined)
        throw new Error('expected shares');
      expect(result.score.infeasibility).toBe(0);
      expect(result.score.largestRatio).toBeCloseTo(optimum, 6);
      expect(result.bound.ratio).toBeLessThanOrEqual(optimum + 1e-9);
      // The combinatorial bound needs no solver, but must not promise more than the relaxation allows.
      expect(result.bound.ratio).toBeLessThanOrEqual(Math.max(relaxed, optimum) + 1e-9);
    }
  }, 120_000);

  test('shares every piece exactly once and keeps locks', () => {
    fc.assert(
      fc.property(arbitraryTrip({ members: { min: 1, max: 4 }, pieces: { min: 1, max: 6 } }), (trip) => {
        const result = solveShare(shareProblem(trip), { seed: 5, iterations: 500 });
        if (result.kind !== 'solved') return;
        expect(result.share.map((a) => a.pieceId).sort()).toEqual(
          sharedThings(trip)
            .map((p) => p.id)
            .sort(),
        );
        for (const lock of trip.share.filter((a) => a.locked)) {
          expect(result.share).toContainEqual(lock);
        }
        const before = sharedThings(trip).reduce((sum, p) => sum + p.massKg, 0);
        const after = result.share.reduce(
          (sum, a) => sum + sharedThings(trip).find((p) => p.id === a.pieceId)!.massKg,
          0,
        );
        expect(after).toBeCloseTo(before, 9);
      }),
      { seed: 3, numRuns: runs(60) },
    );
  });

  test('the same seed gives the same share', () => {
    const problem = shareProblem(smallTrip(9));
    const run = (seed: number) => solveShare(problem, { seed, iterations: 3000 });
    expect(run(4)).toEqual(run(4));
  });

  test('keeps together, keeps apart, keeps to the allowed', () => {
    const trip: Trip = {
      ...aTrip(
        [aMember('a', { tentGroupId: 'tent' }), aMember('b', { tentGroupId: 'tent' }), aMember('c')],
        [
          { ...aThing('body', { massKg: 2 }), onlyGroupId: 'tent' },
          { ...aThing('fly', { massKg: 2 }), onlyGroupId: 'tent' },
          aThing('stove'),
          aThing('spare-stove'),
          aThing('scope'),
          aThing('eyepiece'),
        ],
      ),
      groups: [{ id: 'tent', name: 'Tent', kind: 'tent' }],
      carrierRules: [
        { id: 'r1', kind: 'different', pieceIds: ['stove', 'spare-stove'], reason: 'not both lost' },
        { id: 'r2', kind: 'same', pieceIds: ['scope', 'eyepiece'], reason: 'one case' },
      ],
    };
    const result = solveShare(shareProblem(trip), { seed: 1, iterations: 3000 });
    if (result.kind !== 'solved') throw new Error('expected a share');
    const carrier = new Map(result.share.map((a) => [a.pieceId, a.memberId]));
    expect(['a', 'b']).toContain(carrier.get('body'));
    expect(['a', 'b']).toContain(carrier.get('fly'));
    expect(carrier.get('stove')).not.toBe(carrier.get('spare-stove'));
    expect(carrier.get('scope')).toBe(carrier.get('eyepiece'));
    expect(shareFigures(replaceShare(trip, result.share)).warnings).toEqual([]);
  });

  test("a pack's volume is kept even when the ratio suffers", () => {
    const trip = aTrip(
      [aMember('a', { bodyMassKg: 95 }), aMember('b', { bodyMassKg: 50 })],
      [aThing('big', { massKg: 1, volumeL: 40 }), aThing('bigger', { massKg: 1, volumeL: 40 })],
    );
    const result = solveShare(shareProblem(trip), { seed: 1, iterations: 2000 });
    if (result.kind !== 'solved') throw new Error('expected a share');
    expect(new Set(result.share.map((a) => a.memberId)).size).toBe(2);
    expect(result.score.overVolumeL).toBe(0);
  });

  test('overload that nobody can avoid is least, not hidden', () => {
    const trip = aTrip([aMember('a', { bodyMassKg: 50, limitShare: 0.1 })], [aThing('stone', { massKg: 9 })]);
    const result = solveShare(shareProblem(trip), { seed: 1 });
    if (result.kind !== 'solved') throw new Error('expected a share');
    expect(result.score.overloadKg).toBeCloseTo(1.9 + 9 - 5, 9);
    expect(shareFigures(replaceShare(trip, result.share)).warnings).toEqual([
      'a is 5.9 kg above the limit on day 1',
    ]);
  });

  test('contradicting rules are all named', () => {
    const trip: Trip = {
      ...aTrip(
        [aMember('a'), aMember('b')],
        [aThing('x'), aThing('y'), aThing('z'), { ...aThing('w'), onlyGroupId: 'empty' }],
      ),
      groups: [{ id: 'empty', name: 'Empty tent', kind: 'tent' }],
      carrierRules: [
        { id: 'r1', kind: 'different', pieceIds: ['x', 'y', 'z'], reason: 'three ways' },
        { id: 'r2', kind: 'same', pieceIds: ['x', 'y'], reason: 'one case' },
      ],
    };
    expect(solveShare(shareProblem(trip), { seed: 1 })).toEqual({
      kind: 'contradiction',
      seed: 1,
      reasons: [
        'Empty tent: w: no member may carry it: let others carry it, at Kit',
        '"three ways" keeps pieces apart that another rule keeps together',
      ],
    });
    const crowded: Trip = {
      ...trip,
      kits: [{ id: 'k', name: 'K', pieces: trip.kits[0]!.pieces.slice(0, 3) }],
      carrierRules: [trip.carrierRules[0]!],
    };
    expect(solveShare(shareProblem(crowded), { seed: 1 })).toMatchObject({
      reasons: ['"three ways" asks for 3 different carriers, 2 may carry these pieces'],
    });
    // Each of three rules could be kept, and no two carriers keep all three.
    const pairs = [
      ['x', 'y'],
      ['y', 'z'],
      ['x', 'z'],
    ].map((pieceIds, i) => ({ id: `p${i}`, kind: 'different' as const, pieceIds, reason: `rule ${i + 1}` }));
    expect(solveShare(shareProblem({ ...crowded, carrierRules: pairs }), { seed: 1 })).toMatchObject({
      reasons: [
        '"rule 1" and "rule 2" and "rule 3" together ask for 3 different carriers for x, y, z: 2 may carry these pieces',
      ],
    });
    expect(solveShare(shareProblem(aTrip([], [])), { seed: 1 })).toMatchObject({
      reasons: ['the trip has no members to carry anything'],
    });
  });

  test('progress is told with the best share so far', () => {
    const seen: number[] = [];
    solveShare(shareProblem(randomShareTrip({ members: 6, pieces: 40, days: 4, fill: 0.95 }, 1)), {
      seed: 1,
      iterations: 30_000,
      onProgress: (p) => seen.push(p.best.score.largestRatio),
    });
    expect(seen.length).toBeGreaterThanOrEqual(2);
    expect([...seen].sort((a, b) => b - a)[0]).toBe(seen[0]);
  });
});

describe('carrierEffects', () => {
  test('says what the share becomes when somebody else carries a piece', () => {
    fc.assert(
      fc.property(arbitraryTrip({ members: { min: 2, max: 4 }, pieces: { min: 1, max: 5 } }), (trip) => {
        const piece = allPieces(trip)[0]!;
        for (const effect of carrierEffects(trip, shareFigures(trip), piece.id)) {
          const moved = {
            ...trip,
            share: [
              ...trip.share.filter((a) => a.pieceId !== piece.id),
              { pieceId: piece.id, memberId: effect.member.id, locked: false },
            ],
          };
          expect(effect.largestRatio).toBeCloseTo(shareFigures(moved).largestRatio, 9);
        }
      }),
      { seed: 8, numRuns: runs(40) },
    );
  });
});

/** Five members, ten pieces, three days: beyond brute force, easy for a MIP. */
function smallTrip(seed: number): Trip {
  const [trip] = fc
    .sample(
      fc.record({
        masses: fc.array(fc.integer({ min: 20, max: 250 }), { minLength: 10, maxLength: 10 }),
        bodies: fc.array(fc.integer({ min: 48, max: 98 }), { minLength: 5, maxLength: 5 }),
        own: fc.array(fc.integer({ min: 30, max: 55 }), { minLength: 5, maxLength: 5 }),
      }),
      { seed, numRuns: 1 },
    )
    .map(({ masses, bodies, own }) => {
      const members = bodies.map((bodyMassKg, i) =>
        aMember(`m${i}`, { bodyMassKg, ...(i < 2 ? { tentGroupId: 'tent' } : {}) }),
      );
      const pieces = masses.map((grams10, i) => ({
        ...aThing(`p${i}`, {
          massKg: grams10 / 100,
          ...(i % 3 === 0 ? { consumption: { fromDay: 1 + (i % 2), toDay: 2, residueKg: 0 } } : {}),
        }),
        ...(i === 1 || i === 2 ? { onlyGroupId: 'tent' } : {}),
      }));
      const things = own.map((kg10, i) => ({
        ...aThing(`t${i}`, { massKg: kg10 / 10 }),
        memberId: `m${i}`,
        worn: false,
      }));
      return {
        ...aTrip(members, pieces, things, 3),
        groups: [{ id: 'tent', name: 'Tent', kind: 'tent' as const }],
        carrierRules: [
          { id: 'r', kind: 'different' as const, pieceIds: ['p4', 'p5'], reason: 'not both lost' },
        ],
      };
    });
  return trip!;
}
