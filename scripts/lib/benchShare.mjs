/**
 * The share solver measured on seeded random trips in many classes: packs that are full, big pieces, long trips, equal
 * members, overload, large parties. Beside it a plain greedy and HiGHS in the same run: the integer program as a rival with
 * a minute. Times are processor time.
 */
import { join } from 'node:path';
import { ROOT } from './paths.mjs';

const percent = (ratio) => `${(100 * ratio).toFixed(3)} %`;
const row = (...cells) =>
  process.stdout.write(`${cells.map((c, i) => (i === 0 ? c.padEnd(24) : c.padStart(15))).join('')}\n`);
const timed = (work) => {
  const before = process.cpuUsage();
  const result = work();
  const { user, system } = process.cpuUsage(before);
  return { result, ms: (user + system) / 1000 };
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
  const classes = await import(join(ROOT, 'packages/core/dist/testing/shareClasses.js'));
  const { className: nameOf, randomShareTrip } = classes;
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
  const ms = (value) => `${value.toFixed(0)} ms`;

  const groups = [
    ['packs are not full', classes.SHARE_CLASSES, trips],
    ['packs are full', classes.FULL_CLASSES, trips],
    ['long, equal, small', classes.OTHER_CLASSES, trips],
    ['large', classes.LARGE_CLASSES, 1],
  ];
  const solved = new Map();
  for (const [what, list, count] of groups) {
    process.stdout.write(
      `\nshare, ${what}: ${count} random trips a class; level above the full bound, before and after evenness\n`,
    );
    row('class', 'gap', 'worst', 'after', 'worst', 'between seeds', 'proven', 'time', 'worst', 'greedy');
    for (const size of list) {
      const runs = [];
      for (let i = 1; i <= count; i += 1) {
        const trip = randomShareTrip(size, i);
        const problem = core.shareProblem(trip);
        const { result, ms: took } = timed(() => core.solveShare(problem, { seed }));
        const greedy = core.solveShare(problem, { seed, iterations: 0, proofNodes: 0 });
        if (result.kind !== 'solved' || result.score.infeasibility > 1e-6) continue;
        // Of large parties once is enough.
        const other = size.members > 30 ? result : core.solveShare(problem, { seed: seed + 1 });
        const levels = [result.reachedLevel, other.reachedLevel];
        runs.push({
          trip,
          problem,
          result,
          bound: result.bound.level,
          ms: took,
          seeds: Math.max(...levels) / Math.min(...levels) - 1,
          greedy: greedy.score.level / result.bound.level - 1,
        });
      }
      if (list !== classes.LARGE_CLASSES) solved.set(size, runs);
      if (runs.length === 0) continue;
      const above = (level) => runs.map((r) => Math.max(0, level(r) / r.bound - 1));
      row(
        nameOf(size),
        ...spread(
          above((r) => r.result.reachedLevel),
          percent,
        ),
        ...spread(
          above((r) => r.result.score.level),
          percent,
        ),
        percent(worst(runs.map((r) => r.seeds))),
        `${runs.filter((r) => r.result.proven).length} of ${runs.length}`,
        ...spread(
          runs.map((r) => r.ms),
          ms,
        ),
        percent(middle(runs.map((r) => r.greedy))),
      );
    }
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

  process.stdout.write('\noverload that nobody can avoid: above the bound by divided pieces\n');
  row('class', 'median', 'worst', 'time, worst');
  for (const size of classes.OVERLOADED_CLASSES) {
    const runs = [];
    for (let i = 1; i <= Math.min(5, trips); i += 1) {
      const problem = core.shareProblem(randomShareTrip(size, i));
      const { infeasibility } = core.fullBound(problem);
      const { result, ms: took } = timed(() => core.solveShare(problem, { seed }));
      if (infeasibility > 0.01) runs.push({ gap: result.score.infeasibility / infeasibility - 1, took });
    }
    if (runs.length === 0) continue;
    row(
      nameOf(size),
      ...spread(
        runs.map((r) => r.gap),
        percent,
      ),
      ms(worst(runs.map((r) => r.took))),
    );
  }

  process.stdout.write(
    '\nre-share after an injury on day 2: handovers found, and the proven fewest (HiGHS, 60 s)\n',
  );
  row('class', 'aim', 'trips', 'found', 'fewest', 'most above', 'said proven', 'time, worst');
  for (const [size, runs] of [...solved].filter(([c]) => classes.SHARE_CLASSES.includes(c))) {
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
        found.push({ count: answer.moves.length, fewest, took, isProven: answer.count === answer.atLeast });
      }
      const sum = (of) => found.reduce((total, f) => total + of(f), 0);
      row(
        nameOf(size),
        aim,
        String(found.length),
        String(sum((f) => f.count)),
        String(sum((f) => f.fewest)),
        String(worst(found.map((f) => f.count - f.fewest))),
        `${found.filter((f) => f.isProven).length} of ${found.length}`,
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
