/** What a search for a stow never changes: the pack's compartments, the things, and what follows from the two. */
import type { Placement, Thing } from '../../trip/model.js';
import { isBottle } from '../atRest.js';
import { keptFromBackCm } from '../backRule.js';
import { takes } from '../fitsPack.js';
import type { MainParting } from '../mainParting.js';
import { compartmentsOf, type Compartment } from '../packGeometry.js';
import { clash, crush } from '../neighbours.js';
import { placementVerdict, type Verdict } from '../placementRules.js';
import { DENSE_KG_PER_L, isSpent, stowedDensity } from '../thingKinds.js';
import { solidOf, SPREADS, type Solid } from '../solids.js';
import { outermost, solidVolumeL, type StowProblem } from '../stowProblem.js';
import type { StowThing } from '../stowThing.js';
import { uprightsWanted } from '../uprights.js';
import { CHOSEN_COST, HOUSE_COST, LEVEL_COST, TOO_DEEP_COST } from './tuning.js';

/** What the placement rules say of a thing in a zone. */
interface Choice {
  readonly misplaced: number;
  readonly safety: number;
  /** Needed while walking, and this zone cannot be reached with the pack on. */
  readonly tooDeep: number;
  readonly exempt: boolean;
}

export interface ThingFacts {
  readonly thing: Thing;
  /** Litres on each day. */
  readonly byDayL: readonly number[];
  readonly solid: Solid;
  /** How many ways it can be turned, or spread. */
  readonly turns: number;
  /** Litres on the day, packed, and swollen as far as it does. */
  readonly volumeL: number;
  readonly mostL: number;
  /** With what rides in it, kg. */
  readonly massKg: number;
  /** What of it counts to the heavy half, kg. */
  readonly heavyKg: number;
  readonly densityKgPerL: number;
  /** Denser than clothes and bags. */
  readonly isDense: boolean;
  /** Things that ride in it. */
  readonly riders: readonly number[];
  /** By zone of the pack. */
  readonly choices: readonly Choice[];
  /** Compartments that it may go into. */
  readonly allowed: readonly number[];
  /** Things of about its size that the search may move, when it may be moved itself. */
  readonly alike: readonly number[];
  /** It rides in another thing of the pack, and goes where that goes. */
  readonly isNested: boolean;
  readonly isPinned: boolean;
  readonly isBottle: boolean;
  /** Nothing of it is left but a wrapper. */
  readonly hasPoints: boolean;
  readonly isSpent: boolean;
  readonly isLong: boolean;
  /** By turn, how far it is kept from the back in the main compartment, cm: bare, and behind a reservoir. */
  readonly awayCm: readonly [readonly number[], readonly number[]];
}

export interface SearchFacts {
  readonly problem: StowProblem;
  readonly compartments: readonly Compartment[];
  /** Compartments with a meaning of their own; −1 where the pack has none. */
  readonly main: number;
  readonly sleeve: number;
  readonly parting: MainParting;
  readonly things: readonly ThingFacts[];
  /** Indexes of things that the search may move: pinned ones stay, nested ones ride with their holders. */
  readonly movable: readonly number[];
  /** Pairs of things that must not touch. */
  readonly clashes: readonly (readonly [number, number])[];
  /** Things that can be crushed, and what is too heavy to lie on them. */
  readonly crushes: readonly (readonly [number, number])[];
  /** Stiff uprights that the house rule wants in a pack without a frame, as far as there are things for it. */
  readonly uprights: number;
  /** Pack and all things, kg. */
  readonly totalKg: number;
}

/** A long thing is one that should stand. */
const LONG_CM = 30;
const TINY_KG = 1e-9;

/**
 * @param placements of which the pinned ones stay
 * @param cellCm edge of a cell of the grid that the search works on
 */
export function searchFacts(
  problem: StowProblem,
  placements: readonly Placement[],
  cellCm: number,
): SearchFacts {
  const { pack, inside } = problem;
  const known = knownOf(problem, cellCm);
  const zoneIds = new Set(pack.zones.map((z) => z.id));
  const pinned = new Set(
    placements
      .filter((p) => p.pinned && zoneIds.has(p.zoneId) && !inside.has(p.thingId))
      .map((p) => p.thingId),
  );
  const isPinned = ({ thing }: ThingFacts): boolean => pinned.has(thing.id);
  const movable = known.things.flatMap((t, i) => (isPinned(t) || t.isNested ? [] : [i]));
  return {
    ...known,
    things: known.things.map((t, i) => ({
      ...t,
      isPinned: isPinned(t),
      alike: movable.filter((u) => u !== i && isOfSize(t, known.things[u]!)),
    })),
    movable,
  };
}

/** One is at most so many times as large as another that it may change places with (Graft's own number). */
const ALIKE = 2;
function isOfSize({ mostL: a }: ThingFacts, { mostL: b }: ThingFacts): boolean {
  return a <= ALIKE * b && b <= ALIKE * a;
}

type Known = Omit<SearchFacts, 'movable'>;

/** What is known of a problem by size of cell, with nothing pinned: a planning makes many searches of one problem. */
const known = new WeakMap<StowProblem, Map<number, Known>>();

function knownOf(problem: StowProblem, cellCm: number): Known {
  let bySize = known.get(problem);
  if (bySize === undefined) known.set(problem, (bySize = new Map<number, Known>()));
  let facts = bySize.get(cellCm);
  if (facts === undefined) bySize.set(cellCm, (facts = foundOut(problem, cellCm)));
  return facts;
}

function foundOut(problem: StowProblem, cellCm: number): Known {
  const { things, pack, inside, parting } = problem;
  const compartments = compartmentsOf(pack, cellCm);
  const isOut = ({ thing }: StowThing): boolean => !inside.has(thing.id);
  const facts = things.map((t) => thingFacts(problem, t, { compartments, parting, inside, cellCm }));
  return {
    problem,
    compartments,
    main: compartments.findIndex((c) => c.id === 'main'),
    sleeve: compartments.findIndex((c) => c.kind === 'sleeve'),
    parting,
    things: facts,
    clashes: things.flatMap((a, i) =>
      things.flatMap((b, j) =>
        j > i && isOut(a) && isOut(b) && clash(a.thing, b.thing) !== undefined ? [[i, j] as const] : [],
      ),
    ),
    crushes: things.flatMap((a, i) =>
      things.flatMap((b, j) =>
        j !== i && isOut(a) && isOut(b) && crush(a.thing, b.wholeKg) !== undefined ? [[i, j] as const] : [],
      ),
    ),
    uprights: uprightsWanted(problem),
    totalKg: facts.reduce(
      (sum, { isNested, massKg }) => (isNested ? sum : sum + massKg),
      Math.max(TINY_KG, pack.tareKg),
    ),
  };
}

interface Around {
  readonly compartments: readonly Compartment[];
  readonly parting: MainParting;
  readonly inside: ReadonlyMap<string, string>;
  readonly cellCm: number;
}

function thingFacts(problem: StowProblem, t: StowThing, around: Around): ThingFacts {
  const { thing } = t;
  const volumeL = solidVolumeL(t, problem.day);
  const solid = solidOf(thing.shape, volumeL, around.cellCm);
  const riders = problem.things.flatMap((other, i) =>
    outermost(problem, other.thing.id) === thing.id && other.thing.id !== thing.id ? [i] : [],
  );
  const massKg = t.wholeKg;
  const densityKgPerL = stowedDensity(massKg, volumeL);
  const choices = choicesOf(problem, thing);
  const away = (padded: boolean): readonly number[] =>
    solid.kind === 'soft' ? [] : solid.turns.map((turn) => keptFromBackCm(thing, turn, padded));
  return {
    thing,
    byDayL: t.volumeL,
    solid,
    turns: solid.kind === 'soft' ? SPREADS.length : solid.turns.length,
    volumeL,
    mostL: solid.kind === 'soft' ? solid.looseL : volumeL,
    massKg,
    heavyKg: problem.heavy.kgOf.get(thing.id) ?? 0,
    densityKgPerL,
    isDense: densityKgPerL >= DENSE_KG_PER_L,
    riders,
    choices,
    allowed: allowedFor(problem, thing, solid, volumeL, choices, around),
    alike: [],
    isNested: around.inside.has(thing.id),
    isPinned: false,
    isBottle: isBottle(thing),
    isSpent: isSpent(thing, problem.day),
    hasPoints: thing.flags.includes('sharp'),
    isLong: thing.shape.kind === 'long' && thing.shape.lengthCm >= LONG_CM,
    awayCm: [away(false), away(true)],
  };
}

function choicesOf({ pack, house, day }: StowProblem, thing: Thing): readonly Choice[] {
  const costOf = ({ level, question, isChosen, tooDeep }: Verdict): number => {
    const costs = isChosen ? CHOSEN_COST : question === undefined ? LEVEL_COST : HOUSE_COST;
    const cost = costs[level === 'never' ? 'poor' : level];
    return tooDeep ? Math.max(cost, TOO_DEEP_COST) : cost;
  };
  return pack.zones.map((zone) => {
    const verdict = placementVerdict(thing, zone, house, pack);
    return {
      misplaced: costOf(verdict),
      safety: verdict.level === 'never' ? 1 : 0,
      tooDeep: verdict.tooDeep && thing.needed === 'walking' ? 1 : 0,
      exempt: verdict.byHouse || isSpent(thing, day),
    };
  });
}

/** Compartments where a thing breaks no rule and into which it goes; all into which it goes when there are none. */
function allowedFor(
  { pack }: StowProblem,
  thing: Thing,
  solid: Solid,
  volumeL: number,
  choices: readonly Choice[],
  { compartments, parting }: Around,
): readonly number[] {
  const isSome = (i: number, holds: (choice: Choice) => boolean): boolean => {
    const { zone } = compartments[i]!;
    const zones = zone === undefined ? Object.values(parting.zones) : [pack.zones.indexOf(zone)];
    return zones.some((z) => holds(choices[z]!));
  };
  const fits = compartments.flatMap((c, i) => (takes(c, thing, solid, volumeL) ? [i] : []));
  const safe = fits.filter((i) => isSome(i, (choice) => choice.safety === 0));
  // What is wanted with the pack on belongs where it can be had, as long as it goes in there.
  const inTime = safe.filter((i) => isSome(i, (choice) => choice.safety + choice.tooDeep === 0));
  if (thing.needed === 'walking' && inTime.length > 0) return inTime;
  return safe.length > 0 ? safe : fits.length > 0 ? fits : compartments.map((_c, i) => i);
}
