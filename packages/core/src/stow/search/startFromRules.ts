/** Where a search for a stow starts: every thing where the placement rules like it best and there still is room. */
import type { Thing, Zone, ZoneKind } from '../../trip/model.js';
import { isMainZone } from '../../trip/zoneKinds.js';
import { ColumnLoader } from '../columnLoader.js';
import { compareLoading } from '../loadingOrder.js';
import { placementVerdict, preferredKinds } from '../placementRules.js';
import type { StowProblem } from '../stowProblem.js';
import type { SearchFacts } from './searchFacts.js';
import { spreadOut } from './spreadOut.js';
import type { StowSearch } from './stowSearch.js';
import { isUprightStay, possibleUprights } from '../uprights.js';

const NEED_FIRST = ['walking', 'hurry', 'stop', 'firstInCamp', 'camp'] as const;
const HEIGHT_RANK: Readonly<Partial<Record<ZoneKind, number>>> = { bottom: 0, core: 1, outer: 1, top: 2 };
const VERDICT_PRICE = { good: 0, fair: 1, poor: 4, never: 50 } as const;
/** A litre or a kg too many in a pocket. */
const PER_UNIT_OVER = 20;
/**
 * High schools load the dense things late, low ones early, by so many ranks of height. Not tried: the packs of the trials
 * are of the middle school.
 */
const LIFT = { high: 1.6, middle: 0, low: -1.6 };
/** How far out a thing begins, as a part of the depth. */
const OUT: Readonly<Partial<Record<ZoneKind, number>>> = { core: 0.25, outer: 0.7 };

/** Give every movable thing of a search a compartment, a place and its turn in the order. */
export function startFromRules(search: StowSearch): void {
  const { state, facts } = search;
  const room = new Room(search);
  for (let t = 0; t < facts.things.length; t += 1) if (state.compartmentOf(t) >= 0) room.take(t);
  const height = new Map<number, number>();
  const uprights = uprightsOf(facts);
  for (const [k, t] of uprights.entries()) standAtBack(search, t, (k + 0.5) / uprights.length);
  for (const t of uprights) {
    room.take(t);
    height.set(t, HEIGHT_RANK.bottom!);
  }
  for (const t of byNeed(facts).filter((i) => !uprights.includes(i))) {
    const c = room.bestFor(t);
    const wanted = wantedKind(facts, t);
    height.set(t, HEIGHT_RANK[wanted ?? 'outer']!);
    const { x0, y0, nx, ny, cellCm } = facts.compartments[c]!;
    const out = (wanted !== undefined ? OUT[wanted] : undefined) ?? 0.5;
    state.put(t, c, x0 + 0.5 * nx * cellCm, y0 + out * ny * cellCm, bestTurn(facts, t, c));
  }
  state.loadInOrder(sorted(search, height));
  spreadOut(search);
}

/** What the best of some zones costs a thing. */
function leastPrice({ pack, house }: StowProblem, thing: Thing, zones: readonly Zone[]): number {
  return Math.min(...zones.map((z) => VERDICT_PRICE[placementVerdict(thing, z, house, pack).level]));
}

/** What is to stand for a frame: of the things that can, those that the rules like best inside. */
function uprightsOf({ problem, things, movable, main, uprights }: SearchFacts): readonly number[] {
  if (uprights === 0) return [];
  const able = new Set(possibleUprights(problem));
  const inMain = problem.pack.zones.filter((z) => isMainZone(z.kind));
  const price = (t: number): number => leastPrice(problem, things[t]!.thing, inMain);
  return movable
    .filter((t) => able.has(things[t]!.thing.id) && things[t]!.allowed.includes(main))
    .sort((a, b) => price(a) - price(b) || things[b]!.massKg - things[a]!.massKg || a - b)
    .slice(0, uprights);
}

/** @param across part of the width */
function standAtBack({ state, facts }: StowSearch, t: number, across: number): void {
  const { solid } = facts.things[t]!;
  const { x0, y0, nx, cellCm } = facts.compartments[facts.main]!;
  const turns = solid.kind === 'soft' ? [] : solid.turns;
  const standing = turns.flatMap((turn, i) => (isUprightStay(turn) ? [i] : []));
  const [thinnest] = standing.sort((a, b) => turns[a]!.depthCm - turns[b]!.depthCm);
  state.put(t, facts.main, x0 + across * nx * cellCm, y0, thinnest ?? 0);
}

function byNeed({ movable, things }: SearchFacts): readonly number[] {
  return [...movable].sort(
    (a, b) =>
      NEED_FIRST.indexOf(things[a]!.thing.needed) - NEED_FIRST.indexOf(things[b]!.thing.needed) ||
      fullestL(things[b]!.byDayL) - fullestL(things[a]!.byDayL),
  );
}

function fullestL(byDayL: readonly number[]): number {
  return Math.max(...byDayL);
}

/** Which part of the main compartment the rules like best for a thing. */
function wantedKind({ problem, things }: SearchFacts, t: number): ZoneKind | undefined {
  return preferredKinds(things[t]!.thing, problem.house).find((kind) => HEIGHT_RANK[kind] !== undefined);
}

/** Things in loading order: from the bottom up. */
function sorted({ state, facts }: StowSearch, height: ReadonlyMap<number, number>): readonly number[] {
  const { problem, things } = facts;
  const order = Array.from({ length: state.count }, (_v, k) => state.thingAt(k));
  const place = new Map(order.map((t, k) => [t, k]));
  const lift = LIFT[problem.school.id];
  const rank = (t: number): number => (height.get(t) ?? 1) + (things[t]!.isDense ? lift : 0);
  const onDayL = (t: number): number => things[t]!.byDayL[problem.day - 1]!;
  return [...order].sort(
    (a, b) =>
      rank(a) - rank(b) ||
      compareLoading(problem.things[a]!, problem.things[b]!) ||
      onDayL(b) - onDayL(a) ||
      place.get(a)! - place.get(b)!,
  );
}

/** What room the compartments have left while things are given to them. */
class Room {
  private readonly freeL: number[];
  private readonly freeKg: number[];
  /** Pockets as they are filled so far. */
  private readonly pockets: readonly (ColumnLoader | undefined)[];

  constructor(private readonly search: StowSearch) {
    const { compartments, things } = search.facts;
    this.freeL = compartments.map((c) => c.zone?.volumeL ?? Infinity);
    this.freeKg = compartments.map((c) => c.zone?.maxLoadKg ?? Infinity);
    this.pockets = compartments.map((c) =>
      c.zone === undefined || c.kind === 'sleeve' ? undefined : new ColumnLoader(c, things.length),
    );
  }

  /** A thing is where the state has it. */
  take(t: number): void {
    const { state, facts } = this.search;
    const c = state.compartmentOf(t);
    this.reserve(t, c);
    this.pockets[c]?.load(facts.things[t]!.solid, state.turnOf(t), state.xOf(t), state.yOf(t));
  }

  private reserve(t: number, c: number): void {
    const { problem, things } = this.search.facts;
    this.freeL[c]! -= fullestL(things[t]!.byDayL);
    this.freeKg[c]! -= problem.things[t]!.massKg;
  }

  /** The compartment that costs a thing least; it takes the thing. */
  bestFor(t: number): number {
    const { problem, things } = this.search.facts;
    const { thing, byDayL, allowed } = things[t]!;
    const { massKg } = problem.things[t]!;
    let chosen = allowed[0]!;
    let least = Infinity;
    let loadChosen: () => void = () => undefined;
    for (const c of allowed) {
      const trial = this.tryPocket(t, c);
      const price =
        leastPrice(problem, thing, this.zonesOf(c)) +
        PER_UNIT_OVER * Math.max(0, fullestL(byDayL) - this.freeL[c]!) +
        PER_UNIT_OVER * Math.max(0, massKg - this.freeKg[c]!) +
        (PER_UNIT_OVER * trial.overCm3) / 1000;
      if (price >= least) continue;
      least = price;
      chosen = c;
      loadChosen = trial.load;
    }
    this.reserve(t, chosen);
    loadChosen();
    return chosen;
  }

  private zonesOf(c: number): readonly Zone[] {
    const { compartments, problem } = this.search.facts;
    const { zone, id } = compartments[c]!;
    if (zone !== undefined) return [zone];
    const inMain = problem.pack.zones.filter((z) => HEIGHT_RANK[z.kind] !== undefined);
    return inMain.filter((z) => id !== 'bottom' || z.kind === 'bottom');
  }

  /**
   * Try a thing in a pocket, in each way and at a few places; the pocket is left as it was.
   *
   * @returns what does not go in at the place where most does, cm³, and how to load it there
   */
  private tryPocket(t: number, c: number): { readonly overCm3: number; readonly load: () => void } {
    const pocket = this.pockets[c];
    let best = { overCm3: pocket === undefined ? 0 : Infinity, load: (): void => undefined };
    if (pocket === undefined) return best;
    const { solid, turns } = this.search.facts.things[t]!;
    const { x0, y0, nx, ny, cellCm } = pocket.compartment;
    const count = pocket.loaded;
    for (let turn = 0; turn < turns; turn += 1) {
      for (const across of [0, 0.5, 1]) {
        for (const out of [0, 0.5, 1]) {
          const load = (): void =>
            pocket.load(solid, turn, x0 + across * nx * cellCm, y0 + out * ny * cellCm);
          const before = pocket.overflowCm3;
          load();
          const overCm3 = pocket.overflowCm3 - before;
          pocket.rewind(count);
          if (overCm3 < best.overCm3) best = { overCm3, load };
        }
      }
    }
    return best;
  }
}

/** Standing in open pockets; elsewhere with the smallest depth that fits under the ceiling. */
function bestTurn({ things, compartments }: SearchFacts, t: number, c: number): number {
  const { solid } = things[t]!;
  if (solid.kind === 'soft') return 0;
  const { nx, ny, zone } = compartments[c]!;
  const price = solid.turns.map((turn) => {
    const fits = turn.nx <= nx && turn.ny <= ny ? 0 : 1000;
    const tall = zone !== undefined && !zone.openAbove ? Math.max(0, turn.heightCm - zone.heightCm) * 100 : 0;
    return fits + tall + (zone?.openAbove === true ? -turn.heightCm : turn.depthCm);
  });
  return price.indexOf(Math.min(...price));
}
