/**
 * The share solver measured on seeded random trips of four sizes, one with water by leg, one with own things that others may carry, beside a plain greedy and HiGHS in the same run: the
 * relaxed program as a bound, the integer program as a rival with a minute. HiGHS gets what is asked of the solver too.
 */
import { join } from 'node:path';
import { ROOT } from './paths.mjs';

const percent = (ratio) => `${(100 * ratio).toFixed(3)} %`;
const row = (...cells) =>
  process.stdout.write(`${cells.map((c, i) => (i === 0 ? c.padEnd(24) : c.padStart(15))).join('')}\n`);
const timed = (work) => {
  const started = performance.now();
  return { result: work(), ms: performance.now() - started };
};
const middle = (list) => [...list].sort((a, b) => a - b)[Math.floor((list.length - 1) / 2)];
const worst = (list) => Math.max(...list);
const spread = (list, say) => [say(middle(list)), say(worst(list))];

/**
 * @param core the compiled core
 * @param seed of the solver
 * @param trips how many trips of each class
 * @param mipSeconds how long the integer program may take on the first trip of each class; 0 for not at all
 */
export async function benchShare(core, seed, trips, mipSeconds) {
  const { default: loadHighs } = await import('highs');
  const { randomShareTrip, SHARE_CLASSES } = await import(
    join(ROOT, 'packages/core/dist/testing/shareClasses.js')
  );
  let highs = await loadHighs();
  const solve = async (program, options = {}) => {
    try {
      return highs.solve(program, options);
    } catch (error) {
      // A program that the solver dies of leaves it unusable: the next one gets a new one.
      highs = await loadHighs();
      return { Status: String(error), ObjectiveValue: NaN, Columns: {} };
    }
  };
  const nameOf = (c) =>
    `${c.members}/${c.pieces}/${c.days}${c.waterByLeg ? ' water by leg' : ''}${c.ownMovable ? ` ${c.ownMovable} own` : ''}`;
  const ms = (value) => `${value.toFixed(0)} ms`;

  process.stdout.write(
    `\nshare: ${trips} random trips a class; level above the bound of the relaxed program, median and worst\n`,
  );
  row('class', 'gap', 'worst', 'after evenness', 'worst', 'proven', 'time', 'worst', 'greedy');
  const solved = new Map();
  for (const size of SHARE_CLASSES) {
    const runs = [];
    for (let i = 1; i <= trips; i += 1) {
      const trip = randomShareTrip(size, i);
      const problem = core.shareProblem(trip);
      const run = timed(() => core.solveShare(problem, { seed }));
      const greedy = core.solveShare(problem, { seed, iterations: 0, proofNodes: 0 });
      const { result } = run;
      if (result.kind !== 'solved' || result.score.infeasibility > 1e-6) continue;
      const relaxed = await solve(core.levelProgram(problem, result.bound.level, result.reachedLevel));
      const bound = Math.max(result.bound.level, relaxed.Status === 'Optimal' ? relaxed.ObjectiveValue : 0);
      runs.push({ trip, problem, result, bound, ms: run.ms, greedy: greedy.score.level / bound - 1 });
    }
    solved.set(size, runs);
    row(
      nameOf(size),
      ...spread(
        runs.map((r) => Math.max(0, r.result.reachedLevel / r.bound - 1)),
        percent,
      ),
      ...spread(
        runs.map((r) => Math.max(0, r.result.score.level / r.bound - 1)),
        percent,
      ),
      `${runs.filter((r) => r.result.proven).length} of ${runs.length}`,
      ...spread(
        runs.map((r) => r.ms),
        ms,
      ),
      percent(middle(runs.map((r) => r.greedy))),
    );
  }

  process.stdout.write('\nfirst share within all limits, packs and rules: time\n');
  row('class', 'median', 'worst');
  for (const [size, runs] of solved) {
    const times = runs.map(({ problem }) => {
      const started = performance.now();
      core.solveShare(problem, { seed, tiers: 'fit' });
      return performance.now() - started;
    });
    row(nameOf(size), ...spread(times, ms));
  }

  if (mipSeconds > 0) {
    process.stdout.write(
      `\nagainst the integer program of HiGHS after ${mipSeconds} s, first trip of each class\n`,
    );
    row('class', 'Graft', 'HiGHS', 'Graft above it', 'HiGHS says');
    for (const [size, [first]] of solved) {
      if (first === undefined) continue;
      const { problem, result } = first;
      const program = core.levelProgram(problem, result.bound.level, 1, true);
      const rival = await solve(program, { time_limit: mipSeconds });
      row(
        nameOf(size),
        result.reachedLevel.toFixed(5),
        rival.ObjectiveValue?.toFixed(5) ?? 'nothing',
        percent(result.reachedLevel / rival.ObjectiveValue - 1),
        rival.Status === 'Optimal' ? 'optimal' : 'out of time',
      );
    }
  }

  process.stdout.write(
    '\noverload that nobody can avoid (limits at 70 %): above its bound by the relaxed program\n',
  );
  row('class', 'median', 'worst');
  for (const [size, runs] of solved) {
    const gaps = [];
    for (const { trip } of runs.slice(0, 5)) {
      const weak = {
        ...trip,
        members: trip.members.map((m) => ({
          ...m,
          conditions: [{ label: 'weak', fromDay: 1, toDay: trip.legs.length, factor: 0.7 }],
        })),
      };
      const problem = core.shareProblem(weak);
      const result = core.solveShare(problem, { seed });
      const relaxed = await solve(core.overloadProgram(problem));
      const bound = core.ownInfeasibility(problem) + relaxed.ObjectiveValue;
      if (bound > 0.01) gaps.push(result.score.infeasibility / bound - 1);
    }
    if (gaps.length > 0) row(nameOf(size), ...spread(gaps, percent));
  }

  process.stdout.write(
    '\nre-share after an injury on day 2: handovers found, and the proven fewest (HiGHS, 60 s)\n',
  );
  row('class', 'aim', 'trips', 'found', 'fewest', 'most above', 'time, worst');
  for (const [size, runs] of solved) {
    for (const aim of core.RESHARE_AIMS) {
      const found = [];
      for (const { trip: base, result } of runs.slice(0, 4)) {
        const trip = core.replaceShare(base, result.share);
        const memberId = trip.members[(found.length * 5 + 1) % trip.members.length].id;
        const hurt = core.afterEvent(trip, { kind: 'weaker', memberId, day: 2, label: 'hurt', factor: 0.6 });
        const { result: answer, ms: took } = timed(() => core.planReshare(hurt, 2, aim, seed));
        const { problem, program } = core.fewestProgram(hurt, 2, aim, answer.reached);
        const proof = await solve(program, { time_limit: 60 });
        const fewest =
          proof.Status === 'Optimal'
            ? core.handoversIn(problem, core.assignmentOf(problem, proof.Columns))
            : answer.atLeast;
        found.push({ count: answer.moves.length, fewest, took });
      }
      const sum = (of) => found.reduce((total, f) => total + of(f), 0);
      row(
        nameOf(size),
        aim,
        String(found.length),
        String(sum((f) => f.count)),
        String(sum((f) => f.fewest)),
        String(worst(found.map((f) => f.count - f.fewest))),
        ms(worst(found.map((f) => f.took))),
      );
    }
  }

  process.stdout.write('\npreview of a move: figures of the whole party\n');
  row('class', 'median', 'worst');
  for (const [size, [first]] of solved) {
    if (first === undefined) continue;
    const trip = core.replaceShare(first.trip, first.result.share);
    const bound = core.tripBound(trip);
    const times = Array.from({ length: 40 }, (_v, i) => {
      const { pieceId } = trip.share[(i * 7) % trip.share.length];
      const to = trip.members[(i * 3) % trip.members.length].id;
      return timed(() => core.shareFigures(core.assignPiece(trip, pieceId, to), bound)).ms;
    });
    row(nameOf(size), ...spread(times.slice(5), (value) => `${value.toFixed(1)} ms`));
  }
}
