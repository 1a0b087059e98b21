/** Compartments and stiff things cut into slices: by rows from the back and by levels. */
import type { LaidCompartment } from './layout.js';
import { spanOf, type Compartment } from './packGeometry.js';
import type { SliceGroup, StiffStep } from './slicedRoom.js';
import type { Turn } from './solids.js';

const SLICE_CM = 0.5;

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
  const [bottom] = spanOf(c.floor);
  const [, top] = spanOf(c.ceiling);
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
