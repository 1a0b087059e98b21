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
import { dayVolumeL } from './reservoir.js';
import { type LaidCompartment } from './layout.js';
import { leaningSlices, leaningSteps, levelsOf, levelSteps, rowsOf, rowSteps } from './boundSlices.js';
import { leastMomentBound, type BoundThing } from './momentBound.js';
import type { Fluid, SliceGroup, Stiff } from './slicedRoom.js';
import type { Compartment } from './packGeometry.js';
import { firstRowOff, solidOf, type Solid, type Turn } from './solids.js';
import type { StowProblem } from './stowProblem.js';

type Bounded = Pick<StowAssessment, 'placed' | 'layout' | 'massKg' | 'centreOfGravityCm'>;

/**
 * The least distance from the back, cm, that the centre of gravity can have on the grid on which things are placed.
 * Every thing stays in its compartment, pockets stay as they are, and nothing hard is felt in the back. Where a stow is
 * outside its band, those are compared that are no further outside: the height comes first.
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
 * The same for arrangements whose centre of gravity is no lower than the given one; no higher, when the price is
 * negative. The bound is taken along an axis that leans, y − price · z. What the height comes to at that price is added
 * again.
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
    const massKg = p.wholeKg;
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

function fluid(solid: Extract<Solid, { kind: 'soft' }>, group: number): Fluid {
  const volumeCm3 = solid.volumeL * 1000;
  return { kind: 'fluid', group, volumeCm3, mostPerCm: volumeCm3 / solid.leastCm };
}
