/**
 * A lower bound on the largest load ratio of any share, so that "within 0.4 % of the best possible" is true.
 *
 * The largest of: (a) the water-fill level λ of each day, the least with Σₘ max(0, λ·Lₘ − pₘ) ≥ W, where Lₘ are the
 * limits, pₘ the loads before group pieces and W the mass to share; (b) the same for each restricted set of carriers
 * (and each union of two) with only the pieces that must stay in it; (c) each piece's lightest possible carrier.
 * Pieces are treated as divisible in (a) and (b), so no share can be below it.
 */
import type { Bundle, Carrier, ShareProblem } from './problem.js';

export interface ShareBound {
  /** No share has a smaller largest ratio than this. */
  readonly ratio: number;
  /** What makes it so, in words. */
  readonly reason: string;
}

/**
 * The water-fill level: the least λ with Σ max(0, λ·L − p) ≥ W, and not below the largest p / L.
 *
 * @param limits L, kg, each above 0
 * @param bases p, kg, of the same length
 * @param sharedKg W, kg, 0 or more
 */
export function waterFillLevel(
  limits: readonly number[],
  bases: readonly number[],
  sharedKg: number,
): number {
  const order = limits.map((_l, i) => i).sort((a, b) => bases[a]! / limits[a]! - bases[b]! / limits[b]!);
  let limitSum = 0;
  let baseSum = 0;
  let level = 0;
  for (const [k, i] of order.entries()) {
    limitSum += limits[i]!;
    baseSum += bases[i]!;
    level = (sharedKg + baseSum) / limitSum;
    const next = order[k + 1];
    if (next === undefined || level <= bases[next]! / limits[next]!) break;
  }
  const heaviestBase =
    order.length === 0 ? 0 : bases[order[order.length - 1]!]! / limits[order[order.length - 1]!]!;
  return Math.max(level, heaviestBase);
}

export function shareBound(problem: ShareProblem): ShareBound {
  let best: ShareBound = { ratio: 0, reason: 'nothing to carry' };
  const offer = (ratio: number, reason: () => string): void => {
    if (ratio > best.ratio + 1e-12) best = { ratio, reason: reason() };
  };
  for (const set of restrictedSets(problem)) {
    const carriers = set.map((i) => problem.carriers[i]!);
    const own = problem.bundles.filter((b) => b.allowed.every((i) => set.includes(i)));
    const who =
      set.length === problem.carriers.length ? 'all members' : carriers.map((c) => c.name).join(', ');
    for (let d = 0; d < problem.dayCount; d += 1) {
      const level = waterFillLevel(
        carriers.map((c) => c.limitKg[d]!),
        carriers.map((c) => c.baseKg[d]!),
        own.reduce((sum, b) => sum + b.massKg[d]!, 0),
      );
      offer(level, () => `day ${d + 1}: all that ${who} must carry, spread evenly over them`);
    }
  }
  for (const bundle of problem.bundles) {
    if (bundle.allowed.length === 0) continue;
    const { ratio, name } = lightestCarrier(bundle, problem.carriers);
    offer(ratio, () => `${bundle.name} alone, even with ${name}`);
  }
  return best;
}

function lightestCarrier(bundle: Bundle, carriers: readonly Carrier[]): { ratio: number; name: string } {
  return bundle.allowed
    .map((i) => {
      const carrier = carriers[i]!;
      const ratios = carrier.limitKg.map((limit, d) => (carrier.baseKg[d]! + bundle.massKg[d]!) / limit);
      return { ratio: Math.max(...ratios), name: carrier.name };
    })
    .reduce((a, b) => (b.ratio < a.ratio ? b : a));
}

/** The set of all carriers, each set that some piece is restricted to, and each union of two of those. */
function restrictedSets(problem: ShareProblem): readonly (readonly number[])[] {
  const all = problem.carriers.map((_c, i) => i);
  if (all.length === 0) return [];
  const sets = new Map<string, readonly number[]>([[all.join(), all]]);
  for (const b of problem.bundles) if (b.allowed.length > 0) sets.set(b.allowed.join(), b.allowed);
  const single = [...sets.values()];
  for (const a of single) {
    for (const b of single) {
      const union = [...new Set([...a, ...b])].sort((x, y) => x - y);
      sets.set(union.join(), union);
    }
  }
  return [...sets.values()];
}
