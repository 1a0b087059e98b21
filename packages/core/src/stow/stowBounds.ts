/**
 * How near a stow is to the best there is: bounds that no arrangement of the same things beats.
 *
 * Things take room along one axis: soft ones as fluids, stiff ones with the length and the cross-sections they have;
 * what each slice of a compartment holds is all that limits them (see `momentBound`). So a bound is proven, and not
 * always reached: gravity, reach and what lies beside what are left out.
 */
import type { StowAssessment } from './assessment.js';
import { isReservoirBetween, keptFromBackCm } from './backRule.js';
import type { PointCm, Thing } from '../trip/model.js';
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
 * has its centre of gravity nearer to the back, cm, on the grid on which things are placed. Where a stow is outside its
 * band, those are compared that are no further outside: the height comes first.
 */
export function leastOutCm(problem: StowProblem, a: Bounded & Pick<StowAssessment, 'bandMissCm'>): number {
  const anyHeight = leastOutAnywhereCm(problem, a);
  if (a.bandMissCm === 0) return anyHeight;
  // A bound for each price of height, and a concave function of it: a search by golden sections.
  const at = (price: number): number => leastOutNoFurtherCm(problem, a, a.bandMissCm < 0 ? price : -price);
  let [low, high] = [0, MOST_PER_HEIGHT];
  let [left, right] = [high - GOLDEN * (high - low), low + GOLDEN * (high - low)];
  let [ofLeft, ofRight] = [at(left), at(right)];
  let best = Math.max(anyHeight, ofLeft, ofRight);
  for (let k = 2; k < PRICES_TRIED; k += 1) {
    if (ofLeft < ofRight) {
      [low, left, ofLeft] = [left, right, ofRight];
      right = low + GOLDEN * (high - low);
      ofRight = at(right);
    } else {
      [high, right, ofRight] = [right, left, ofLeft];
      left = high - GOLDEN * (high - low);
      ofLeft = at(left);
    }
    best = Math.max(best, ofLeft, ofRight);
  }
  return best;
}
/** Centimetres out that a centimetre of height may be worth, and how many prices are tried. */
const MOST_PER_HEIGHT = 1.2;
const PRICES_TRIED = 8;
const GOLDEN = (Math.sqrt(5) - 1) / 2;

function leastOutAnywhereCm(problem: StowProblem, a: Bounded): number {
  const padded = isReservoirBetween(a.layout);
  return boundAlong(
    problem,
    a,
    ({ y }) => y,
    rowsOf,
    (turn, thing, { y0, ny, cellCm }) => {
      const last = Math.max(0, ny - turn.ny);
      const first = Math.min(last, firstRowOff(turn, keptFromBackCm(thing, turn, padded), cellCm));
      return {
        lengthCm: turn.ny * cellCm,
        steps: rowSteps(turn, cellCm),
        startCm: [y0 + first * cellCm, y0 + last * cellCm],
      };
    },
  );
}

/**
 * No arrangement with every thing in the compartment where it is, pockets as they are and nothing above a ceiling has
 * its centre of gravity lower, or higher, cm.
 */
export function heightBoundCm(problem: StowProblem, a: Bounded, which: 'lowest' | 'highest'): number {
  const sign = which === 'lowest' ? 1 : -1;
  const least = boundAlong(
    problem,
    a,
    ({ z }) => sign * z,
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
  return sign * least;
}

/**
 * The same for arrangements whose centre of gravity is no lower than the given one, or with a price below nothing no
 * higher: bounded along an axis that leans, y − price · z, and what the height comes to at that price is put back.
 */
function leastOutNoFurtherCm(problem: StowProblem, a: Bounded, price: number): number {
  const padded = isReservoirBetween(a.layout);
  const least = boundAlong(
    problem,
    a,
    ({ y, z }) => y - price * z,
    ({ compartment }) => leaningSlices(compartment, price),
    (turn, thing, { y0, ny, cellCm, floor, ceiling }) => {
      const last = Math.max(0, ny - turn.ny);
      const first = Math.min(last, firstRowOff(turn, keptFromBackCm(thing, turn, padded), cellCm));
      const low = Math.min(...floor);
      const high = Math.max(low, Math.max(...ceiling) - turn.heightCm);
      const lengthCm = turn.ny * cellCm + Math.abs(price) * turn.heightCm;
      // Where its middle may be.
      const heights = [low, high].map((z) => -price * (z + turn.heightCm / 2));
      const nearest = y0 + (first + turn.ny / 2) * cellCm + Math.min(...heights);
      const farthest = y0 + (last + turn.ny / 2) * cellCm + Math.max(...heights);
      return {
        lengthCm,
        steps: leaningSteps(turn, cellCm, price),
        startCm: [nearest - lengthCm / 2, farthest - lengthCm / 2],
      };
    },
  );
  return least + price * a.centreOfGravityCm.z;
}

/** The least of a coordinate of the centre of gravity, which is linear in those of the pack. */
function boundAlong(
  problem: StowProblem,
  a: Bounded,
  along: (at: PointCm) => number,
  slicesOf: (laid: LaidCompartment) => SliceGroup,
  roomOf: (turn: Turn, thing: Thing, c: Compartment) => Pick<Stiff, 'lengthCm' | 'steps' | 'startCm'>,
): number {
  const { pack, day } = problem;
  const mains = a.layout.compartments.filter((c) => c.compartment.kind === 'main');
  const groups = mains.map(slicesOf);
  const byId = new Map(problem.things.map((t) => [t.thing.id, t]));
  let fixed = pack.tareKg * along(pack.centreOfGravityCm);
  const things: BoundThing[] = [];
  for (const p of a.placed) {
    if (p.insideId !== undefined) continue;
    const riders = a.placed.filter((q) => q.insideId === p.thing.id).reduce((sum, q) => sum + q.massKg, 0);
    const massKg = p.massKg + riders;
    const group = mains.findIndex((c) => c.compartment.id === p.compartmentId);
    if (group < 0) {
      fixed += massKg * along(p.centre);
      continue;
    }
    const { compartment } = mains[group]!;
    const solid = solidOf(p.thing.shape, dayVolumeL(byId.get(p.thing.id)!, day), compartment.cellCm);
    if (solid.kind === 'soft') {
      const whole = fluid(solid, group);
      const leans = groups[group]!.leans === true;
      things.push({ massKg, options: [leans ? { ...whole, mostPerCm: Infinity } : whole] });
      // In a leaning slice a soft thing may be anywhere from its lower end on.
      if (leans) fixed -= (massKg * groups[group]!.sliceCm) / 2;
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
  const known = m * along(a.centreOfGravityCm) - fixed;
  return (leastMomentBound(things, groups, known) + fixed) / m;
}

function fluid(
  solid: Extract<Solid, { kind: 'soft' }>,
  group: number,
): Extract<RoomOption, { kind: 'fluid' }> {
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

/**
 * A main compartment cut across y − price · z. A column's volume counts as spread evenly over its row and height; so
 * does a thing's, in the same way, so that what is full in truth is full here.
 */
function leaningSlices(c: Compartment, price: number): SliceGroup {
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
const LEANING_SLICE_CM = 0.25;

/** A turned thing's volume along y − price · z, about its middle, in steps that are never above it. */
function leaningSteps(turn: Turn, cellCm: number, price: number): readonly StiffStep[] {
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
