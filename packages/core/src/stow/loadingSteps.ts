/**
 * Loading a pack as steps: what is done before the first thing goes in, the things in their turn, and what is done
 * before the pack is on. The frame of it is common practice, no source; the order of the things is the stow's own. What
 * goes to one place goes in one step, as far as nothing of it lies on what comes between.
 */
import { HARD_LIFT, packLift } from '../carriage/liftingIndex.js';
import type { HouseRules, Side, ZoneKind } from '../trip/model.js';
import type { PlacedThing, StowAssessment } from './assessment.js';
import { BLOCKS } from './neighbours.js';
import type { StowProblem } from './stowProblem.js';
import { isTall } from './uprights.js';
import { isMainZone } from '../trip/zoneKinds.js';

export interface LoadingStep {
  readonly id: string;
  readonly text: string;
  readonly hint?: string;
  /** The things that go in with this step; none for what is done to the pack itself. */
  readonly thingIds: readonly string[];
}

const WHERE: Readonly<Partial<Record<ZoneKind, string>>> = {
  bottom: 'at the bottom',
  core: 'against the back',
  outer: 'around it, outward',
  top: 'on top',
};
const POCKETS: readonly (readonly [kind: ZoneKind, called: string])[] = [
  ['front', 'Front pocket'],
  ['side', 'Side pockets'],
  ['lid', 'Lid'],
  ['lash', 'Outside, strapped'],
  ['hipBelt', 'Hip belt'],
  ['strap', 'Shoulder straps'],
];
/** So many names are read at once (Graft's own number). */
const MOST_NAMED = 5;

/** How the camps of the house rule "bags" pack soft things. */
const BAGS: Readonly<Record<HouseRules['bags'], { readonly text: string; readonly why: string }>> = {
  dryBags: {
    text: 'Soft things into their dry bags, each rolled shut with the air out',
    why: 'a colour or mark per kind',
  },
  looseInLiner: {
    text: 'Soft things stay loose: they are stuffed into every gap',
    why: 'no hard little parcels',
  },
  criticalOnly: {
    text: 'Sleeping bag, dry clothes and what is electric into dry bags',
    why: 'the rest stays loose',
  },
};

type Group = readonly PlacedThing[];

/** @returns nothing where nothing has a place: an empty pack is not loaded */
export function loadingSteps(problem: StowProblem, a: StowAssessment): readonly LoadingStep[] {
  if (a.placed.length === 0) return [];
  const { house, pack } = problem;
  const own = a.placed.filter((p) => p.insideId === undefined);
  const sleeve = own.filter((p) => p.zone.kind === 'sleeve');
  const main = own.filter((p) => isMainZone(p.zone.kind));
  const order = [true, false].flatMap((isBelow) =>
    groupsOf(
      a,
      main.filter((p) => (p.compartmentId === 'bottom') === isBelow),
    ),
  );
  // What is written of one thing holds for the next as well.
  const said = new Set<string>();
  const once = (hint: string): readonly string[] => {
    if (said.has(hint)) return [];
    said.add(hint);
    return [hint];
  };
  const intoMain = (group: Group): LoadingStep =>
    stepOf(problem, group, `${names(group)}: ${placeOf(group)}`, once);
  const reservoir = sleeve.map((p) =>
    stepOf(problem, [p], `${p.thing.name}: in its sleeve, against the back`, once),
  );
  const reservoirLast = house.reservoir === 'top';
  const isLined = house.rainProtection === 'liner' || problem.isLined;
  return [
    bare('loosen', 'Loosen every strap, open all zips', 'lay everything on the floor, in this order'),
    ...(isLined ? [bare('liner', 'Liner in, its mouth over the pack’s', 'it cannot go in later')] : []),
    ...(reservoirLast ? [] : reservoir),
    ...(pack.frameless === true && house.frameless === 'uprights'
      ? [bare('uprights', 'Stand the stiff things up first', 'they are the frame')]
      : []),
    bare('bags', BAGS[house.bags].text, BAGS[house.bags].why),
    ...order.map(intoMain),
    ...(reservoirLast ? reservoir : []),
    ...(isLined ? [bare('close-liner', 'Roll the liner shut')] : []),
    ...POCKETS.flatMap(([kind, called]) => {
      const here = own.filter((p) => p.zone.kind === kind);
      return here.length === 0 ? [] : [stepOf(problem, here, `${called}: ${bySides(here)}`, once)];
    }),
    bare(
      'floor',
      'Look at the floor: what is left? Straps even, zips closed and clipped; does it stand alone?',
      'feel for hollows and rattles; if it leans, take it out and repack',
    ),
    ...puttingOn(a.massKg),
  ];
}

function puttingOn(massKg: number): readonly LoadingStep[] {
  const index = massKg > 0 ? packLift(massKg).index : 0;
  return [
    index > HARD_LIFT
      ? bare(
          'lift',
          'Set it on a rock or a stump first, or get a hand',
          `lifting index ${index.toFixed(1)}: above 1 a lift from the ground is hard on the back`,
        )
      : bare('lift', 'Lift by the haul loop, knee under it, then swing'),
    bare('belt', 'Hip belt first: half above, half below the hip bone, tight enough to carry everything'),
    bare(
      'shoulders',
      'Shoulder straps snug, then a touch back; chest strap loose, load lifters to taste',
      'arms free, no numb hands; pain or tingling: stop and refit',
    ),
  ];
}

function bare(id: string, text: string, hint?: string): LoadingStep {
  return { id, text, thingIds: [], ...(hint === undefined ? {} : { hint }) };
}

/**
 * The things of a compartment by places, in an order in which they can be loaded: a thing joins an earlier group of its
 * place where it lies on nothing that goes in between.
 */
function groupsOf(a: StowAssessment, things: readonly PlacedThing[]): readonly Group[] {
  const compartment = a.layout.compartments.find((c) => c.compartment.id === things[0]?.compartmentId);
  const at = new Map(compartment?.thingIds.map((id, i) => [id, i]));
  const liesOn = (upper: PlacedThing, lower: PlacedThing): boolean =>
    (compartment!.over[at.get(lower.thing.id)!]?.[at.get(upper.thing.id)!] ?? 0) >= BLOCKS;
  const groups: PlacedThing[][] = [];
  for (const p of [...things].sort((x, y) => x.order - y.order)) {
    let into: PlacedThing[] | undefined;
    for (let g = groups.length - 1; g >= 0 && into === undefined; g -= 1) {
      const group = groups[g]!;
      if (group[0]!.zone.kind === p.zone.kind && group.length < MOST_NAMED) into = group;
      else if (group.some((lower) => liesOn(p, lower))) break;
    }
    if (into === undefined) groups.push([p]);
    else into.push(p);
  }
  return groups;
}

/** Where a group goes, with the side where all of it is on one. */
function placeOf(group: Group): string {
  const [first] = group;
  const sides = new Set(group.map((p) => p.side));
  const side = sides.size === 1 && first!.side !== 'centre' ? `, ${first!.side}` : '';
  return `${WHERE[first!.zone.kind] ?? first!.zone.name.toLowerCase()}${side}`;
}

/** What is in the pockets of a kind: "bottle left; bottle, poles right". */
function bySides(here: readonly PlacedThing[]): string {
  const sideOf = (p: PlacedThing): Side => p.zone.side;
  const sides = [...new Set(here.map(sideOf))];
  return sides
    .map((side) => {
      const words = names(here.filter((p) => sideOf(p) === side));
      return side === 'centre' ? words : `${words} ${side}`;
    })
    .join('; ');
}

const names = (group: Group): string => group.map((p) => p.thing.name).join(', ');

/** Loading things of one place, with what rides in them. */
function stepOf(
  problem: StowProblem,
  group: Group,
  text: string,
  once: (hint: string) => readonly string[],
): LoadingStep {
  const isSome = (of: (p: PlacedThing) => boolean): boolean => group.some(of);
  const hints = [
    ...group.flatMap((p) => {
      const rides = ridersOf(problem, p.thing.id);
      const where = group.length === 1 ? 'in it' : `in ${p.thing.name}`;
      return rides.length === 0 ? [] : [`${rides.join(', ')} ${where}`];
    }),
    ...(isSome((p) => p.thing.shape.kind === 'stuff')
      ? once('soft things fill the gaps, air squeezed out')
      : []),
    ...(isSome((p) => p.turn !== undefined && isTall(p.turn)) ? once('tall things upright') : []),
    ...(isSome((p) => p.thing.flags.includes('sharp')) ? once('points guarded') : []),
    ...(isSome((p) => p.thing.flags.includes('leaks') || p.thing.flags.includes('liquidFuel'))
      ? once('caps checked')
      : []),
  ];
  return {
    id: `thing-${group[0]!.thing.id}`,
    text,
    thingIds: group.map((p) => p.thing.id),
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
