/**
 * How near a stow is to the best there is: bounds that no arrangement of the same things beats.
 *
 * Things take room along one axis: soft ones as fluids, stiff ones with the length and the cross-sections they have;
 * what each slice of a compartment holds is all that limits them (see `momentBound`). So a bound is proven, and not
 * always reached: gravity, reach and what lies beside what are left out.
 */
import type { PlacedThing, StowAssessment } from './assessment.js';
import { isReservoirBetween, keptFromBackCm } from './backRule.js';
import type { PointCm, Thing } from '../trip/model.js';
import { turnGoesInto } from './fitsPack.js';
import { dayVolumeL } from './reservoir.js';
import { type LaidCompartment } from './layout.js';
import { levelsOf, levelSteps, rowsOf, rowSteps } from './boundSlices.js';
import { leastMomentBound, type BoundThing } from './momentBound.js';
import type { Fluid, SliceGroup, Stiff } from './slicedRoom.js';
import { spanOf, type Compartment } from './packGeometry.js';
import { firstRowOff, solidOf, type Solid, type Turn } from './solids.js';
import { WEIGHTS } from './stowCost.js';
import type { StowProblem } from './stowProblem.js';

type Bounded = Pick<StowAssessment, 'placed' | 'layout' | 'heavyCm'>;

/**
 * The least distance from the back, cm, that the centre of gravity can have on the grid on which things are placed.
 * Every thing stays in its compartment, pockets stay as they are, and nothing hard is felt in the back.
 */
export function leastOutCm(problem: StowProblem, a: Bounded): number {
  const padded = isReservoirBetween(a.layout);
  return boundAlong(problem, a, {
    along: ({ y }) => y,
    tareKg: problem.pack.tareKg,
    kgOf: (p) => p.wholeKg,
    slicesOf: rowsOf,
    roomOf: (turn, thing, { y0, ny, cellCm }) => {
      const last = Math.max(0, ny - turn.ny);
      const first = Math.min(last, firstRowOff(turn, keptFromBackCm(thing, turn, padded), cellCm));
      return {
        lengthCm: turn.ny * cellCm,
        steps: rowSteps(turn, cellCm),
        startCm: [y0 + first * cellCm, y0 + last * cellCm],
      };
    },
  });
}

/**
 * No arrangement with every thing in the compartment where it is, pockets as they are and nothing above a ceiling has
 * its heavy half lower, or higher, cm; undefined when nothing heavy is stowed.
 */
export function heavyBoundCm(
  problem: StowProblem,
  a: Bounded,
  which: 'lowest' | 'highest',
): number | undefined {
  if (a.heavyCm === undefined) return undefined;
  const sign = which === 'lowest' ? 1 : -1;
  const { kgOf } = problem.heavy;
  const least = boundAlong(problem, a, {
    along: ({ z }) => sign * z,
    tareKg: 0,
    kgOf: (p) => kgOf.get(p.thing.id) ?? 0,
    slicesOf: ({ compartment }) => levelsOf(compartment, sign),
    roomOf: (turn, _thing, { floor, ceiling, cellCm }) => {
      const [low] = spanOf(floor);
      const high = Math.max(low, spanOf(ceiling)[1] - turn.heightCm);
      return {
        lengthCm: turn.heightCm,
        steps: levelSteps(turn, cellCm),
        startCm: sign > 0 ? [low, high] : [-high - turn.heightCm, -low - turn.heightCm],
      };
    },
  });
  return sign * least;
}

/**
 * What a stow comes to at least, by distance and height together, as the planner weighs the two: runs trade one for the
 * other.
 */
export function jointBound(problem: StowProblem, a: Bounded): number {
  const [low, high] = problem.band;
  const highest = heavyBoundCm(problem, a, 'highest') ?? low;
  const lowest = heavyBoundCm(problem, a, 'lowest') ?? high;
  return jointFigure(leastOutCm(problem, a), Math.max(0, low - highest, lowest - high));
}
/** Distance out and way outside the band, as the planner weighs them. */
export function jointFigure(outCm: number, bandMissCm: number): number {
  return WEIGHTS.outCm * outCm + WEIGHTS.bandMissCm * Math.abs(bandMissCm);
}

/** A coordinate, whose mass counts, and the room that things take along it. */
interface Axis {
  readonly along: (at: PointCm) => number;
  readonly tareKg: number;
  readonly kgOf: (p: PlacedThing) => number;
  readonly slicesOf: (laid: LaidCompartment) => SliceGroup;
  readonly roomOf: (
    turn: Turn,
    thing: Thing,
    c: Compartment,
  ) => Pick<Stiff, 'lengthCm' | 'steps' | 'startCm'>;
}

/** The least of a coordinate of the centre of gravity, which is linear in those of the pack. */
function boundAlong(
  problem: StowProblem,
  a: Bounded,
  { along, tareKg, kgOf, slicesOf, roomOf }: Axis,
): number {
  const { pack, day } = problem;
  const mains = a.layout.compartments.filter((c) => c.compartment.kind === 'main');
  const groups = mains.map(slicesOf);
  const byId = new Map(problem.things.map((t) => [t.thing.id, t]));
  let fixed = tareKg * along(pack.centreOfGravityCm);
  let massKg = tareKg;
  let known = 0;
  const things: BoundThing[] = [];
  for (const p of a.placed) {
    if (p.insideId !== undefined) continue;
    const kg = kgOf(p);
    massKg += kg;
    known += kg * along(p.centre);
    const group = mains.findIndex((c) => c.compartment.id === p.compartmentId);
    if (group < 0) {
      fixed += kg * along(p.centre);
      known -= kg * along(p.centre);
      continue;
    }
    const { compartment } = mains[group]!;
    const solid = solidOf(p.thing.shape, dayVolumeL(byId.get(p.thing.id)!, day), compartment.cellCm);
    if (solid.kind === 'soft') {
      things.push({ massKg: kg, options: [fluid(solid, group)] });
      continue;
    }
    const able = solid.turns.filter((turn) => turnGoesInto(turn, compartment));
    const options = (able.length > 0 ? able : solid.turns).map((turn): Stiff => ({
      kind: 'stiff',
      group,
      ...roomOf(turn, p.thing, compartment),
    }));
    things.push({ massKg: kg, options });
  }
  return (leastMomentBound(things, groups, known) + fixed) / (massKg || 1);
}

function fluid(solid: Extract<Solid, { kind: 'soft' }>, group: number): Fluid {
  const volumeCm3 = solid.volumeL * 1000;
  return { kind: 'fluid', group, volumeCm3, mostPerCm: volumeCm3 / solid.leastCm };
}
