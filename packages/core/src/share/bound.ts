/**
 * Lower bounds on what any share can reach, so that "within 0.4 % of the best possible" is true.
 *
 * Level: the largest of (a) the water-fill level λ of each day, the least with Σₘ max(0, λ·yₘ − pₘ) ≥ W, where yₘ are
 * the yardsticks, pₘ the loads before group pieces and W the mass to share; (b) the same for each restricted set of
 * carriers (and each union of two) with only the pieces that must stay in it; (c) each piece's lightest possible
 * carrier; (d) where few carriers have few pieces of their own (a tent's parts over its sleepers), the best of all
 * their divisions, with whole pieces. Pieces are treated as divisible in (a) and (b), down to the step that all masses are
 * multiples of, so no share can be below it.
 *
 * Infeasibility: the mass of each day that finds no room under limits, and the volume that finds none in packs, by the
 * same sets.
 */
import { leastVolumeL, mostRoomL } from './leastRoom.js';
import type { Bundle, Carrier, ShareProblem } from './problem.js';
import { massStepKg, steppedLevel, waterFillLevel } from './waterFill.js';

export interface ShareBound {
  /** No share that keeps limits, packs and rules has a smaller largest ratio than this. */
  readonly ratio: number;
  /** None of them has a smaller largest ratio among members who carry something of the group's. */
  readonly level: number;
  /** The same of any share at all, whatever it breaks. */
  readonly ofAny: {
    readonly ratio: number;
    readonly level: number;
    readonly reason: string;
    readonly levelReason: string;
  };
  /** What makes the ratio so, in words. */
  readonly reason: string;
  /** What makes the level so. */
  readonly levelReason: string;
  /** No share has less overload (kg, over members and days, by what it counts) and volume above packs (L) together. */
  readonly infeasibility: number;
}

/** The largest of several lower bounds, and what it comes from. */
class Largest {
  value = 0;
  reason = 'nothing to carry';

  offer(ratio: number, why: () => string): void {
    if (ratio <= this.value + 1e-12) return;
    this.value = ratio;
    this.reason = why();
  }
}

/** What holds of a share that breaks limits, packs or rules. */
export function boundOfAny(bound: ShareBound): ShareBound {
  return bound.level === bound.ofAny.level ? bound : { ...bound, ...bound.ofAny };
}

/** The bound by the ways above alone; `fullBound` adds what packs and rules do together. */
export function shareBound(problem: ShareProblem): ShareBound {
  const { carriers, dayCount } = problem;
  const level = new Largest();
  const days = Array.from({ length: dayCount }, (_v, d) => d);
  // What alone is above a limit or a pack is above it in every share; what else must go somewhere is added by set.
  const excessKg = days.map(() => 0);
  const excessL = days.map(() => 0);
  const masses = bySet(problem);
  const roomL = days.map((d) => mostRoomL(problem, d));
  const settled = settledKg(problem);
  const free = problem.bundles.filter((b) => b.allowed.length > 1);
  const stepsKg = days.map((d) => massStepKg(free.map((b) => b.massKg[d]!)));
  // First what is plainest to say: of equal bounds the first is named.
  offerSingly(problem, settled, level);
  for (const set of restrictedSets(problem)) {
    const within = masses.filter((m) => isWithin(m.allowed, set));
    for (const d of days) {
      const filled = fillOf(problem, set, within, d, roomL[d]!, settled);
      level.offer(filled.levelFrom(level.value, stepsKg[d]!), () => filled.reason());
      excessKg[d] = Math.max(excessKg[d]!, filled.excessKg);
      excessL[d] = Math.max(excessL[d]!, filled.excessL);
    }
  }
  for (const set of ownSets(problem)) {
    const own = problem.bundles.filter((b) => isWithin(b.allowed, set));
    if (set.length ** own.length > MOST_DIVISIONS) continue;
    level.offer(
      bestDivision(problem, own, level.value),
      () =>
        `${own.map((b) => b.name).join(', ')}, however ${set.map((i) => carriers[i]!.name).join(', ')} divide them`,
    );
  }
  const ratio = new Largest();
  ratio.offer(level.value, () => level.reason);
  for (const carrier of carriers)
    for (const d of days)
      ratio.offer(
        carrier.baseKg[d]! / carrier.yardKg[d]!,
        () => `day ${problem.firstDay + d}: what ${carrier.name} carries before anything of the group's`,
      );
  const sum = (list: readonly number[]): number => list.reduce((a, b) => a + b, 0);
  const ofAny = {
    ratio: ratio.value,
    level: level.value,
    reason: ratio.reason,
    levelReason: level.reason,
  };
  return {
    ...ofAny,
    ofAny,
    infeasibility: ownInfeasibility(problem) + sum(excessKg) + sum(excessL),
  };
}

/** What each carrier has that is open to nobody else, kg by day. */
function settledKg({ carriers, bundles, dayCount }: ShareProblem): readonly Float64Array[] {
  const kg = carriers.map(() => new Float64Array(dayCount));
  for (const { allowed, massKg } of bundles)
    if (allowed.length === 1) massKg.forEach((x, d) => (kg[allowed[0]!]![d]! += x));
  return kg;
}

/** What somebody must have, and each bundle with its lightest carrier. */
function offerSingly(problem: ShareProblem, settled: readonly Float64Array[], level: Largest): void {
  const { carriers, dayCount } = problem;
  for (const [i, carrier] of carriers.entries())
    for (let d = 0; d < dayCount; d += 1)
      if (settled[i]![d]! > 0)
        level.offer(
          (carrier.baseKg[d]! + settled[i]![d]!) / carrier.yardKg[d]!,
          () => `day ${problem.firstDay + d}: what only ${carrier.name} may carry`,
        );
  for (const bundle of problem.bundles) {
    if (bundle.allowed.length === 0) continue;
    const { ratio, name } = lightestCarrier(bundle, carriers);
    level.offer(ratio, () => `${bundle.name} alone, even with ${name}`);
  }
}

/** What is open to the same carriers, together, by day. */
interface SetMass {
  readonly allowed: readonly number[];
  readonly massKg: number[];
  readonly volumeL: number[];
}

/** Large parties have a thousand pieces and few sets that they are open to. */
function bySet({ bundles, dayCount }: ShareProblem): readonly SetMass[] {
  const sets = new Map<string, SetMass>();
  const none = (): number[] => new Array<number>(dayCount).fill(0);
  for (const bundle of bundles) {
    const { allowed, massKg } = bundle;
    const key = allowed.join();
    const set = sets.get(key) ?? { allowed, massKg: none(), volumeL: none() };
    sets.set(key, set);
    for (let d = 0; d < dayCount; d += 1) {
      set.massKg[d]! += massKg[d]!;
      set.volumeL[d]! += leastVolumeL(bundle, d);
    }
  }
  return [...sets.values()];
}

/**
 * What a set of carriers must carry on a day, poured over them: the level, and what is above limits and packs.
 *
 * @param own what is open to nobody but them
 * @param mostL the room of each carrier's pack, litres
 * @param settled what each carrier has that nobody else may have, kg by day
 */
function fillOf(
  problem: ShareProblem,
  set: readonly number[],
  own: readonly SetMass[],
  d: number,
  mostL: readonly number[],
  settled: readonly Float64Array[],
) {
  const { carriers } = problem;
  const present = set.filter((i) => carriers[i]!.limitKg[d] !== Infinity);
  const here = present.map((i) => carriers[i]!);
  const massKg = own.reduce((sum, b) => sum + b.massKg[d]!, 0);
  const volumeL = own.reduce((sum, b) => sum + b.volumeL[d]!, 0);
  const roomKg = here.reduce((sum, c) => sum + Math.max(0, c.limitKg[d]! - c.baseKg[d]!), 0);
  const roomL = present.reduce((sum, i) => sum + mostL[i]!, 0);
  const all = set.length === carriers.length;
  const yards = here.map((c) => c.yardKg[d]!);
  const bases = present.map((i) => carriers[i]!.baseKg[d]! + settled[i]![d]!);
  const pouredKg = present.reduce((kg, i) => kg - settled[i]![d]!, massKg);
  return {
    /** Whole steps make it higher by a step of somebody's at most: not worth looking where that is below what is known. */
    levelFrom: (known: number, stepKg: number): number => {
      const level = waterFillLevel(yards, bases, pouredKg);
      return stepKg === 0 || pouredKg <= 0 || level + (2 * stepKg) / Math.min(...yards) < known
        ? level
        : steppedLevel(yards, bases, pouredKg, level, stepKg);
    },
    reason: () =>
      `day ${problem.firstDay + d}: all that ${all ? 'all members' : here.map((c) => c.name).join(', ')} must carry, spread evenly over them`,
    excessKg: massKg - roomKg,
    excessL: volumeL - roomL,
  };
}

/** Divisions of a small set's own pieces that are all looked at. */
const MOST_DIVISIONS = 2 ** 16;

/**
 * The lowest level at which some carriers can divide their own pieces, with nothing else to carry.
 *
 * @param known a bound that is at hand: nothing below it is looked for
 */
function bestDivision(problem: ShareProblem, own: readonly Bundle[], known: number): number {
  const { carriers, dayCount } = problem;
  const heaviest = (b: Bundle): number => Math.max(...b.massKg);
  const order = [...own].sort((a, b) => heaviest(b) - heaviest(a));
  const load = carriers.map((c) => [...c.baseKg]);
  let best = Infinity;
  const divide = (at: number, level: number): void => {
    if (level >= best) return;
    const bundle = order[at];
    if (bundle === undefined) {
      best = level;
      return;
    }
    for (const m of bundle.allowed) {
      let highest = level;
      for (let d = 0; d < dayCount; d += 1) {
        load[m]![d]! += bundle.massKg[d]!;
        if (bundle.massKg[d]! > 0) highest = Math.max(highest, load[m]![d]! / carriers[m]!.yardKg[d]!);
      }
      divide(at + 1, highest);
      for (let d = 0; d < dayCount; d += 1) load[m]![d]! -= bundle.massKg[d]!;
      if (best <= known) return;
    }
  };
  divide(0, 0);
  return best;
}

/** What is above limits (kg, by what it counts) and packs (L) before any group piece. */
export function ownInfeasibility(problem: ShareProblem): number {
  let total = 0;
  for (const { limitKg, baseKg, freeVolumeL, overWeight } of problem.carriers) {
    for (let d = 0; d < problem.dayCount; d += 1) {
      total += overWeight * Math.max(0, baseKg[d]! - limitKg[d]!) + Math.max(0, -freeVolumeL[d]!);
    }
  }
  return total;
}

/** The carrier with whom a bundle makes the smallest ratio, over the days on which it is carried. */
function lightestCarrier({ allowed, massKg }: Bundle, carriers: readonly Carrier[]) {
  let lightest = { ratio: Infinity, name: '' };
  for (const i of allowed) {
    const { baseKg, yardKg, name } = carriers[i]!;
    let ratio = 0;
    for (const [d, kg] of massKg.entries())
      if (kg > 0) ratio = Math.max(ratio, (baseKg[d]! + kg) / yardKg[d]!);
    if (ratio < lightest.ratio) lightest = { ratio, name };
  }
  return lightest;
}

/** Whether an ascending list is part of another. */
function isWithin(part: readonly number[], whole: readonly number[]): boolean {
  if (part.length > whole.length) return false;
  let at = 0;
  for (const value of part) {
    while (at < whole.length && whole[at]! < value) at += 1;
    if (whole[at] !== value) return false;
  }
  return true;
}

/** Each set of carriers, but all, that some piece is restricted to. */
function ownSets(problem: ShareProblem): readonly (readonly number[])[] {
  const sets = problem.bundles.filter(
    (b) => b.allowed.length > 0 && b.allowed.length < problem.carriers.length,
  );
  return [...new Map(sets.map((b) => [b.allowed.join(), b.allowed])).values()];
}

/** The set of all carriers, each set that some piece is restricted to, and each union of two of those. */
function restrictedSets(problem: ShareProblem): readonly (readonly number[])[] {
  const all = problem.carriers.map((_c, i) => i);
  if (all.length === 0) return [];
  const sets = new Map<string, readonly number[]>([[all.join(), all]]);
  for (const b of problem.bundles) if (b.allowed.length > 0) sets.set(b.allowed.join(), b.allowed);
  const single = [...sets.values()];
  for (const [i, a] of single.entries()) {
    for (const b of single.slice(i + 1)) {
      const union = [...new Set([...a, ...b])].sort((x, y) => x - y);
      sets.set(union.join(), union);
    }
  }
  return [...sets.values()];
}
