/**
 * Loading a pack as steps: what is done before the first thing goes in, every thing in its turn, and what is done
 * before the pack is on. The frame of it is common practice, no source; the order of the things is the stow's own.
 */
import { HARD_LIFT, packLift } from '../carriage/liftingIndex.js';
import type { PlacedThing, StowAssessment } from './assessment.js';
import type { StowProblem } from './stowProblem.js';
import { isMainZone } from './zoneKinds.js';

export interface LoadingStep {
  readonly id: string;
  readonly text: string;
  readonly hint?: string;
  /** The thing that goes in with this step. */
  readonly thingId?: string;
}

const WHERE: Readonly<Record<string, string>> = {
  bottom: 'at the bottom',
  core: 'against the back',
  outer: 'in the outer layer',
  top: 'on top',
};

/** Loading a thing, with what rides in it. */
function stepOf(p: PlacedThing, problem: StowProblem): LoadingStep {
  const { thing, zone, side, turn } = p;
  const rides = ridersOf(problem, thing.id);
  const where = isMainZone(zone.kind)
    ? `${WHERE[zone.kind]}${side === 'centre' ? '' : `, ${side}`}`
    : zone.name.toLowerCase();
  const hints = [
    ...(rides.length > 0 ? [`with ${rides.join(', ')} in it`] : []),
    ...(thing.shape.kind === 'stuff' ? ['squeeze the air out, let it fill the gaps'] : []),
    ...(turn?.upright === true && turn.heightCm > turn.widthCm ? ['upright'] : []),
    ...(thing.flags.includes('sharp') ? ['point guarded'] : []),
    ...(thing.flags.includes('leaks') || thing.flags.includes('liquidFuel') ? ['cap checked, upright'] : []),
    ...(thing.flags.includes('mustStayDry') ? ['in its dry bag'] : []),
  ];
  return {
    id: `thing-${thing.id}`,
    text: `${thing.name}: ${where}`,
    thingId: thing.id,
    ...(hints.length === 0 ? {} : { hint: hints.join('; ') }),
  };
}

/** What rides in a holder, as it goes in: of food what is eaten last first. */
function ridersOf(problem: StowProblem, holderId: string): readonly string[] {
  return [...problem.inside]
    .filter(([, holder]) => holder === holderId)
    .map(([id]) => {
      const { name } = problem.things.find((t) => t.thing.id === id)!.thing;
      const inIt = ridersOf(problem, id);
      return inIt.length === 0 ? name : `${name} (with ${inIt.join(', ')} in it)`;
    });
}

export function loadingSteps(problem: StowProblem, a: StowAssessment): readonly LoadingStep[] {
  const { house, pack } = problem;
  const thingStep = (p: PlacedThing): LoadingStep => stepOf(p, problem);
  const own = a.placed.filter((p) => p.insideId === undefined);
  const reservoirLast = house.reservoir === 'top';
  const sleeve = own.filter((p) => p.zone.kind === 'sleeve');
  const main = own.filter((p) => isMainZone(p.zone.kind));
  const bottomFirst = [
    ...main.filter((p) => p.compartmentId === 'bottom'),
    ...main.filter((p) => p.compartmentId !== 'bottom'),
  ];
  const pockets = own.filter((p) => !isMainZone(p.zone.kind) && p.zone.kind !== 'sleeve');
  const order = ['front', 'side', 'lid', 'lash', 'hipBelt', 'strap'];
  const inPockets = [...pockets].sort((x, y) => order.indexOf(x.zone.kind) - order.indexOf(y.zone.kind));
  const lift = a.massKg > 0 ? packLift(a.massKg) : undefined;
  const step = (id: string, text: string, hint?: string): LoadingStep => ({
    id,
    text,
    ...(hint === undefined ? {} : { hint }),
  });
  return [
    step('loosen', 'Loosen every strap; open all zips', 'lay everything on the floor, in this order'),
    ...(house.rainProtection === 'liner' || problem.isLined
      ? [step('liner', 'Liner in, its mouth over the pack’s', 'it cannot go in later')]
      : []),
    ...(reservoirLast ? [] : sleeve.map(thingStep)),
    ...(pack.frameless === true && house.frameless === 'uprights'
      ? [step('uprights', 'Stand the stiff things up first', 'they are the frame')]
      : []),
    ...bottomFirst.map(thingStep),
    ...(reservoirLast ? sleeve.map(thingStep) : []),
    ...(house.rainProtection === 'liner' ? [step('close-liner', 'Roll the liner shut')] : []),
    ...inPockets.map(thingStep),
    step('floor', 'Look at the floor: what is left?'),
    step('straps', 'Straps snug, evenly left and right; every zip closed and clipped'),
    step('stand', 'Does it stand alone? Feel for hollows and rattles', 'if it leans, take it out and repack'),
    lift !== undefined && lift.index > HARD_LIFT
      ? step(
          'lift',
          'Set it on a rock or a stump first, or get a hand',
          `lifting index ${lift.index.toFixed(1)}: above 1 a lift from the ground is hard on the back`,
        )
      : step('lift', 'Lift by the haul loop, knee under it, then swing'),
    step('belt', 'Hip belt first: half above, half below the hip bone, tight enough to carry everything'),
    step('shoulders', 'Shoulder straps snug, then a touch back'),
    step('chest', 'Chest strap loose: it only positions'),
    step('lifters', 'Load lifters to taste', 'arms free, no numb hands; pain or tingling: stop and refit'),
  ];
}
