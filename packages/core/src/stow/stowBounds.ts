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
import { dayVolumeL, type LaidCompartment } from './layout.js';
import {
  leastMomentBound,
  type BoundThing,
  type RoomOption,
  type SliceGroup,
  type StiffStep,
} from './momentBound.js';
import type { Compartment } from './packGeometry.js';
import { solidOf, type Solid, type Turn } from './solids.js';
import type { StowProblem } from './stowProblem.js';

const SLICE_CM = 0.5;
/** Chords of a circle: over this part of the diameter it is at least as wide as the second, of the diameter. */
const CHORDS: readonly (readonly [part: number, wide: number])[] = [
  [0.9, 0.436],
  [0.6, 0.8],
];

type Bounded = Pick<StowAssessment, 'placed' | 'layout' | 'massKg' | 'centreOfGravityCm'>;

/**
 * No arrangement with every thing in the compartment where it is, pockets as they are and nothing hard felt in the back
 * has its centre of gravity nearer to the back, cm.
 */
export function leastOutCm(problem: StowProblem, a: Bounded): number {
  const padded = isReservoirBetween(a.layout);
  return boundAlong(problem, a, 'y', 1, rowsOf, (turn, thing, { y0, ny, cellCm }) => {
    const awayCm = keptFromBackCm(thing, turn, padded);
    const first = y0 + Math.max(awayCm, (turn.ny * cellCm - turn.depthCm) / 2);
    return [first, Math.max(first, y0 + ny * cellCm - turn.depthCm)];
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
    (turn, _thing, { floor, ceiling }) => {
      const bottom = Math.min(...floor);
      return [bottom, Math.max(bottom, Math.max(...ceiling) - turn.heightCm)];
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
  startsOf: (turn: Turn, thing: Thing, c: Compartment) => readonly [number, number],
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
    const options =
      solid.kind === 'soft'
        ? [fluid(solid, group)]
        : solid.turns.map((turn): RoomOption => {
            const [low, high] = startsOf(turn, p.thing, compartment);
            const lengthCm = axis === 'y' ? turn.depthCm : turn.heightCm;
            const startCm: [number, number] = sign > 0 ? [low, high] : [-high - lengthCm, -low - lengthCm];
            return { kind: 'stiff', group, lengthCm, steps: stepsOf(turn, axis), startCm };
          });
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

/** A turned thing along an axis, inside its true outline and inside the cells that it takes. */
function stepsOf(turn: Turn, axis: 'y' | 'z'): readonly StiffStep[] {
  const boxCm3 = Math.min(turn.widthCm, turn.nx) * Math.min(turn.depthCm, turn.ny) * turn.heightCm;
  const lengthCm = axis === 'y' ? turn.depthCm : turn.heightCm;
  if (turn.round === 'none') return [{ lengthCm, volumeCm3: boxCm3 }];
  return roundSteps(lengthCm, boxCm3, turn.round === (axis === 'y' ? 'alongY' : 'upright'));
}

/** A round thing inside its box: even along its axis, by chords across. */
function roundSteps(lengthCm: number, boxCm3: number, isEven: boolean): readonly StiffStep[] {
  const parts = CHORDS.map(([part, wide], i) => ({ part, wide: wide - (CHORDS[i - 1]?.[1] ?? 0) }));
  if (isEven)
    return [{ lengthCm, volumeCm3: boxCm3 * parts.reduce((sum, { part, wide }) => sum + part * wide, 0) }];
  return parts.map(({ part, wide }) => ({ lengthCm: lengthCm * part, volumeCm3: boxCm3 * part * wide }));
}

/** A main compartment's rows from the back outward. */
function rowsOf({ compartment: c, capacityL }: LaidCompartment): SliceGroup {
  const perCell = Math.round(c.cellCm / SLICE_CM);
  const rows = new Float64Array(c.ny);
  for (let i = 0; i < c.floor.length; i += 1)
    rows[Math.floor(i / c.nx)]! += (c.ceiling[i]! - c.floor[i]!) * c.cellCm ** 2;
  // What the reservoir takes of the rows nearest the back.
  let taken = Math.max(0, rows.reduce((sum, r) => sum + r, 0) - 1000 * capacityL);
  const capacityCm3 = new Float64Array(c.ny * perCell);
  for (let r = 0; r < c.ny; r += 1) {
    const gone = Math.min(rows[r]!, taken * RESERVOIR_ROW_PART);
    taken -= gone;
    capacityCm3.fill((rows[r]! - gone) / perCell, r * perCell, (r + 1) * perCell);
  }
  return { fromCm: c.y0, sliceCm: c.cellCm / perCell, capacityCm3 };
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
