/**
 * How near a stow is to the best there is: bounds that no arrangement of the same things in the same compartments beats.
 *
 * Distance out: things as fluids, the densest nearest to the back, filling the main compartment's rows from the back
 * outward (no arrangement has a smaller moment: exchange two unequal parts and it falls), stiff ones no nearer than half
 * their least depth. Height: the same from the floor up, lightest or densest first.
 */
import type { StowAssessment } from './assessment.js';
import { dayVolumeL, type LaidCompartment, type LaidThing } from './layout.js';
import { solidOf } from './solids.js';
import type { StowProblem } from './stowProblem.js';

export interface StowBounds {
  /** No arrangement under the same split has its centre of gravity nearer to the back, cm. */
  readonly leastOutCm: number;
  /** Nor lower or higher than these, cm. */
  readonly lowestCm: number;
  readonly highestCm: number;
}

/** A thing of the main compartment as fluid. */
interface Fluid {
  readonly massKg: number;
  readonly volumeL: number;
  readonly leastHalfDepthCm: number;
}

export function stowBounds(
  problem: StowProblem,
  a: Pick<StowAssessment, 'placed' | 'layout' | 'massKg'>,
): StowBounds {
  const { pack } = problem;
  let out = pack.tareKg * pack.centreOfGravityCm.y;
  let [low, high] = [pack.tareKg * pack.centreOfGravityCm.z, pack.tareKg * pack.centreOfGravityCm.z];
  const mains = new Map(
    a.layout.compartments
      .filter((c) => c.compartment.kind === 'main')
      .map((c) => [c.compartment.id, { laid: c, things: [] as LaidThing[] }]),
  );
  for (const p of a.placed) {
    const main = mains.get(p.compartmentId);
    if (main === undefined || p.insideId !== undefined) {
      // Pockets are what the split has settled; what rides inside another thing is counted with it below.
      if (main === undefined) {
        out += p.massKg * p.centre.y;
        low += p.massKg * p.centre.z;
        high += p.massKg * p.centre.z;
      }
      continue;
    }
    main.things.push(p);
  }
  for (const { laid, things } of mains.values()) {
    const fluids = things.map((p) => fluidOf(problem, a, p, 'packed'));
    const loose = things.map((p) => fluidOf(problem, a, p, 'loose'));
    const rows = rowsOf(laid);
    const levels = levelsOf(laid);
    const byDensity = (list: readonly Fluid[], sign: 1 | -1): readonly Fluid[] =>
      [...list].sort((x, y) => sign * (y.massKg * x.volumeL - x.massKg * y.volumeL) || 0);
    out += leastOut(byDensity(fluids, 1), rows, laid.compartment.y0);
    low += leastMoment(byDensity(fluids, 1), levels);
    // As high as can be: the lightest first, swollen as far as they go.
    high += leastMoment(byDensity(loose, -1), levels);
  }
  const m = a.massKg || 1;
  return { leastOutCm: out / m, lowestCm: low / m, highestCm: high / m };
}

/**
 * Some things at half their least depth, whatever else there is, and the rest as fluids, as if the former took no room:
 * a bound for any choice of the former; stiff deep ones are taken as long as it rises.
 */
function leastOut(fluids: readonly Fluid[], rows: readonly Slice[], back: number): number {
  let alone: readonly Fluid[] = [];
  const moment = (apart: readonly Fluid[]): number =>
    apart.reduce((sum, f) => sum + f.massKg * (back + f.leastHalfDepthCm), 0) +
    leastMoment(
      fluids.filter((f) => !apart.includes(f)),
      rows,
    );
  let best = moment(alone);
  const byDepth = [...fluids].sort((a, b) => b.massKg * b.leastHalfDepthCm - a.massKg * a.leastHalfDepthCm);
  for (const fluid of byDepth) {
    const next = moment([...alone, fluid]);
    if (next <= best) continue;
    best = next;
    alone = [...alone, fluid];
  }
  return best;
}

function fluidOf(
  problem: StowProblem,
  a: Pick<StowAssessment, 'placed'>,
  p: LaidThing,
  state: 'packed' | 'loose',
): Fluid {
  const t = problem.things.find((x) => x.thing === p.thing)!;
  const solid = solidOf(p.thing.shape, dayVolumeL(t, problem.day), 1);
  const riders = a.placed.filter((q) => q.insideId === p.thing.id).reduce((sum, q) => sum + q.massKg, 0);
  const massKg = p.massKg + riders;
  if (solid.kind === 'soft') {
    return {
      massKg,
      volumeL: state === 'packed' ? solid.volumeL : solid.looseL,
      leastHalfDepthCm: solid.leastCm / 2,
    };
  }
  return { massKg, volumeL: p.volumeL, leastHalfDepthCm: Math.min(...solid.turns.map((s) => s.depthCm)) / 2 };
}

/** Thin slices of a compartment: where each begins and how much it holds, litres. */
interface Slice {
  readonly from: number;
  readonly thickness: number;
  readonly litres: number;
}

function rowsOf({ compartment: c, capacityL }: LaidCompartment): readonly Slice[] {
  const rows = Array.from({ length: c.ny }, (_v, iy): Slice => {
    let height = 0;
    for (let ix = 0; ix < c.nx; ix += 1) height += c.ceiling[iy * c.nx + ix]! - c.floor[iy * c.nx + ix]!;
    return { from: c.y0 + iy * c.cellCm, thickness: c.cellCm, litres: (height * c.cellCm ** 2) / 1000 };
  });
  // What the reservoir takes of the rows nearest the back.
  let takenL = Math.max(0, rows.reduce((sum, r) => sum + r.litres, 0) - capacityL);
  return rows.map((row) => {
    const gone = Math.min(row.litres, takenL * RESERVOIR_ROW_PART);
    takenL -= gone;
    return { ...row, litres: row.litres - gone };
  });
}
/** The reservoir is about three centimetres thick; taking less from a row keeps the bound a bound. */
const RESERVOIR_ROW_PART = 1 / 3;

function levelsOf({ compartment: c }: LaidCompartment): readonly Slice[] {
  const bottom = Math.min(...c.floor);
  const top = Math.max(...c.ceiling);
  const count = Math.ceil(top - bottom);
  return Array.from({ length: count }, (_v, k): Slice => {
    const [z0, z1] = [bottom + k, bottom + k + 1];
    let height = 0;
    for (let i = 0; i < c.floor.length; i += 1)
      height += Math.max(0, Math.min(z1, c.ceiling[i]!) - Math.max(z0, c.floor[i]!));
    return { from: z0, thickness: 1, litres: (height * c.cellCm ** 2) / 1000 };
  });
}

/** Moment of fluids poured into slices one after another, kg·cm. */
function leastMoment(fluids: readonly Fluid[], slices: readonly Slice[]): number {
  let moment = 0;
  let s = 0;
  let used = 0;
  for (const { massKg, volumeL } of fluids) {
    let left = volumeL;
    if (volumeL <= 0) {
      moment += massKg * (slices[Math.min(s, slices.length - 1)]?.from ?? 0);
      continue;
    }
    while (left > 1e-12 && s < slices.length) {
      const slice = slices[s]!;
      const part = Math.min(left, slice.litres - used);
      if (part > 0) {
        const at = slice.from + ((used + part / 2) / slice.litres) * slice.thickness;
        moment += massKg * (part / volumeL) * at;
        used += part;
        left -= part;
      }
      if (used >= slice.litres - 1e-12) {
        s += 1;
        used = 0;
      }
    }
    const last = slices[slices.length - 1];
    if (left > 1e-12 && last !== undefined)
      moment += massKg * (left / volumeL) * (last.from + last.thickness);
  }
  return moment;
}
