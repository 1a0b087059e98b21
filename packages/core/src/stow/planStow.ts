/**
 * The stow planner by zone: a start from the placement rules, then one long annealing over moves and swaps.
 *
 * Objective in tiers, each worth more than all below it could gain: (1) everything somewhere and nothing too full or
 * misshapen; (2) no safety rule broken; (3) needed-when respected; (4) centre of gravity inside the band; (5) placement
 * rules, closeness to the back and left/right evenness together. Iterations are counted, not seconds, so that a seed
 * reproduces a stow.
 */
import { pickIndex, seededRandom } from '../random.js';
import type { Placement, Side, Stow, Trip, Zone } from '../trip/model.js';
import { compareLoading } from './loadingOrder.js';
import { clash, misfit, placementVerdict, type Level } from './placementRules.js';
import { planningDay, stowProblem, type StowProblem } from './stowProblem.js';
import { boxCentre, isMainZone, layoutZone } from './zoneLayout.js';

export interface StowOptions {
  readonly seed: number;
  readonly iterations?: number;
}
export interface StowPlan {
  readonly seed: number;
  readonly stow: Stow;
  readonly iterations: number;
  /** What the planner minimised, by tier, first tier first. */
  readonly cost: StowCost;
}
export interface StowCost {
  /** Litres, kg and things that do not fit. */
  readonly misfit: number;
  readonly safety: number;
  readonly tooDeep: number;
  readonly bandMissCm: number;
  readonly comfort: number;
}

export const DEFAULT_STOW_ITERATIONS = 40_000;

const LEVEL_COST: Readonly<Record<Exclude<Level, 'never'>, number>> = { good: 0, fair: 1, poor: 4 };
/** Weights between the parts of comfort: a centimetre out against a second-choice zone, a centimetre aside. */
const PER_CM_OUT = 1.2;
const PER_CM_ASIDE = 3;
/** A thing lies across the pack unless a side is worth something: one rule less to remember. */
const PER_SIDE = 0.05;
/** Weights of the tiers in the annealing's single energy; the incumbent is compared tier by tier. */
const TIER_WEIGHTS = { misfit: 400, safety: 400, tooDeep: 60, bandMissCm: 6 } as const;
const HOT = 12;
const COLD = 0.02;

interface Slot {
  readonly zoneIndex: number;
  readonly side: Side;
}
/** What a thing costs in a slot before its neighbours are known. */
interface SlotCost {
  readonly misfit: number;
  readonly safety: number;
  readonly tooDeep: number;
  readonly comfort: number;
}
interface ZoneCost {
  misfit: number;
  safety: number;
  massKg: number;
  mx: number;
  my: number;
  mz: number;
}

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
  const { seed, iterations = DEFAULT_STOW_ITERATIONS } = options;
  const random = seededRandom(seed);
  const search = new StowSearch(problem, pinned);
  const start = search.cost();
  let energy = energyOf(start);
  let best = { cost: start, at: [...search.at] };
  const { movable } = search;
  let spent = 0;
  for (let i = 0; i < iterations && movable.length > 0; i += 1) {
    spent += 1;
    const temperature = HOT * (COLD / HOT) ** (i / iterations);
    const t = movable[pickIndex(random, movable.length)]!;
    const old = search.at[t]!;
    let undo: () => void;
    if (random() < 0.7) {
      search.put(t, pickIndex(random, search.slots.length));
      undo = () => search.put(t, old);
    } else {
      const u = movable[pickIndex(random, movable.length)]!;
      const other = search.at[u]!;
      search.put(t, other);
      search.put(u, old);
      undo = () => {
        search.put(t, old);
        search.put(u, other);
      };
    }
    const cost = search.cost();
    const next = energyOf(cost);
    if (next > energy && random() >= Math.exp((energy - next) / temperature)) {
      undo();
      continue;
    }
    energy = next;
    if (compareCost(cost, best.cost) < 0) best = { cost, at: [...search.at] };
  }
  const placements = problem.things
    .map((stowThing, t) => ({ stowThing, slot: search.slots[best.at[t]!]!, pinned: search.isPinned(t) }))
    .sort((a, b) => a.slot.zoneIndex - b.slot.zoneIndex || compareLoading(a.stowThing, b.stowThing))
    .map(({ stowThing, slot, pinned: isPinned }) => ({
      thingId: stowThing.thing.id,
      zoneId: problem.pack.zones[slot.zoneIndex]!.id,
      side: slot.side,
      pinned: isPinned,
    }));
  return { seed, stow: { memberId: problem.member.id, placements }, iterations: spent, cost: best.cost };
}

/** The annealing's single number for a cost. */
function energyOf(cost: StowCost): number {
  return (
    TIER_WEIGHTS.misfit * cost.misfit +
    TIER_WEIGHTS.safety * cost.safety +
    TIER_WEIGHTS.tooDeep * cost.tooDeep +
    TIER_WEIGHTS.bandMissCm * cost.bandMissCm +
    cost.comfort
  );
}

/** What a given stow costs, by the planner's own tiers. */
export function costOfStow(problem: StowProblem, placements: readonly Placement[]): StowCost {
  return new StowSearch(problem, placements).cost();
}

/** Lexicographic order of costs, with a tolerance for rounding. */
export function compareCost(a: StowCost, b: StowCost): number {
  for (const tier of ['misfit', 'safety', 'tooDeep', 'bandMissCm', 'comfort'] as const) {
    if (Math.abs(a[tier] - b[tier]) > 1e-9) return a[tier] - b[tier];
  }
  return 0;
}

/** The slots a thing can be put in: three sides of main zones, one place in every pocket. */
export function slotsOf(zones: readonly Zone[]): readonly Slot[] {
  return zones.flatMap((zone, zoneIndex) =>
    (isMainZone(zone.kind) ? (['left', 'centre', 'right'] as const) : (['centre'] as const)).map((side) => ({
      zoneIndex,
      side,
    })),
  );
}

/** Placement of every thing with each zone's cost kept until something in that zone moves. */
class StowSearch {
  readonly slots: readonly Slot[];
  /** Slot of each thing. */
  readonly at: number[];
  readonly movable: readonly number[];
  private readonly slotCosts: readonly (readonly SlotCost[])[];
  private readonly clashes: readonly (readonly boolean[])[];
  private readonly order: readonly number[];
  private readonly zoneCosts: (ZoneCost | undefined)[];
  private readonly pinnedThings: ReadonlySet<number>;

  constructor(
    private readonly problem: StowProblem,
    fixed: readonly Placement[],
  ) {
    const { things, pack } = problem;
    this.slots = slotsOf(pack.zones);
    this.slotCosts = things.map((t) => this.slots.map((slot) => this.slotCost(t.thing, slot)));
    this.clashes = things.map((a) => things.map((b) => clash(a.thing, b.thing) !== undefined));
    this.order = things.map((_t, i) => i).sort((a, b) => compareLoading(things[a]!, things[b]!));
    this.zoneCosts = pack.zones.map(() => undefined);
    const slotOfPlacement = (p: Placement): number =>
      this.slots.findIndex(
        (s) =>
          pack.zones[s.zoneIndex]!.id === p.zoneId &&
          (s.side === p.side || !isMainZone(pack.zones[s.zoneIndex]!.kind)),
      );
    const fixedSlot = new Map(fixed.map((p) => [p.thingId, slotOfPlacement(p)]));
    this.pinnedThings = new Set(
      things.flatMap((t, i) => ((fixedSlot.get(t.thing.id) ?? -1) >= 0 ? [i] : [])),
    );
    this.movable = things.flatMap((_t, i) => (this.pinnedThings.has(i) ? [] : [i]));
    this.at = things.map((t, i) => (this.pinnedThings.has(i) ? fixedSlot.get(t.thing.id)! : -1));
    this.startFromRules();
  }

  isPinned(thing: number): boolean {
    return this.pinnedThings.has(thing);
  }

  put(thing: number, slot: number): void {
    const old = this.at[thing]!;
    if (old >= 0) this.zoneCosts[this.slots[old]!.zoneIndex] = undefined;
    this.zoneCosts[this.slots[slot]!.zoneIndex] = undefined;
    this.at[thing] = slot;
  }

  cost(): StowCost {
    const { things, pack, band } = this.problem;
    let [misfitSum, safety, tooDeep, comfort] = [0, 0, 0, 0];
    let massKg = pack.tareKg;
    let [mx, my, mz] = [
      pack.tareKg * pack.centreOfGravityCm.x,
      pack.tareKg * pack.centreOfGravityCm.y,
      pack.tareKg * pack.centreOfGravityCm.z,
    ];
    for (let t = 0; t < things.length; t += 1) {
      const slot = this.slotCosts[t]![this.at[t]!]!;
      misfitSum += slot.misfit;
      safety += slot.safety;
      tooDeep += slot.tooDeep;
      comfort += slot.comfort;
    }
    for (let z = 0; z < pack.zones.length; z += 1) {
      const zone = (this.zoneCosts[z] ??= this.zoneCost(z));
      misfitSum += zone.misfit;
      safety += zone.safety;
      massKg += zone.massKg;
      mx += zone.mx;
      my += zone.my;
      mz += zone.mz;
    }
    if (massKg === 0) return { misfit: misfitSum, safety, tooDeep, bandMissCm: 0, comfort };
    const z = mz / massKg;
    const bandMissCm = Math.max(0, band[0] - z, z - band[1]);
    comfort += (PER_CM_OUT * my) / massKg + (PER_CM_ASIDE * Math.abs(mx)) / massKg;
    return { misfit: misfitSum, safety, tooDeep, bandMissCm, comfort };
  }

  private slotCost(thing: StowProblem['things'][number]['thing'], slot: Slot): SlotCost {
    const zone = this.problem.pack.zones[slot.zoneIndex]!;
    const verdict = placementVerdict(thing, zone, this.problem.house);
    return {
      misfit: misfit(thing, zone, this.problem.mainSizeCm) === undefined ? 0 : 1,
      safety: verdict.level === 'never' ? 1 : 0,
      tooDeep: verdict.tooDeep ? 1 : 0,
      comfort:
        LEVEL_COST[verdict.level === 'never' ? 'poor' : verdict.level] +
        (slot.side === 'centre' ? 0 : PER_SIDE),
    };
  }

  private zoneCost(zoneIndex: number): ZoneCost {
    const { things, pack, day } = this.problem;
    const zone = pack.zones[zoneIndex]!;
    const members = this.order.filter(
      (t) => this.at[t]! >= 0 && this.slots[this.at[t]!]!.zoneIndex === zoneIndex,
    );
    const cost: ZoneCost = { misfit: 0, safety: 0, massKg: 0, mx: 0, my: 0, mz: 0 };
    if (members.length === 0) return cost;
    const dayCount = things[members[0]!]!.volumeL.length;
    for (let d = 0; d < dayCount; d += 1) {
      let volumeL = 0;
      for (const t of members) volumeL += things[t]!.volumeL[d]!;
      cost.misfit = Math.max(cost.misfit, volumeL - zone.volumeL);
    }
    const boxes = layoutZone(
      zone,
      members.map((t) => ({
        shape: things[t]!.thing.shape,
        volumeL: things[t]!.volumeL[day - 1]!,
        side: this.slots[this.at[t]!]!.side,
      })),
    );
    for (const [i, t] of members.entries()) {
      const { massKg } = things[t]!;
      const centre = boxCentre(boxes[i]!);
      cost.massKg += massKg;
      cost.mx += massKg * centre.x;
      cost.my += massKg * centre.y;
      cost.mz += massKg * centre.z;
      for (const u of members.slice(i + 1)) if (this.clashes[t]![u]!) cost.safety += 1;
    }
    cost.misfit += Math.max(0, cost.massKg - (zone.maxLoadKg ?? Infinity));
    return cost;
  }

  /** Biggest things first, each into the cheapest slot that still has room, or the cheapest at all. */
  private startFromRules(): void {
    const { things, pack } = this.problem;
    const free = pack.zones.map((z) => z.volumeL);
    const fullest = (t: number): number => Math.max(...things[t]!.volumeL);
    this.at.forEach((slot, t) => {
      if (slot >= 0) free[this.slots[slot]!.zoneIndex]! -= fullest(t);
    });
    for (const t of [...this.movable].sort((a, b) => fullest(b) - fullest(a) || a - b)) {
      let chosen = 0;
      let least = Infinity;
      for (const [s, slot] of this.slots.entries()) {
        const c = this.slotCosts[t]![s]!;
        const overL = Math.max(0, fullest(t) - free[slot.zoneIndex]!);
        const price =
          TIER_WEIGHTS.misfit * (c.misfit + overL) +
          TIER_WEIGHTS.safety * c.safety +
          TIER_WEIGHTS.tooDeep * c.tooDeep +
          c.comfort;
        if (price < least) {
          least = price;
          chosen = s;
        }
      }
      this.at[t] = chosen;
      free[this.slots[chosen]!.zoneIndex]! -= fullest(t);
    }
  }
}
