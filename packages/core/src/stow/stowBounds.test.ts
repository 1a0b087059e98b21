import { seededRandom } from '../units/random.js';
import { solveProgram } from '../testing/highsShare.js';
import { IS_DEEP } from '../testing/runs.js';
import { STOW_LOADS, stowLoadTrip } from '../testing/stowLoads.js';
import type { Placement } from '../trip/model.js';
import { assess } from './assessStow.js';
import type { StowAssessment } from './assessment.js';
import { heightBoundCm, leastOutCm } from './stowBounds.js';
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
 * middles; no lower than the stow, when that is below its band, and no higher when above.
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
  const height: string[] = [];
  const rows: string[] = [];
  const inCell = new Map<number, string[]>(cells.map((cell) => [cell, []]));
  const { massKg } = stow;
  const { tareKg, centreOfGravityCm: tareAt } = problem.pack;
  stow.placed.forEach((p, t) => {
    const litres = problem.things.find((s) => s.thing.id === p.thing.id)!.volumeL[0]!;
    const shares = cells.map((cell) => {
      const name = `s${t}_${cell}`;
      out.push(`${p.massKg * (c.y0 + Math.floor(cell / levels) + 0.5)} ${name}`);
      height.push(`${p.massKg * (bottom + ((cell % levels) + 0.5) * LEVEL_CM)} ${name}`);
      inCell.get(cell)!.push(`${litres} ${name}`);
      return name;
    });
    rows.push(` all${t}: ${shares.join(' + ')} = 1`);
  });
  for (const [cell, terms] of inCell) rows.push(` c${cell}: ${terms.join(' + ')} <= ${room[cell]!}`);
  const limit = massKg * stow.centreOfGravityCm.z - tareKg * tareAt.z;
  if (stow.bandMissCm !== 0)
    rows.push(` height: ${height.join(' + ')} ${stow.bandMissCm < 0 ? '>=' : '<='} ${limit}`);
  const program = `Minimize\n obj: ${out.join(' + ')}\nSubject To\n${rows.join('\n')}\nEnd\n`;
  return ((await solveProgram(program)).objective + tareKg * tareAt.y) / massKg;
}

describe('the least distance out of stows that are no further outside the band', () => {
  const { problem, stow } = softStow(1);
  /** The same stow, were its centre of gravity so high and outside the band. */
  const asIfAt = (z: number, bandMissCm: number): StowAssessment => ({
    ...stow,
    bandMissCm,
    centreOfGravityCm: { ...stow.centreOfGravityCm, z },
  });

  const ALL_GIVEN = [
    ['highest', 0.7],
    ['lowest', 2],
    ['highest', 2],
    ['highest', 4],
    ['lowest', 0.7],
  ] as const;
  // Each program takes HiGHS seconds.
  test.each(IS_DEEP ? ALL_GIVEN : ALL_GIVEN.slice(0, 2))(
    'near the %s by %d cm: as a linear program in depth and height says, by HiGHS',
    async (end, byCm) => {
      const sign = end === 'highest' ? -1 : 1;
      const given = asIfAt(heightBoundCm(problem, stow, end) + sign * byCm, sign);
      const program = await leastByProgram(problem, given);
      const least = leastOutCm(problem, given);
      expect(least).toBeLessThanOrEqual(program);
      expect(least).toBeGreaterThan(program - 0.2);
      // It is the height that costs so much.
      expect(leastOutCm(problem, { ...given, bandMissCm: 0 })).toBeLessThan(least - 0.5);
    },
  );
});

/** The lowest, or highest, that fluids can lie: poured one upon another, the densest first. */
function pouredHeightCm({ problem, stow }: ReturnType<typeof softStow>, which: 'lowest' | 'highest'): number {
  const { compartment: c } = stow.layout.compartments.find((l) => l.compartment.id === 'main')!;
  const [bottom, top] = [Math.min(...c.floor), Math.max(...c.ceiling)];
  const fluids = stow.placed
    .map((p) => ({
      massKg: p.massKg,
      cm3: 1000 * problem.things.find((t) => t.thing === p.thing)!.volumeL[0]!,
    }))
    .sort((a, b) => b.massKg / b.cm3 - a.massKg / a.cm3);
  const stepCm = 0.02;
  let moment = problem.pack.tareKg * problem.pack.centreOfGravityCm.z;
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
  return moment / stow.massKg;
}

test.each([1, 2, 3])(
  'soft things alone: no lower and no higher than poured, the densest first, stow %i',
  (seed) => {
    const soft = softStow(seed);
    const { z } = soft.stow.centreOfGravityCm;
    for (const which of ['lowest', 'highest'] as const) {
      const bound = heightBoundCm(soft.problem, soft.stow, which);
      const poured = pouredHeightCm(soft, which);
      // Never past what can be reached, and near it.
      const short = which === 'lowest' ? poured - bound : bound - poured;
      expect(short).toBeGreaterThan(-0.02);
      expect(short).toBeLessThan(0.5);
      expect(which === 'lowest' ? z - bound : bound - z).toBeGreaterThanOrEqual(0);
    }
  },
);
