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
import { leastVolumeL, mostRoomL, type Bundle, type Carrier, type ShareProblem } from './problem.js';

export interface ShareBound {
  /** No share has a smaller largest ratio than this. */
  readonly ratio: number;
  /** No share has a smaller largest ratio among members who carry something of the group's. */
  readonly level: number;
  /** What makes the ratio so, in words. */
  readonly reason: string;
  /** What makes the level so. */
  readonly levelReason: string;
  /** No share has less overload (kg, over members and days, by what it counts) and volume above packs (L) together. */
  readonly infeasibility: number;
}

/**
 * The water-fill level: the least λ with Σ max(0, λ·y − p) ≥ W; 0 when there is nothing to share.
 *
 * @param yards y, each above 0
 * @param bases p, kg, of the same length
 * @param sharedKg W, kg, 0 or more
 */
export function waterFillLevel(yards: readonly number[], bases: readonly number[], sharedKg: number): number {
  if (sharedKg <= 0) return 0;
  const order = yards.map((_y, i) => i).sort((a, b) => bases[a]! / yards[a]! - bases[b]! / yards[b]!);
  let yardSum = 0;
  let baseSum = 0;
  let level = 0;
  for (const [k, i] of order.entries()) {
    yardSum += yards[i]!;
    baseSum += bases[i]!;
    level = (sharedKg + baseSum) / yardSum;
    const next = order[k + 1];
    if (next === undefined || level <= bases[next]! / yards[next]!) break;
  }
  return level;
}

/** Masses are compared in this, kg: scales and lists are no finer. */
const FINEST_KG = 1e-4;
/** Rounding of masses in that unit. */
const CRUMB = 1e-6;

/**
 * The step that all masses of a day are multiples of, kg; 0 where there is none.
 *
 * @param masses kg
 */
export function massStepKg(masses: readonly number[]): number {
  let step = 0;
  for (const kg of masses) {
    const units = Math.round(kg / FINEST_KG);
    if (Math.abs(kg / FINEST_KG - units) > CRUMB) return 0;
    for (let [a, b] = [step, units]; ; [a, b] = [b, a % b]) {
      step = a;
      if (b === 0) break;
    }
  }
  return step * FINEST_KG;
}

/**
 * The water-fill level when what is poured comes in steps: the least at which everybody's room, in whole steps, holds it.
 *
 * @param level the water-fill level without steps
 * @param stepKg above 0
 */
export function steppedLevel(
  yards: readonly number[],
  bases: readonly number[],
  sharedKg: number,
  level: number,
  stepKg: number,
): number {
  const steps = yards.map((y, i) => Math.floor(Math.max(0, level * y - bases[i]!) / stepKg + CRUMB));
  let missing = Math.round(sharedKg / stepKg) - steps.reduce((a, b) => a + b, 0);
  const next = yards.map((y, i) => (bases[i]! + (steps[i]! + 1) * stepKg) / y);
  let reached = level;
  for (; missing > 0; missing -= 1) {
    let lowest = 0;
    for (let i = 1; i < next.length; i += 1) if (next[i]! < next[lowest]!) lowest = i;
    reached = Math.max(reached, next[lowest]!);
    next[lowest]! += stepKg / yards[lowest]!;
  }
  return reached;
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
  for (const [i, carrier] of carriers.entries())
    for (const d of days)
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
  const ratio = new Largest();
  ratio.offer(level.value, () => level.reason);
  for (const carrier of carriers)
    for (const d of days)
      ratio.offer(
        carrier.baseKg[d]! / carrier.yardKg[d]!,
        () => `day ${problem.firstDay + d}: what ${carrier.name} carries before anything of the group's`,
      );
  const sum = (list: readonly number[]): number => list.reduce((a, b) => a + b, 0);
  return {
    ratio: ratio.value,
    level: level.value,
    reason: ratio.reason,
    levelReason: level.reason,
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
