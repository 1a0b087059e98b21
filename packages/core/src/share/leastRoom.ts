/** How much room bundles take at the least, and packs have at the most: what bounds may count on. */
import type { Bundle, ShareProblem } from './problem.js';

/**
 * For bounds, which look at each bundle by itself: a container takes its room less what it holds, and food all of its
 * own. No share takes less. What is below zero is room of everybody (`mostRoomL`).
 */
export function leastVolumeL({ volumeL, stiffL }: Bundle, d: number): number {
  return Math.max(0, volumeL[d]! - stiffL[d]!);
}

/** The most that each carrier's pack can have free beside `leastVolumeL`, litres. */
export function mostRoomL({ carriers, bundles }: ShareProblem, d: number): readonly number[] {
  const spareL = bundles.reduce((sum, b) => sum + Math.max(0, b.stiffL[d]! - b.volumeL[d]!), 0);
  return carriers.map((c) => Math.max(0, c.freeVolumeL[d]!) + c.stiffL[d]! + spareL);
}

/** How full all packs together are on the fullest day with everything in them, as a part of the room there is. */
export function fullness(problem: ShareProblem): number {
  const { bundles, dayCount } = problem;
  let fullest = 0;
  for (let d = 0; d < dayCount; d += 1) {
    const litres = bundles.reduce((sum, b) => sum + leastVolumeL(b, d), 0);
    const room = mostRoomL(problem, d).reduce((sum, l) => sum + l, 0);
    if (litres > 0) fullest = Math.max(fullest, litres / room);
  }
  return fullest;
}
