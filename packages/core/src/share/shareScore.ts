/** What a share is worth: the parts of the objective, summed over all members and days. */
import type { ShareProblem } from './problem.js';

/** How much one broken keep-apart rule counts in the infeasibility, in kg or litres: more than any real excess. */
const APART_WEIGHT = 1000;
export interface ShareScore {
  /** `over` + broken keep-apart rules. */
  readonly infeasibility: number;
  /** Σ load above limits (kg, over members and days, by what it counts) + Σ volume above packs (L). */
  readonly over: number;
  readonly overloadKg: number;
  readonly overVolumeL: number;
  readonly apartBroken: number;
  /** The largest ratio of members on days on which they carry something of the group's. */
  readonly level: number;
  readonly largestRatio: number;
  /** Pieces above a fair number, summed over carriers. */
  readonly crowding: number;
  /** Σ over days of squared deviations from that day's mean ratio. */
  readonly evenness: number;
  /** Uneven numbers of pieces, full packs and changed carriers, weighed into one number; less is tidier. */
  readonly untidiness: number;
}

/** What a move would change; `untidiness` is worked out only where `weighUntidiness` is asked. */
export interface MoveEffect {
  over: number;
  apart: number;
  excess: number;
  crowding: number;
  evenness: number;
  untidiness: number;
}

/** The loads of a share, by member and day. */
export interface Loads {
  readonly problem: ShareProblem;
  loadKg(m: number, d: number): number;
  /** Volume of group pieces in a pack above what it has free, litres; negative where there is room. */
  overVolumeL(m: number, d: number): number;
  level(): number;
  apartBroken(): number;
  crowdingNow(): number;
  untidinessNow(): number;
}

/** What is above limits and packs and broken of rules, in one number. */
export function infeasibilityOf(over: number, apartBroken: number): number {
  return over + APART_WEIGHT * apartBroken;
}

/** All parts of the objective, summed anew. */
export function scoreOf(loads: Loads): ShareScore {
  const { carriers, dayCount } = loads.problem;
  let overloadKg = 0;
  let overVolumeL = 0;
  let strain = 0;
  let largestRatio = 0;
  let evenness = 0;
  for (let d = 0; d < dayCount; d += 1) {
    let sum = 0;
    let squares = 0;
    let present = 0;
    for (const [m, carrier] of carriers.entries()) {
      if (carrier.limitKg[d] !== Infinity) present += 1;
      const kg = loads.loadKg(m, d);
      // As the running state reckons it, so that both come to the same.
      const r = kg * (1 / carrier.yardKg[d]!);
      sum += r;
      squares += r * r;
      largestRatio = Math.max(largestRatio, r);
      const aboveKg = above(kg - carrier.limitKg[d]!);
      overloadKg += aboveKg;
      strain += carrier.overWeight * aboveKg;
      // Personal things that alone overfill a pack are nobody's choice: the excess still counts, as a constant.
      overVolumeL += above(loads.overVolumeL(m, d));
    }
    evenness += Math.max(0, squares - sum * sum * (present === 0 ? 0 : 1 / present));
  }
  const apartBroken = loads.apartBroken();
  return {
    infeasibility: infeasibilityOf(strain + overVolumeL, apartBroken),
    over: strain + overVolumeL,
    overloadKg,
    overVolumeL,
    apartBroken,
    level: loads.level(),
    largestRatio,
    crowding: loads.crowdingNow(),
    evenness,
    untidiness: loads.untidinessNow(),
  };
}

export function above(x: number): number {
  return x > 0 ? x : 0;
}
