/** Part of the search that fills the packs of a few carriers anew, all of what they have together; see `PackSearch`. */
import { pickIndex, type Random } from '../units/random.js';
import { PackSearch } from './packSearch.js';
import { PackTable } from './packTable.js';
import { PairSplit } from './pairSplit.js';
import { isAtBound, TINY, type Floor, type Incumbent } from './searchTiers.js';
import type { ShareState } from './shareState.js';
import { chasedBy, divideSome, type Spend } from './splitTiers.js';

/** Sums that may be looked at while a few packs are filled, and how many of them take as long as a move. */
const LOOKS_A_GROUP = 10_000;
export const LOOKS_A_MOVE = 7;
/** Moves that to begin with a few packs takes as long as. */
const MOVES_A_GROUP = 100;
/** Carriers whose packs are filled anew together at most, what they have together at most, and how often one is drawn. */
const MOST_CARRIERS = 5;
const MOST_THINGS = 22;
const DRAWS = 8;
/** Pairs that are divided anew where nothing lower was found, so that there is something else to fill. */
const PAIRS_BETWEEN = 6;

/**
 * Lower the level by filling the packs of whoever is furthest above a target just below the best, and of a few others,
 * in a way that keeps all of them at or below it.
 *
 * @param moves how many moves it may take as long as
 * @param spend is told of them
 */
export function fillToLower(
  best: Incumbent,
  floor: Floor,
  random: Random,
  moves: number,
  spend: Spend,
): void {
  const { problem, state, unit } = best;
  if (state.carrierCount < 2 || isAtBound(best)) return;
  const table = new PackTable(problem);
  const split = new PairSplit(state, random, 'level');
  const holds = (): boolean => floor.isHeld(state);
  let target = chasedBy(best);
  best.restart(() => target)(state);
  for (let spent = 0; spent < moves && !isAtBound(best);) {
    const worst = state.worstCarrier();
    if (worst < 0 && holds() && state.level() < best.score.level - TINY * unit) {
      best.take();
      target = chasedBy(best);
      state.setTarget(target);
      continue;
    }
    const before = Int32Array.from(state.carrierOf);
    const carriers = groupAround(state, worst < 0 ? pickIndex(random, state.carrierCount) : worst, random);
    const search = new PackSearch(table, target, LOOKS_A_GROUP, { among: { carriers, carrierOf: before } });
    const found = search.run();
    if (found !== undefined) state.restore(found);
    // What containers hold is not looked at by the search: such a find may fit nowhere.
    if (found !== undefined && !holds()) state.restore(before);
    if (found === undefined) divideSome(state, split, random, PAIRS_BETWEEN);
    const took = MOVES_A_GROUP + Math.round(search.nodes / LOOKS_A_MOVE);
    spent += took;
    spend(took);
  }
}

/** A carrier and some others, as many as have few enough things together. */
function groupAround(state: ShareState, first: number, random: Random): readonly number[] {
  const group = [first];
  let things = state.held[first]!.length;
  for (let k = 0; k < DRAWS && group.length < MOST_CARRIERS; k += 1) {
    const m = pickIndex(random, state.carrierCount);
    if (group.includes(m) || things + state.held[m]!.length > MOST_THINGS) continue;
    things += state.held[m]!.length;
    group.push(m);
  }
  return group;
}
