/**
 * The stow planner: a start from the placement rules, a long annealing on a coarse grid, then a short one on the grid of
 * a centimetre on which stows are realised, so that what is planned is what is shown; all of that twice.
 *
 * Objective in tiers, each worth more than all below it could gain: (1) everything fits; (2) no safety rule broken;
 * (3) needed-when respected; (4) neither hollow nor aside beyond what will do; (5) centre of gravity inside the band;
 * then how far it is outside, left and right, voids, closeness to the back and the placement rules together. Iterations
 * are counted, not seconds, so that a seed reproduces a stow.
 */
import { pickIndex, seededRandom, type Random } from '../units/random.js';
import type { Placement, Stow, Trip } from '../trip/model.js';
import { withLoaders } from './columnKernel.js';
import { FINE_CELL_CM } from './packGeometry.js';
import { settleNear, startFromRules } from './startStow.js';
import {
  COARSE_WEIGHTS,
  compareCost,
  energyOf,
  HOLLOW_PERCENT,
  STRICT_WEIGHTS,
  WEIGHTS,
  type StowCost,
  type StowWeights,
} from './stowCost.js';
import { keep, restore, StowSearch } from './stowSearch.js';
import { planningDay, stowProblem, type StowProblem } from './stowProblem.js';

export { compareCost, type StowCost } from './stowCost.js';

export interface StowOptions {
  readonly seed: number;
  /** Search moves; parts of them on the coarse grid. */
  readonly iterations?: number;
  /** Told every so many moves, with the best stow so far, on the grid of a centimetre. */
  readonly onProgress?: (progress: StowProgress) => void;
}
export interface StowProgress {
  /** From 0 to 1. */
  readonly done: number;
  readonly best: StowPlan;
}
export interface StowPlan {
  readonly seed: number;
  readonly stow: Stow;
  readonly iterations: number;
  /** What the planner minimised, by tier, first tier first. */
  readonly cost: StowCost;
}

/** How many moves a pack gets. A pack of many things gets fewer, so that all packs take about the same time. */
export function usualStowIterations(things: number): number {
  return Math.round(Math.min(MOST_ITERATIONS, ITERATIONS_FOR_ONE / Math.max(1, things)));
}
const ITERATIONS_FOR_ONE = 4_400_000;
const MOST_ITERATIONS = 130_000;
const COARSE_CELL_CM = 2;
/** The whole search is done this often, each time with its part of the moves. The best of two beats one twice as long. */
const ATTEMPTS = 2;
/** Part of an attempt's moves that are made on the coarse grid. */
const COARSE_PART = 0.9;
/** More tries follow when things are left out or unsafe, and fewer when they are out of reach or hollow. Each gets this part. */
const TRIES_IF_OUT = 4;
const TRIES_IF_WANTING = 2;
const MORE_PART = 0.04;
const PROGRESS_EVERY = 800;
/** While the coarse search runs, a stow is shown every so many moves. It is first mended on the fine grid, by so many moves. */
const GLIMPSE_EVERY = 24 * PROGRESS_EVERY;
const GLIMPSE_MOVES = 300;
/** The first stow is shown soon: it gets few, cold moves on each grid, and several tries. */
const FIRST_MOVES = { coarse: 4000, fine: 1600 };
const FIRST_TRIES = 4;

/** How often the heavier of two drawn things is moved; how often a thing is put by its density, dense ones to the back. */
const HEAVIER = 0.4;
const BACKWARD = 0.3;
/** Temperatures at the start and the end. The fine search only mends what the two grids differ in, so it starts cooler. */
const COARSE_HEAT = { hot: 40, cold: 0.8, wide: 1 };
const FINE_HEAT = { hot: 3, cold: 0.3, wide: 0.3 };
const MORE_HEAT = { hot: 12, cold: 0.3, wide: 1 };
/** How hot a search is, and how far from where they are things are moved at its beginning. */
type Heat = typeof COARSE_HEAT;

/** Plan one member's pack for the day of their largest load ratio. Pinned placements stay. */
export function planStow(trip: Trip, memberId: string, options: StowOptions): StowPlan {
  const problem = stowProblem(trip, memberId, planningDay(trip, memberId));
  const pinned = trip.stows.find((s) => s.memberId === memberId)?.placements.filter((p) => p.pinned) ?? [];
  return solveStow(problem, pinned, options);
}

/** Plan a stowing problem; see `planStow`. */
export function solveStow(
  problem: StowProblem,
  pinned: readonly Placement[],
  options: StowOptions,
): StowPlan {
  return withLoaders(() => solve(problem, pinned, options));
}

function solve(problem: StowProblem, pinned: readonly Placement[], options: StowOptions): StowPlan {
  const { seed, iterations = usualStowIterations(problem.things.length), onProgress } = options;
  const random = seededRandom(seed);
  let spent = 0;
  const moves = Math.floor(iterations / ATTEMPTS);
  const coarseMoves = Math.floor(moves * COARSE_PART);
  const planOf = (search: StowSearch): StowPlan => ({
    seed,
    stow: { memberId: problem.member.id, placements: search.placements() },
    iterations: spent,
    cost: search.cost(),
  });
  /** A search on the fine grid that starts from a stow of the coarse one. */
  const settledFrom = (coarse: readonly Placement[]): StowSearch => {
    const fine = new StowSearch(problem, coarse, FINE_CELL_CM);
    settleNear(fine);
    return fine;
  };
  /** The same, mended a little. */
  const glimpseOf = (coarse: readonly Placement[], random: Random): StowPlan =>
    withLoaders(() => {
      const fine = settledFrom(coarse);
      anneal(fine, random, GLIMPSE_MOVES, FINE_HEAT, STRICT_WEIGHTS);
      return planOf(fine);
    });
  // The result must not depend on whether anybody listens: what is made only to be shown is not kept.
  let best: StowPlan | undefined;
  const better = (plan: StowPlan | undefined): StowPlan | undefined =>
    plan !== undefined && (best === undefined || compareCost(plan.cost, best.cost) < 0) ? plan : best;
  const show = (plan?: StowPlan): void => {
    const shown = better(plan);
    if (shown !== undefined)
      onProgress?.({ done: Math.min(1, spent / Math.max(1, iterations)), best: shown });
  };
  const consider = (plan: StowPlan): void => {
    best = better(plan);
    show();
  };
  const attempt = (): StowPlan => {
    const coarse = new StowSearch(problem, pinned, COARSE_CELL_CM);
    startFromRules(coarse);
    anneal(coarse, random, coarseMoves, COARSE_HEAT, COARSE_WEIGHTS, () => {
      spent += PROGRESS_EVERY;
      // A glimpse draws its own random numbers, so that the search goes on as if there had been none.
      if (spent % GLIMPSE_EVERY === 0) consider(glimpseOf(coarse.placements(), seededRandom(seed + spent)));
      else show();
    });
    const fine = settledFrom(coarse.placements());
    const fineStep = (): void => {
      spent += PROGRESS_EVERY;
      if (onProgress !== undefined) show(planOf(fine));
    };
    anneal(fine, random, moves - coarseMoves, FINE_HEAT, WEIGHTS, fineStep);
    // A stow in which something is left out or unsafe gets more tries.
    for (let more = 0; more < triesFor(fine.cost()); more += 1)
      anneal(fine, random, Math.floor(iterations * MORE_PART), MORE_HEAT, STRICT_WEIGHTS, fineStep);
    return planOf(fine);
  };
  // A usable stow is shown at once, before the search itself begins.
  const chances = seededRandom(seed);
  for (let k = 0; k < FIRST_TRIES && (best === undefined || isAmiss(best.cost)); k += 1) {
    consider(
      withLoaders(() => {
        const coarse = new StowSearch(problem, pinned, COARSE_CELL_CM);
        startFromRules(coarse);
        anneal(coarse, chances, FIRST_MOVES.coarse, MORE_HEAT, STRICT_WEIGHTS);
        const fine = settledFrom(coarse.placements());
        anneal(fine, chances, FIRST_MOVES.fine, MORE_HEAT, STRICT_WEIGHTS);
        return planOf(fine);
      }),
    );
  }
  let last = attempt();
  // The tries above mend what is near. Where something is still left out or unsafe, the whole search is done once more.
  for (let k = 1; k < ATTEMPTS || (k === ATTEMPTS && isAmiss(last.cost)); k += 1) {
    const again = attempt();
    if (compareCost(again.cost, last.cost) < 0) last = again;
  }
  // The result is never worse than what was shown on the way.
  return { ...better(last)!, iterations: spent };
}

/** Something is left out, or a safety rule broken. */
function isAmiss({ misfit, safety }: StowCost): boolean {
  return misfit > 1e-6 || safety > 0;
}

/** How many tries more a stow is worth. */
function triesFor(cost: StowCost): number {
  if (isAmiss(cost)) return TRIES_IF_OUT;
  return cost.tooDeep > 0 || cost.voidPercent > HOLLOW_PERCENT ? TRIES_IF_WANTING : 0;
}

/** What a given stow costs, by the planner's own tiers. */
export function costOfStow(problem: StowProblem, placements: readonly Placement[]): StowCost {
  return withLoaders(() => new StowSearch(problem, placements, FINE_CELL_CM).cost());
}

/** Moves of a mending, and how often it is tried while something is left out or unsafe. */
const MEND_MOVES = 1500;
const MEND_TRIES = 4;

/**
 * A stow in which something is left out or unsafe, mended from where everything is; the same stow where no mend is found.
 *
 * @param seed the same seed gives the same mend
 */
export function mendStow(
  problem: StowProblem,
  placements: readonly Placement[],
  seed: number,
): { readonly placements: readonly Placement[]; readonly cost: StowCost } {
  return withLoaders(() => {
    const search = new StowSearch(problem, placements, FINE_CELL_CM);
    const random = seededRandom(seed);
    for (let k = 0; k < MEND_TRIES && isAmiss(search.cost()); k += 1)
      anneal(search, random, MEND_MOVES, MORE_HEAT, STRICT_WEIGHTS);
    return { placements: search.placements(), cost: search.cost() };
  });
}

/** Simulated annealing over places, turns, loading order and compartments; ends on the best stow it has seen. */
function anneal(
  search: StowSearch,
  random: Random,
  moves: number,
  { hot, cold, wide }: Heat,
  weights: StowWeights,
  onProgress?: () => void,
): void {
  const { movable } = search;
  let best = { cost: search.cost(), state: keep(search) };
  let energy = energyOf(best.cost, weights);
  if (movable.length === 0) return;
  for (let i = 0; i < moves; i += 1) {
    const temperature = hot * (cold / hot) ** (i / moves);
    const parts = search.snapshot();
    const undo = propose(search, random, wide * (1 - i / moves));
    if (undo !== undefined) {
      const limit = energy - temperature * Math.log(random());
      const next = search.costWithin(weights, limit);
      if (next === undefined || energyOf(next, weights) > limit) {
        undo();
        search.giveBack(parts);
      } else {
        search.accept();
        energy = energyOf(next, weights);
        if (compareCost(next, best.cost) < 0) best = { cost: next, state: keep(search) };
      }
    }
    if (onProgress !== undefined && i % PROGRESS_EVERY === PROGRESS_EVERY - 1) {
      const now = keep(search);
      restore(search, best.state);
      onProgress();
      restore(search, now);
      search.cost();
    }
  }
  restore(search, best.state);
}

/** Make a random move; what it returns takes it back. Undefined when it would change nothing. */
function propose(search: StowSearch, random: Random, heat: number): (() => void) | undefined {
  const t = pickThing(search, random);
  const c = search.comp[t]!;
  const inMain = search.compartments[c]!.kind === 'main';
  const kind = random();
  if (!inMain) {
    if (kind < 0.45) return elsewhere(search, random, t);
    if (kind < 0.6) return insteadOfAll(search, random, t);
    if (kind < 0.85) return exchange(search, random, t);
    return nearby(search, random, t, heat);
  }
  if (kind < 0.05) {
    // To the other side.
    const { x0, nx, cellCm } = search.compartments[c]!;
    return place(search, t, c, 2 * x0 + nx * cellCm - search.x[t]!, search.y[t]!, search.turn[t]!);
  }
  if (kind < 0.34) return nearby(search, random, t, heat);
  if (kind < 0.44) {
    const turns = search.turnsOf(t);
    const next = (search.turn[t]! + 1 + pickIndex(random, Math.max(1, turns - 1))) % turns;
    return place(search, t, c, search.x[t]!, search.y[t]!, next);
  }
  if (kind < 0.58) return inTurn(search, random, t, heat);
  if (kind < 0.76) {
    // Loaded at another turn, and where that suits.
    const back = inTurn(search, random, t, 1);
    const moved = nearby(search, random, t, 1);
    return () => {
      moved?.();
      back?.();
    };
  }
  if (kind < 0.86) return exchange(search, random, t);
  if (kind < 0.89) return insteadOfAll(search, random, t);
  return elsewhere(search, random, t);
}

/** Things of the main compartment come up most: pockets soon have what they will keep. Those that stand badly too. */
function pickThing(search: StowSearch, random: Random): number {
  const { movable, comp, compartments, trouble } = search;
  let t = movable[pickIndex(random, movable.length)]!;
  for (let tries = 0; tries < 3; tries += 1) {
    if (trouble[t]! > 0 || (compartments[comp[t]!]!.kind === 'main' && random() < 0.7)) break;
    t = movable[pickIndex(random, movable.length)]!;
  }
  if (random() < HEAVIER) {
    const u = movable[pickIndex(random, movable.length)]!;
    if (compartments[comp[u]!]!.kind === 'main' && search.loadedMassKg(u) > search.loadedMassKg(t)) return u;
  }
  return t;
}

/** Put a thing somewhere; undefined when it is there. */
function place(
  search: StowSearch,
  t: number,
  c: number,
  xCm: number,
  yCm: number,
  turn: number,
): (() => void) | undefined {
  if (search.isThere(t, c, xCm, yCm, turn)) return undefined;
  const old = [search.comp[t]!, search.x[t]!, search.y[t]!, search.turn[t]!] as const;
  search.put(t, c, xCm, yCm, turn);
  return () => search.put(t, ...old);
}

/** Somewhere else in its compartment, nearer as the search cools. */
function nearby(search: StowSearch, random: Random, t: number, heat: number): (() => void) | undefined {
  const c = search.comp[t]!;
  const { x0, y0, nx, ny, cellCm } = search.compartments[c]!;
  const reach = 0.15 + 0.85 * heat;
  const near = (at: number, low: number, cells: number): number => {
    const size = cells * cellCm;
    return Math.min(low + size, Math.max(low, at + (random() - 0.5) * 2 * reach * size));
  };
  return place(
    search,
    t,
    c,
    random() < 0.75 ? near(search.x[t]!, x0, nx) : search.x[t]!,
    random() < BACKWARD
      ? y0 + (search.isDense(t) ? backward(random) : 1 - backward(random)) * ny * cellCm
      : random() < 0.75
        ? near(search.y[t]!, y0, ny)
        : search.y[t]!,
    random() < 0.3 ? pickIndex(random, search.turnsOf(t)) : search.turn[t]!,
  );
}

/** Parts of the depth, small ones more often. */
function backward(random: Random): number {
  return 0.8 * random() ** 2;
}

/** Earlier or later among the things of its compartment; out of the band, dense ones mostly go the way that helps. */
function inTurn(search: StowSearch, random: Random, t: number, heat: number): (() => void) | undefined {
  const { order, comp } = search;
  const c = comp[t]!;
  const mine: number[] = [];
  for (let k = 0; k < order.length; k += 1) if (comp[order[k]!] === c) mine.push(k);
  if (mine.length < 2) return undefined;
  const from = mine.findIndex((k) => order[k] === t);
  const span = Math.max(2, Math.round(mine.length * (0.2 + 0.8 * heat)));
  let by = 1 + pickIndex(random, span);
  if (random() < 0.5) by = -by;
  if (search.tooHigh !== 0 && random() < 0.6) {
    by = search.isDense(t) === search.tooHigh < 0 ? Math.abs(by) : -Math.abs(by);
  }
  const to = Math.min(mine.length - 1, Math.max(0, from + by));
  if (to === from) return undefined;
  const [a, b] = [mine[from]!, mine[to]!];
  moveInOrder(order, a, b);
  search.touch(c);
  return () => {
    moveInOrder(order, b, a);
    search.touch(c);
  };
}

/** Two things change places: compartment, middle and turn in the order. */
function exchange(search: StowSearch, random: Random, t: number): (() => void) | undefined {
  const { movable, comp, x, y, turn, order, heightOf } = search;
  const u = movable[pickIndex(random, movable.length)]!;
  if (u === t || !search.allowed[t]!.includes(comp[u]!) || !search.allowed[u]!.includes(comp[t]!))
    return undefined;
  // Out of the band, dense things only change for light ones on the side where that helps.
  if (search.tooHigh !== 0 && random() < 0.7) {
    const denser = search.density(t) > search.density(u) ? t : u;
    const isBelow = heightOf[denser]! < heightOf[denser === t ? u : t]!;
    if (isBelow !== search.tooHigh < 0) return undefined;
  }
  const old = [comp[t]!, x[t]!, y[t]!, turn[t]!] as const;
  const other = [comp[u]!, x[u]!, y[u]!, turn[u]!] as const;
  search.put(t, other[0], other[1], other[2], turn[t]!);
  search.put(u, old[0], old[1], old[2], turn[u]!);
  const [a, b] = [order.indexOf(t), order.indexOf(u)];
  [order[a], order[b]] = [u, t];
  return () => {
    [order[a], order[b]] = [t, u];
    search.put(t, ...old);
    search.put(u, ...other);
  };
}

/** Into another compartment that it may go into, or anywhere in its own. */
function elsewhere(search: StowSearch, random: Random, t: number): (() => void) | undefined {
  const choices = search.allowed[t]!;
  return into(search, random, t, choices[pickIndex(random, choices.length)]!);
}

function into(search: StowSearch, random: Random, t: number, c: number): (() => void) | undefined {
  const { x0, y0, nx, ny, cellCm } = search.compartments[c]!;
  return place(
    search,
    t,
    c,
    x0 + random() * nx * cellCm,
    y0 + random() * ny * cellCm,
    pickIndex(random, search.turnsOf(t)),
  );
}

/** Into another pocket, and everything out of that which may go elsewhere. */
function insteadOfAll(search: StowSearch, random: Random, t: number): (() => void) | undefined {
  const { movable, comp, compartments, allowed } = search;
  const choices = allowed[t]!.filter((c) => c !== comp[t] && compartments[c]!.kind !== 'main');
  if (choices.length === 0) return undefined;
  const to = choices[pickIndex(random, choices.length)]!;
  const back: ((() => void) | undefined)[] = [];
  const from = comp[t]!;
  for (const u of movable) {
    if (comp[u] !== to) continue;
    const others = allowed[u]!.filter((c) => c !== to);
    if (others.length === 0) continue;
    const other = others.includes(from) && random() < 0.6 ? from : others[pickIndex(random, others.length)]!;
    back.push(into(search, random, u, other));
  }
  back.push(into(search, random, t, to));
  return () => {
    for (const undo of back.reverse()) undo?.();
  };
}

function moveInOrder(order: Int16Array, from: number, to: number): void {
  const t = order[from]!;
  if (to > from) order.copyWithin(from, from + 1, to + 1);
  else order.copyWithin(to + 1, to, from);
  order[to] = t;
}
