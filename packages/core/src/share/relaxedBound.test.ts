import fc from 'fast-check';
import { arbitraryTrip } from '../testing/arbitraryTrip.js';
import { solveProgram } from '../testing/highsShare.js';
import { runs, seeds } from '../testing/runs.js';
import {
  className,
  FULL_CLASSES,
  OTHER_CLASSES,
  OVERLOADED_CLASSES,
  randomShareTrip,
  SHARE_CLASSES,
  type ShareClass,
} from '../testing/shareClasses.js';
import { aMember, aThing, aTrip } from '../testing/smallTrip.js';
import { shareBound } from './bound.js';
import { fullBound } from './fullBound.js';
import { solveDeal } from './interiorPoint.js';
import { shareProblem } from './problem.js';
import { relaxedBound } from './relaxedBound.js';
import { levelProgram, overloadProgram } from './shareProgram.js';
import { solveShare } from './solveShare.js';

const CLASSES: readonly ShareClass[] = [
  SHARE_CLASSES[0]!,
  { members: 5, pieces: 24, days: 4, waterByLeg: true },
  FULL_CLASSES[0]!,
  FULL_CLASSES[7]!,
  FULL_CLASSES[8]!,
  ...OTHER_CLASSES.slice(2, 5),
];

test('the deal of two items over two places, by hand', () => {
  // 3 and 1 over two places of one level: 2 each, half of it in either row.
  const take = Float64Array.from([3, 1]);
  const { prices, parts } = solveDeal({
    places: [
      [0, 1],
      [0, 1],
    ],
    rows: [0, 1].map((place) => ({ place, take, room: 0, isLevel: true })),
  });
  expect([...prices].map((p) => Number(p.toFixed(5)))).toEqual([0.5, 0.5]);
  expect(3 * parts[0]! + parts[2]!).toBeCloseTo(2, 5);
});

test.each(CLASSES.map((c) => [className(c), c] as const))(
  'the level with divided pieces is that of HiGHS: %s',
  async (_name, size) => {
    for (const seed of seeds(2)) {
      const problem = shareProblem(randomShareTrip(size, seed));
      const { level } = shareBound(problem);
      const { value } = relaxedBound(problem, { kind: 'level', atLeast: level });
      const program = await solveProgram(levelProgram(problem, level, 1));
      expect(Math.max(level, value)).toBeCloseTo(Math.max(level, program.objective), 5);
    }
  },
  120_000,
);

test('the overload with divided pieces is that of HiGHS', async () => {
  for (const size of OVERLOADED_CLASSES.slice(0, 3)) {
    const problem = shareProblem(randomShareTrip(size, 1));
    const { value } = relaxedBound(problem, { kind: 'over' });
    const { objective } = await solveProgram(overloadProgram(problem));
    expect(value / objective).toBeCloseTo(1, 5);
  }
}, 120_000);

test('the full bound is above no share that keeps everything, with volumes, rules and own things', () => {
  fc.assert(
    fc.property(arbitraryTrip({ members: { min: 1, max: 5 }, pieces: { min: 1, max: 14 } }), (trip) => {
      const problem = shareProblem(trip);
      const solved = solveShare(problem, { seed: 1, iterations: 4000, proofNodes: 0 });
      if (solved.kind !== 'solved') return;
      const bound = fullBound(problem);
      expect(solved.score.infeasibility).toBeGreaterThanOrEqual(bound.infeasibility - 1e-6);
      expect(solved.score.level).toBeGreaterThanOrEqual(bound.ofAny.level - 1e-9);
      if (solved.score.infeasibility <= 1e-9)
        expect(solved.score.level).toBeGreaterThanOrEqual(bound.level - 1e-9);
    }),
    { seed: 95, numRuns: runs(60) },
  );
}, 120_000);

test('what packs and rules do is said in words', () => {
  // Two packs of 60 L: a may carry twice as much, but 20 kg that fill 120 L leave each with half of it.
  const trip = aTrip(
    [aMember('a', { bodyMassKg: 100 }), aMember('b', { bodyMassKg: 60 })],
    Array.from({ length: 10 }, (_v, i) => aThing(`p${i}`, { massKg: 1.2, volumeL: 10 })),
  );
  const problem = shareProblem(trip);
  const bound = fullBound(problem);
  expect(bound.level).toBeGreaterThan(shareBound(problem).level);
  expect(bound.levelReason).toBe(
    'day 1: the weight of all that is shared and the room in the packs together, even if pieces could be divided',
  );
});
