/** Parts of the search that divide anew what two carriers have; see `PairSplit`. */
import { pickIndex, type Random } from '../units/random.js';
import { PairSplit } from './pairSplit.js';
import { HELD, isAtBound, TINY, type Floor, type Incumbent } from './searchTiers.js';
import { infeasibilityOf } from './shareScore.js';
import type { ShareState } from './shareState.js';

const { max } = Math;

/** How far below the incumbent the target lies while what two carriers have is divided anew, of the way to the bound. */
const SPLIT_CHASE = 0.05;
/** How often whoever is furthest above it is one of the two. */
const OF_WORST = 0.3;
/** Looks per pair of carriers without a lower level before something is moved at random, and how often before the best is gone back to. */
const PATIENCE = 4;
const KICKS = 4;
/** Moves that one look at a pair of carriers takes as long as. */
export const MOVES_A_PAIR = 30;
/** Looks at pairs between two words on how far it is. */
const TOLD_EVERY = 64;
/** Is told how many moves were made. */
export type Spend = (moves: number) => void;

/**
 * Least infeasibility by dividing anew what two carriers have.
 *
 * @param tries pairs that are looked at
 * @param spend is told of them as moves
 */
export function splitToFit(best: Incumbent, random: Random, tries: number, spend: Spend): void {
  const { state, bound } = best;
  const split = new PairSplit(state, random, 'over');
  best.restart(() => Infinity)(state);
  const count = state.carrierCount;
  for (let k = 0; k < tries && count > 1 && best.score.infeasibility > bound.infeasibility + TINY; k += 1) {
    divideSome(state, split, random, 1);
    if (k % TOLD_EVERY === 0) spend(TOLD_EVERY * MOVES_A_PAIR);
    if (infeasibilityOf(state.over, state.apart) < best.score.infeasibility - HELD) best.take();
  }
}

/**
 * Lower the level by dividing anew what two carriers have: whoever is furthest above a target just below the best, with
 * some other one; and others among themselves, so that there is something else to divide.
 *
 * @param tries pairs that are looked at
 * @param spend is told of them as moves
 */
export function splitToLower(
  best: Incumbent,
  floor: Floor,
  random: Random,
  tries: number,
  spend: Spend,
): void {
  const { state, unit } = best;
  const split = new PairSplit(state, random, 'level');
  const chased = (): number => chasedBy(best);
  best.restart(chased)(state);
  const count = state.carrierCount;
  const patience = PATIENCE * count * count;
  let since = 0;
  for (let k = 0; k < tries && count > 1 && !isAtBound(best); k += 1) {
    const worst = state.worstCarrier();
    if (worst >= 0 && random() < OF_WORST) divideWithSome(split, worst, count, random);
    else divideSome(state, split, random, 1);
    since += 1;
    if (k % TOLD_EVERY === 0) spend(TOLD_EVERY * MOVES_A_PAIR);
    if (state.worstCarrier() < 0 && floor.isHeld(state) && state.level() < best.score.level - TINY * unit) {
      best.take();
      state.setTarget(chased());
      since = 0;
    } else if (since % patience === 0) {
      if (since % (KICKS * patience) === 0) best.restart(chased)(state);
      split.kick();
    }
  }
}

/** A target just below the best, of the way to the bound. */
export function chasedBy({ score, bound, unit }: Incumbent): number {
  return score.level - SPLIT_CHASE * max(score.level - bound.level, 1e-6 * unit);
}

/** Divides anew what some pairs of carriers have. */
export function divideSome(state: ShareState, split: PairSplit, random: Random, pairs: number): void {
  const count = state.carrierCount;
  for (let k = 0; k < pairs; k += 1) divideWithSome(split, pickIndex(random, count), count, random);
}

function divideWithSome(split: PairSplit, first: number, count: number, random: Random): void {
  const second = pickIndex(random, count - 1);
  split.divide(first, second < first ? second : second + 1);
}
