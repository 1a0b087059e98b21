/** Bundles and carriers that are alike in everything a share counts: to change one for the other changes nothing. */
import type { ShareProblem } from './problem.js';

/** Bundles by their heaviest day, those that are alike one after another. */
export function heaviestFirst({ bundles }: ShareProblem): readonly number[] {
  const heaviest = bundles.map((b) => Math.max(...b.massKg));
  const likeness = keysOf(bundles);
  return bundles
    .map((_b, i) => i)
    .sort((a, b) => heaviest[b]! - heaviest[a]! || likeness[a]!.localeCompare(likeness[b]!) || a - b);
}

/** For each bundle of an order the one before it, where the two are alike; else -1. Like ones must stand together. */
export function twinBefore({ bundles, apart }: ShareProblem, order: readonly number[]): Int32Array {
  const ruled = new Set(apart.flat());
  const twin = new Int32Array(bundles.length).fill(-1);
  const likeness = keysOf(bundles);
  for (let k = 1; k < order.length; k += 1) {
    const [one, other] = [order[k - 1]!, order[k]!];
    if (likeness[one] === likeness[other] && !ruled.has(one) && !ruled.has(other)) twin[other] = one;
  }
  return twin;
}

/** What bundles are alike in. */
function keysOf(bundles: ShareProblem['bundles']): readonly string[] {
  return bundles.map((b) => JSON.stringify([b.massKg, b.volumeL, b.fillsL, b.stiffL, b.allowed]));
}

/** For each carrier of an order the one before, where the two are alike and may have the same; else -1. */
export function twinCarrierBefore({ carriers, bundles }: ShareProblem, order: readonly number[]): Int32Array {
  const twin = new Int32Array(carriers.length).fill(-1);
  const likeness = carriers.map((c) =>
    JSON.stringify([c.limitKg.map(String), c.yardKg.map(String), c.baseKg, c.freeVolumeL, c.stiffL]),
  );
  for (let k = 1; k < order.length; k += 1) {
    const [one, other] = [order[k - 1]!, order[k]!];
    if (
      likeness[one] === likeness[other] &&
      bundles.every((b) => b.allowed.includes(one) === b.allowed.includes(other))
    )
      twin[other] = one;
  }
  return twin;
}
