/**
 * How near a stow is to the best there is: bounds that no arrangement of the same things beats.
 *
 * Things take room along one axis: soft ones as fluids, stiff ones with the length and the cross-sections they have;
 * what each slice of a compartment holds is all that limits them (see `momentBound`). So a bound is proven, and not
 * always reached: gravity, reach and what lies beside what are left out.
 */
import type { StowAssessment } from './assessment.js';
import { isReservoirBetween, keptFromBackCm } from './backRule.js';
import type { Thing } from '../trip/model.js';
import { turnGoesInto } from './fitsPack.js';
import { dayVolumeL, type LaidCompartment } from './layout.js';
import {
  leastMomentBound,
  type BoundThing,
  type RoomOption,
  type SliceGroup,
  type StiffStep,
} from './momentBound.js';
import type { Compartment } from './packGeometry.js';
import { firstRowOff, solidOf, type Solid, type Turn } from './solids.js';
import type { StowProblem } from './stowProblem.js';

const SLICE_CM = 0.5;
type Stiff = Extract<RoomOption, { kind: 'stiff' }>;
type Bounded = Pick<StowAssessment, 'placed' | 'layout' | 'massKg' | 'centreOfGravityCm'>;

/**
 * No arrangement with every thing in the compartment where it is, pockets as they are and nothing hard felt in the back
 * has its centre of gravity nearer to the back, cm, on the grid on which things are placed.
 */
export function leastOutCm(problem: StowProblem, a: Bounded): number {
  const padded = isReservoirBetween(a.layout);
  return boundAlong(problem, a, 'y', 1, rowsOf, (turn, thing, { y0, ny, cellCm }) => {
    const last = Math.max(0, ny - turn.ny);
    const first = Math.min(last, firstRowOff(turn, keptFromBackCm(thing, turn, padded), cellCm));
    return {
      lengthCm: turn.ny * cellCm,
      steps: rowSteps(turn, cellCm),
      startCm: [y0 + first * cellCm, y0 + last * cellCm],
    };
  });
}

/**
 * No arrangement with every thing in the compartment where it is, pockets as they are and nothing above a ceiling has
 * its centre of gravity lower, or higher, cm.
 */
export function heightBoundCm(problem: StowProblem, a: Bounded, which: 'lowest' | 'highest'): number {
  const sign = which === 'lowest' ? 1 : -1;
  return boundAlong(
    problem,
    a,
    'z',
    sign,
    ({ compartment }) => levelsOf(compartment, sign),
    (turn, _thing, { floor, ceiling, cellCm }) => {
      const low = Math.min(...floor);
      const high = Math.max(low, Math.max(...ceiling) - turn.heightCm);
      return {
        lengthCm: turn.heightCm,
        steps: levelSteps(turn, cellCm),
        startCm: sign > 0 ? [low, high] : [-high - turn.heightCm, -low - turn.heightCm],
      };
    },
  );
}

/** The least of one coordinate of the centre of gravity, or with −1 the greatest. */
function boundAlong(
  problem: StowProblem,
  a: Bounded,
  axis: 'y' | 'z',
  sign: 1 | -1,
  slicesOf: (laid: LaidCompartment) => SliceGroup,
  roomOf: (turn: Turn, thing: Thing, c: Compartment) => Pick<Stiff, 'lengthCm' | 'steps' | 'startCm'>,
): number {
  const { pack, day } = problem;
  const mains = a.layout.compartments.filter((c) => c.compartment.kind === 'main');
  const byId = new Map(problem.things.map((t) => [t.thing.id, t]));
  let fixed = pack.tareKg * pack.centreOfGravityCm[axis];
  const things: BoundThing[] = [];
  for (const p of a.placed) {
    if (p.insideId !== undefined) continue;
    const riders = a.placed.filter((q) => q.insideId === p.thing.id).reduce((sum, q) => sum + q.massKg, 0);
    const massKg = p.massKg + riders;
    const group = mains.findIndex((c) => c.compartment.id === p.compartmentId);
    if (group < 0) {
      fixed += massKg * p.centre[axis];
      continue;
    }
    const { compartment } = mains[group]!;
    const solid = solidOf(p.thing.shape, dayVolumeL(byId.get(p.thing.id)!, day), compartment.cellCm);
    if (solid.kind === 'soft') {
      things.push({ massKg, options: [fluid(solid, group)] });
      continue;
    }
    const able = solid.turns.filter((turn) => turnGoesInto(turn, compartment));
    const options = (able.length > 0 ? able : solid.turns).map((turn): Stiff => ({
      kind: 'stiff',
      group,
      ...roomOf(turn, p.thing, compartment),
    }));
    things.push({ massKg, options });
  }
  const m = a.massKg || 1;
  const known = sign * (m * a.centreOfGravityCm[axis] - fixed);
  return (sign * leastMomentBound(things, mains.map(slicesOf), known) + fixed) / m;
}

function fluid(solid: Extract<Solid, { kind: 'soft' }>, group: number): RoomOption {
  const volumeCm3 = solid.volumeL * 1000;
  return { kind: 'fluid', group, volumeCm3, mostPerCm: volumeCm3 / solid.leastCm };
}

/** Rows of a turned thing, whose middle ones hold the most: one upon another, the outermost first. */
function rowSteps(turn: Turn, cellCm: number): readonly StiffStep[] {
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
function levelSteps(turn: Turn, cellCm: number): readonly StiffStep[] {
  const columns = new Map<number, number>();
  for (let k = 0; k < turn.dx.length; k += 1) {
    const tall = Math.round(1000 * (turn.high[k]! - turn.low[k]!)) / 1000;
    if (tall > 0) columns.set(tall, (columns.get(tall) ?? 0) + 1);
  }
  return [...columns].map(([tall, n]) => ({ lengthCm: tall, volumeCm3: tall * n * cellCm ** 2 }));
}

/** A main compartment's rows from the back outward. */
function rowsOf({ compartment: c, capacityL }: LaidCompartment): SliceGroup {
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
function levelsOf(c: Compartment, sign: 1 | -1): SliceGroup {
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
