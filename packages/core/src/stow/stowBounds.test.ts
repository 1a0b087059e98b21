import { seededRandom } from '../units/random.js';
import { solveProgram } from '../testing/highsShare.js';
import { IS_DEEP } from '../testing/runs.js';
import { STOW_LOADS, stowLoadTrip } from '../testing/stowLoads.js';
import type { Placement } from '../trip/model.js';
import { assess } from './assessStow.js';
import type { StowAssessment } from './assessment.js';
import { heavyBoundCm, jointBound, jointFigure, leastOutCm } from './stowBounds.js';
import { stowProblem, type StowProblem } from './stowProblem.js';

const LEVEL_CM = 2;

/** Soft things of one load, thrown into the main compartment. */
function softStow(seed: number): { readonly problem: StowProblem; readonly stow: StowAssessment } {
  const problem = stowProblem(stowLoadTrip(STOW_LOADS[1]!, 'high'), 'wearer', 1);
  const random = seededRandom(seed);
  const placements = problem.things
    .filter((t) => t.thing.shape.kind === 'pouch' || t.thing.shape.kind === 'stuff')
    .map((t): Placement => ({
      thingId: t.thing.id,
      zoneId: 'core',
      side: 'centre',
      pinned: false,
      spot: { xCm: -12 + 24 * random(), yCm: 2 + 18 * random(), turn: Math.floor(6 * random()) },
    }))
    .sort(() => random() - 0.5);
  return { problem, stow: assess(problem, placements) };
}

/**
 * The least distance out as a linear program: each soft thing's share in each row of the grid and each level, at their
 * middles.
 */
async function leastByProgram(problem: StowProblem, stow: StowAssessment): Promise<number> {
  const { compartment: c } = stow.layout.compartments.find((l) => l.compartment.id === 'main')!;
  const bottom = Math.min(...c.floor);
  const levels = Math.ceil((Math.max(...c.ceiling) - bottom) / LEVEL_CM);
  const room = new Float64Array(c.ny * levels);
  for (let i = 0; i < c.floor.length; i += 1) {
    for (let k = 0; k < levels; k += 1) {
      const [from, to] = [bottom + k * LEVEL_CM, bottom + (k + 1) * LEVEL_CM];
      room[Math.floor(i / c.nx) * levels + k]! +=
        Math.max(0, Math.min(to, c.ceiling[i]!) - Math.max(from, c.floor[i]!)) / 1000;
    }
  }
  const cells = [...room.keys()].filter((cell) => room[cell]! > 0);
  const out: string[] = [];
  const rows: string[] = [];
  const inCell = new Map<number, string[]>(cells.map((cell) => [cell, []]));
  const { tareKg, centreOfGravityCm: tareAt } = problem.pack;
  stow.placed.forEach((p, t) => {
    const litres = problem.things.find((s) => s.thing.id === p.thing.id)!.volumeL[0]!;
    const shares = cells.map((cell) => {
      const name = `s${t}_${cell}`;
      out.push(`${p.massKg * (c.y0 + Math.floor(cell / levels) + 0.5)} ${name}`);
      inCell.get(cell)!.push(`${litres} ${name}`);
      return name;
    });
    rows.push(` all${t}: ${shares.join(' + ')} = 1`);
  });
  for (const [cell, terms] of inCell) rows.push(` c${cell}: ${terms.join(' + ')} <= ${room[cell]!}`);
  const program = `Minimize\n obj: ${out.join(' + ')}\nSubject To\n${rows.join('\n')}\nEnd\n`;
  return ((await solveProgram(program)).objective + tareKg * tareAt.y) / stow.massKg;
}

// Each program takes HiGHS seconds.
test.each(IS_DEEP ? [1, 2, 3] : [1])(
  'the least distance out is what a linear program says, by HiGHS, stow %i',
  async (seed) => {
    const { problem, stow } = softStow(seed);
    const program = await leastByProgram(problem, stow);
    const least = leastOutCm(problem, stow);
    expect(least).toBeLessThanOrEqual(program);
    expect(least).toBeGreaterThan(program - 0.2);
    expect(jointBound(problem, stow)).toBeGreaterThanOrEqual(jointFigure(least, 0));
  },
);

/** The lowest, or highest, that the heavy half of fluids can lie: poured one upon another, the densest first. */
function pouredHeightCm({ problem, stow }: ReturnType<typeof softStow>, which: 'lowest' | 'highest'): number {
  const { compartment: c } = stow.layout.compartments.find((l) => l.compartment.id === 'main')!;
  const [bottom, top] = [Math.min(...c.floor), Math.max(...c.ceiling)];
  const fluids = stow.placed
    .map((p) => ({
      massKg: problem.heavy.kgOf.get(p.thing.id) ?? 0,
      cm3: 1000 * problem.things.find((t) => t.thing === p.thing)!.volumeL[0]!,
    }))
    .sort((a, b) => b.massKg / b.cm3 - a.massKg / a.cm3);
  const stepCm = 0.02;
  const heavyKg = fluids.reduce((sum, f) => sum + f.massKg, 0);
  let moment = 0;
  let z = which === 'lowest' ? bottom : top;
  for (const { massKg, cm3 } of fluids) {
    let left = cm3;
    while (left > 0 && z >= bottom && z <= top) {
      const middle = z + (which === 'lowest' ? stepCm / 2 : -stepCm / 2);
      const columns = c.floor.reduce(
        (n, floor, i) => n + (middle > floor && middle < c.ceiling[i]! ? 1 : 0),
        0,
      );
      const poured = Math.min(left, columns * c.cellCm ** 2 * stepCm);
      moment += (massKg * poured * middle) / cm3;
      left -= poured;
      z += which === 'lowest' ? stepCm : -stepCm;
    }
  }
  return moment / heavyKg;
}

test.each([1, 2, 3])(
  'soft things alone: no lower and no higher than poured, the densest first, stow %i',
  (seed) => {
    const soft = softStow(seed);
    const z = soft.stow.heavyCm!;
    for (const which of ['lowest', 'highest'] as const) {
      const bound = heavyBoundCm(soft.problem, soft.stow, which)!;
      const poured = pouredHeightCm(soft, which);
      // Never past what can be reached, and near it.
      const short = which === 'lowest' ? poured - bound : bound - poured;
      expect(short).toBeGreaterThan(-0.02);
      expect(short).toBeLessThan(0.5);
      expect(which === 'lowest' ? z - bound : bound - z).toBeGreaterThanOrEqual(0);
    }
  },
);
