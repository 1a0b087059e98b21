/** What compartments add to a stow's cost, and the cost that the sum of them comes to. */
import { GOOD_OFFSET_CM } from '../../carriage/packingSchool.js';
import type { PointCm } from '../../trip/model.js';
import type { StowCost } from '../stowCost.js';
import type { StowProblem } from '../stowProblem.js';
import type { SearchFacts } from './searchFacts.js';

/** Taken once: a lookup on a global is not free everywhere. */
const { abs, max } = Math;

/** Aimed at inside the half centimetre that is promised, so that rounding does not spoil it. */
export const ASIDE_FREE_CM = 0.3 * GOOD_OFFSET_CM;
/** Side pockets that differ by no more weigh the same, kg; what each kg more costs, as a place of second choice does. */
export const SIDE_FREE_KG = 0.3;
export const PER_KG_UNEVEN = 200;
/** Voids up to this are nobody's fault. */
export const VOID_FREE_PERCENT = 2.5;

/** What one compartment adds to the whole: `StowCost` without what only the whole has. */
export interface PartFigures {
  misfit: number;
  safety: number;
  tooDeep: number;
  misplaced: number;
  /** In the side pockets, right ones less left ones, kg. */
  sideKg: number;
  voidL: number;
  filledL: number;
  massKg: number;
  /** Moments: mass times the middle, kg·cm. */
  mx: number;
  my: number;
  mz: number;
  /** Moment of the heavy half, kg·cm. */
  hz: number;
}

export function noFigures(): PartFigures {
  return {
    misfit: 0,
    safety: 0,
    tooDeep: 0,
    misplaced: 0,
    sideKg: 0,
    voidL: 0,
    filledL: 0,
    massKg: 0,
    mx: 0,
    my: 0,
    mz: 0,
    hz: 0,
  };
}

/** How many there are. */
export const FIGURES = Object.keys(noFigures()).length;

/** The empty pack's figures. */
export function packFigures({ problem }: SearchFacts): PartFigures {
  const { tareKg, centreOfGravityCm: at } = problem.pack;
  const sum = noFigures();
  sum.massKg = tareKg;
  sum.mx = tareKg * at.x;
  sum.my = tareKg * at.y;
  sum.mz = tareKg * at.z;
  return sum;
}

/**
 * @param isMain voids elsewhere are the pocket's own business
 * @param sign −1 takes them away
 */
export function addFigures(sum: PartFigures, part: Readonly<PartFigures>, isMain: boolean, sign = 1): void {
  sum.misfit += sign * part.misfit;
  sum.safety += sign * part.safety;
  sum.tooDeep += sign * part.tooDeep;
  sum.misplaced += sign * part.misplaced;
  sum.sideKg += sign * part.sideKg;
  if (isMain) {
    sum.voidL += sign * part.voidL;
    sum.filledL += sign * part.filledL;
  }
  sum.massKg += sign * part.massKg;
  sum.mx += sign * part.mx;
  sum.my += sign * part.my;
  sum.mz += sign * part.mz;
  sum.hz += sign * part.hz;
}

/** The centre of gravity, cm; the pack frame's corner where nothing has any mass. */
export function centreOf({ massKg, mx, my, mz }: Readonly<PartFigures>): PointCm {
  return massKg === 0 ? { x: 0, y: 0, z: 0 } : { x: mx / massKg, y: my / massKg, z: mz / massKg };
}

/** How far the heavy half is above its band, cm; negative below, 0 inside and where nothing is heavy. */
export function bandMissOf(hz: number, { heavy, band: [low, high] }: Schooled): number {
  if (heavy.totalKg === 0) return 0;
  const z = hz / heavy.totalKg;
  return z < low ? z - low : z > high ? z - high : 0;
}
export type Schooled = Pick<StowProblem, 'heavy' | 'band'>;

export function costOf(sum: Readonly<PartFigures>, schooled: Schooled): StowCost {
  const { misfit, safety, tooDeep, voidL, filledL, massKg } = sum;
  const misplaced = sum.misplaced + PER_KG_UNEVEN * max(0, abs(sum.sideKg) - SIDE_FREE_KG);
  if (massKg === 0)
    return { misfit, safety, tooDeep, bandMissCm: 0, asideCm: 0, voidPercent: 0, outCm: 0, misplaced };
  const [x, y] = [sum.mx / massKg, sum.my / massKg];
  return {
    misfit,
    safety,
    tooDeep,
    bandMissCm: abs(bandMissOf(sum.hz, schooled)),
    asideCm: max(0, abs(x) - ASIDE_FREE_CM),
    voidPercent: voidPercentOf(voidL, filledL),
    outCm: y,
    misplaced,
  };
}

/** Voids beyond what is nobody's fault, percent of the space filled. */
function voidPercentOf(voidL: number, filledL: number): number {
  return filledL <= 0 ? 0 : max(0, (100 * voidL) / (filledL + voidL) - VOID_FREE_PERCENT);
}
