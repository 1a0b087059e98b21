/** Small trips: every share that there may be is looked at, so that each tier of the objective is at its best. */
import type { ShareProblem } from './problem.js';
import { evennessCap, Floor, TINY, type Incumbent } from './searchTiers.js';
import { infeasibilityOf } from './shareScore.js';
import type { ShareState } from './shareState.js';

/** So many shares are looked at one by one. */
const MOST_SHARES = 120_000;
/** Sums that are kept move by move drift by less than this. */
const DRIFT = 1e-8;

/** Whether there are so few shares, by who may carry what, that each can be looked at. */
export function isEnumerable({ bundles }: ShareProblem): boolean {
  let shares = 1;
  for (const { allowed } of bundles) {
    shares *= Math.max(1, allowed.length);
    if (shares > MOST_SHARES) return false;
  }
  return true;
}

/**
 * Puts the best share of all on the incumbent, tier by tier.
 *
 * @param levelGive how much of the level evenness may take back, relative
 * @param fitOnly only the least infeasibility, and the lowest level with it
 */
export function enumerateShares(
  best: Incumbent,
  levelGive: number,
  evennessGives: boolean,
  fitOnly: boolean,
): { readonly reachedLevel: number; readonly moves: number } {
  const { state, unit } = best;
  let moves = 0;
  /** The share that is first by some numbers, one after another, among those that may be. */
  const first = (may: () => boolean, numbers: readonly (() => number)[]): void => {
    let least: readonly number[] | undefined;
    let found: Int32Array | undefined;
    moves += eachShare(state, () => {
      if (!may()) return;
      const now: number[] = [];
      for (const [k, number] of numbers.entries()) {
        now.push(number());
        if (least === undefined || now[k]! < least[k]! - DRIFT * scales[k]!) {
          least = [...now, ...numbers.slice(k + 1).map((later) => later())];
          found = Int32Array.from(state.carrierOf);
          return;
        }
        if (now[k]! > least[k]! + DRIFT * scales[k]!) return;
      }
    });
    if (found !== undefined) state.restore(found);
    if (found !== undefined) best.take();
  };
  const scales = [1, 1];
  first(() => true, [() => infeasibilityOf(state.over, state.apart), () => state.level()]);
  const reachedLevel = best.score.level;
  if (fitOnly) return { reachedLevel, moves };
  const floor = new Floor(best.score);
  const levelCap = reachedLevel * (1 + levelGive) + TINY * unit;
  state.setTarget(levelCap);
  const isLow = (): boolean => floor.isHeld(state) && state.excess <= DRIFT;
  scales[1] = unit * unit;
  first(isLow, [() => state.crowding, () => state.evenness]);
  floor.holdCrowding(best.score);
  const cap = evennessCap(best, evennessGives);
  first(() => isLow() && state.evenness <= cap + TINY * unit * unit, [() => state.untidinessNow()]);
  return { reachedLevel, moves };
}

/**
 * Walks over all shares, each one move from the one before (reflected Gray code in mixed radix; Knuth, TAOCP 7.2.1.1,
 * from memory).
 *
 * @returns how many moves were made
 */
function eachShare(state: ShareState, look: () => void): number {
  const { bundles } = state.problem;
  const movable = bundles.flatMap((b, i) => (b.allowed.length > 1 ? [i] : []));
  state.restore(Int32Array.from(bundles, (b) => b.allowed[0]!));
  const digit = new Int32Array(movable.length);
  const way = new Int32Array(movable.length).fill(1);
  const focus = Int32Array.from({ length: movable.length + 1 }, (_v, k) => k);
  let moves = 0;
  for (;;) {
    look();
    const k = focus[0]!;
    focus[0] = 0;
    if (k === movable.length) return moves;
    const b = movable[k]!;
    const { allowed } = bundles[b]!;
    digit[k]! += way[k]!;
    state.weigh(b, allowed[digit[k]!]!, -1);
    state.move(b, allowed[digit[k]!]!, -1);
    moves += 1;
    if (digit[k] === 0 || digit[k] === allowed.length - 1) {
      way[k] = -way[k]!;
      focus[k] = focus[k + 1]!;
      focus[k + 1] = k + 1;
    }
  }
}
