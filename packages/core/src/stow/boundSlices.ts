/** Compartments and stiff things cut into slices: by rows from the back, by levels, and across an axis that leans. */
import type { LaidCompartment } from './layout.js';
import type { Compartment } from './packGeometry.js';
import type { SliceGroup, StiffStep } from './slicedRoom.js';
import type { Turn } from './solids.js';

const SLICE_CM = 0.5;
const LEANING_SLICE_CM = 0.25;

/** Rows of a turned thing, whose middle ones hold the most: one upon another, the outermost first. */
export function rowSteps(turn: Turn, cellCm: number): readonly StiffStep[] {
  const rows = new Float64Array(turn.ny);
  for (let k = 0; k < turn.dy.length; k += 1) rows[turn.dy[k]!]! += turn.high[k]! - turn.low[k]!;
  const steps: StiffStep[] = [];
  for (let k = 0; k < turn.ny / 2; k += 1) {
    const more = (rows[k]! - (rows[k - 1] ?? 0)) * cellCm ** 2;
    const long = turn.ny - 2 * k;
    if (more > 0) steps.push({ lengthCm: long * cellCm, volumeCm3: more * long });
  }
  return steps;
}

/** Columns of a turned thing by how tall they are: each lies about its middle. */
export function levelSteps(turn: Turn, cellCm: number): readonly StiffStep[] {
  const columns = new Map<number, number>();
  for (let k = 0; k < turn.dx.length; k += 1) {
    const tall = Math.round(1000 * (turn.high[k]! - turn.low[k]!)) / 1000;
    if (tall > 0) columns.set(tall, (columns.get(tall) ?? 0) + 1);
  }
  return [...columns].map(([tall, n]) => ({ lengthCm: tall, volumeCm3: tall * n * cellCm ** 2 }));
}

/** A main compartment's rows from the back outward. */
export function rowsOf({ compartment: c, capacityL }: LaidCompartment): SliceGroup {
  const capacityCm3 = new Float64Array(c.ny);
  for (let i = 0; i < c.floor.length; i += 1)
    capacityCm3[Math.floor(i / c.nx)]! += (c.ceiling[i]! - c.floor[i]!) * c.cellCm ** 2;
  // What the reservoir takes of the rows nearest the back.
  let taken = Math.max(0, capacityCm3.reduce((sum, r) => sum + r, 0) - 1000 * capacityL);
  for (let r = 0; r < c.ny; r += 1) {
    const gone = Math.min(capacityCm3[r]!, taken * RESERVOIR_ROW_PART);
    taken -= gone;
    capacityCm3[r]! -= gone;
  }
  return { fromCm: c.y0, sliceCm: c.cellCm, capacityCm3, gridded: true };
}
/** The reservoir is about three centimetres thick; taking less from a row keeps the bound a bound. */
const RESERVOIR_ROW_PART = 1 / 3;

/** A compartment's levels from the floor up, or from the ceiling down along an axis that points down. */
export function levelsOf(c: Compartment, sign: 1 | -1): SliceGroup {
  const bottom = Math.min(...c.floor);
  const top = Math.max(...c.ceiling);
  const count = Math.max(1, Math.ceil((top - bottom) / SLICE_CM));
  const capacityCm3 = new Float64Array(count);
  for (let k = 0; k < count; k += 1) {
    const low = sign > 0 ? bottom + k * SLICE_CM : top - (k + 1) * SLICE_CM;
    let height = 0;
    for (let i = 0; i < c.floor.length; i += 1)
      height += Math.max(0, Math.min(low + SLICE_CM, c.ceiling[i]!) - Math.max(low, c.floor[i]!));
    capacityCm3[k] = height * c.cellCm ** 2;
  }
  return {
    fromCm: sign > 0 ? bottom : -top,
    sliceCm: SLICE_CM,
    capacityCm3,
  };
}

/**
 * A main compartment cut across y − price · z. A column's volume counts as spread evenly over its row and height; so
 * does a thing's, in the same way, so that what is full in truth is full here.
 */
export function leaningSlices(c: Compartment, price: number): SliceGroup {
  const { nx, y0, cellCm, floor, ceiling } = c;
  let [from, to] = [Infinity, -Infinity];
  for (let i = 0; i < floor.length; i += 1) {
    const y = y0 + Math.floor(i / nx) * cellCm;
    for (const z of [floor[i]!, ceiling[i]!]) {
      from = Math.min(from, y - price * z);
      to = Math.max(to, y + cellCm - price * z);
    }
  }
  const capacityCm3 = new Float64Array(Math.max(1, Math.ceil((to - from) / LEANING_SLICE_CM)));
  // Up to t of a row of a cell, summed over t.
  const upTo = (t: number): number => (t <= 0 ? 0 : t < cellCm ? (t * t) / 2 : cellCm * (t - cellCm / 2));
  // Most columns of a row are alike.
  const alike = new Map<string, { readonly i: number; count: number }>();
  for (let i = 0; i < floor.length; i += 1) {
    const key = `${Math.floor(i / nx)} ${floor[i]!} ${ceiling[i]!}`;
    const some = alike.get(key) ?? { i, count: 0 };
    some.count += 1;
    alike.set(key, some);
  }
  for (const { i, count } of alike.values()) {
    const start = from - y0 - Math.floor(i / nx) * cellCm;
    const below = (at: number): number =>
      (upTo(start + at + price * ceiling[i]!) - upTo(start + at + price * floor[i]!)) / price;
    let before = 0;
    for (let k = 0; k < capacityCm3.length; k += 1) {
      const now = below((k + 1) * LEANING_SLICE_CM);
      capacityCm3[k]! += (now - before) * cellCm * count;
      before = now;
    }
  }
  return { fromCm: from, sliceCm: LEANING_SLICE_CM, capacityCm3, leans: true };
}

/** A turned thing's volume along y − price · z, about its middle, in steps that are never above it. */
export function leaningSteps(turn: Turn, cellCm: number, price: number): readonly StiffStep[] {
  // Columns of a row that are as tall: their middles lie at the same height.
  const parts = new Map<string, { readonly at: number; readonly tall: number; cm2: number }>();
  for (let k = 0; k < turn.dy.length; k += 1) {
    const tall = turn.high[k]! - turn.low[k]!;
    const key = `${turn.dy[k]!} ${tall.toFixed(3)}`;
    const at = (turn.dy[k]! + 0.5 - turn.ny / 2) * cellCm;
    const part = parts.get(key) ?? { at, tall, cm2: 0 };
    part.cm2 += cellCm * tall;
    parts.set(key, part);
  }
  /** cm³ in a centimetre of the axis: a row of a cell, smeared by the height of its columns. */
  const density = (x: number): number => {
    let sum = 0;
    for (const { at, tall, cm2 } of parts.values()) {
      const [a, b] = [Math.max(cellCm, Math.abs(price) * tall), Math.min(cellCm, Math.abs(price) * tall)];
      const aside = Math.abs(x - at);
      if (aside >= (a + b) / 2) continue;
      const part = aside <= (a - b) / 2 ? 1 : ((a + b) / 2 - aside) / b;
      sum += (cm2 * cellCm * part) / a;
    }
    return sum;
  };
  // From the middle outward by whole slices, and never more than nearer to it.
  const half = (turn.ny * cellCm + Math.abs(price) * turn.heightCm) / 2;
  const levels: number[] = [];
  for (let k = 1; k * LEANING_SLICE_CM < half; k += 1)
    levels.push(Math.min(levels.at(-1) ?? Infinity, density(k * LEANING_SLICE_CM)));
  const steps: StiffStep[] = [];
  for (const [k, level] of levels.entries()) {
    const more = level - (levels[k + 1] ?? 0);
    const lengthCm = 2 * (k + 1) * LEANING_SLICE_CM;
    if (more > 0) steps.push({ lengthCm, volumeCm3: more * lengthCm });
  }
  return steps;
}
