/** The tiers of a search for a share, one after another, each holding what the earlier ones reached. */
import type { Tier } from './anneal.js';
import type { ShareBound } from './bound.js';
import type { ShareProblem } from './problem.js';
import type { ShareScore } from './shareScore.js';
import type { ShareState } from './shareState.js';

/** Taken once: a lookup on a global is not free everywhere. */
const { abs, max } = Math;

/** Differences below this are rounding. */
export const TINY = 1e-9;
/** Parts of the iterations that each tier may take. */
export const PART = { fit: 0.3, level: 0.05, pairs: 1, fill: 0.5, crowd: 0.1, even: 0.4, tidy: 0.1 };
/** How far below the incumbent the target lies, of the way to the bound: halfway is mostly out of reach. */
const CHASE = 0.1;
/** How much one broken keep-apart rule counts while room is sought, kg: more than any piece. */
const APART_ENERGY = 50;
/** How strongly a tier holds what earlier tiers reached, against its own energy. */
const HOLD = 50;
/** The same for load and volume at the start of a cycle that looks for a lower level: through what does not fit. */
const SOFT_HOLD = 0.05;
/** Until this part of a cycle the hold stays soft; from then on it rises to the full one. */
const SOFT_UNTIL = 0.9;
const TIDY_HOLD = 2000;
/** Sums that are kept move by move drift by less than this, kg and litres. */
export const HELD = 1e-7;
/** How much evenness the tidiness tier may give back: a fiftieth of a standard deviation of 1 % in every cell. */
const EVENNESS_GIVE_PER_CELL = (0.01 / 50) ** 2;

/** A search under way: where it walks, and the best share so far. */
export class Incumbent {
  assignment: Int32Array;
  score: ShareScore;
  /** Energies are ratios; the temperatures of the tiers are for ratios about 1. */
  readonly unit: number;

  constructor(
    readonly problem: ShareProblem,
    readonly state: ShareState,
    public bound: ShareBound,
  ) {
    this.unit = max(bound.level, TINY);
    this.assignment = Int32Array.from(state.carrierOf);
    this.score = state.score();
  }

  /** Where the walk stands is the best so far. */
  take(): true {
    this.assignment = Int32Array.from(this.state.carrierOf);
    this.score = this.state.score();
    return true;
  }

  /** Walk on from an assignment if it is better than the best so far. */
  takeIfBetter(other: Int32Array): void {
    this.state.restore(other);
    const now = this.state.score();
    if (isBetter(now, this.score)) {
      this.assignment = other;
      this.score = now;
    } else this.state.restore(this.assignment);
  }

  /** Walk on from the best so far, with ratios above a target as excess. */
  restart(target: () => number): (state: ShareState) => void {
    return (state) => {
      state.setTarget(target());
      state.restore(this.assignment);
    };
  }
}

/** What the first tier reached, for the others to hold: load and volume over, and broken keep-apart rules. */
export class Floor {
  readonly over: number;
  readonly apart: number;
  /** Pieces too many: not looked at before their tier. */
  private crowding = Infinity;

  constructor(score: ShareScore) {
    this.over = score.over;
    this.apart = score.apartBroken;
  }

  /** From now on, no more pieces too many than this either. */
  holdCrowding(score: ShareScore): void {
    this.crowding = score.crowding;
  }

  private beyond(over: number, apart: number, crowding: number): number {
    return max(0, over - this.over - TINY) + max(0, apart - this.apart) + max(0, crowding - this.crowding);
  }

  /** How far the state is beyond it, and how far it would be after a move that has just been weighed. */
  beyondIn(s: ShareState): number {
    return this.beyond(s.over, s.apart, s.crowding);
  }
  beyondAfter(s: ShareState): number {
    const { over, apart, crowding } = s.effect;
    return this.beyond(s.over + over, s.apart + apart, s.crowding + crowding);
  }

  isHeld(s: ShareState): boolean {
    return s.over <= this.over + HELD && s.apart <= this.apart && s.crowding <= this.crowding;
  }
}

/** Least infeasibility. */
export function fitTier(best: Incumbent, iterations: number): Tier {
  const energyOf = (over: number, apart: number): number => over + APART_ENERGY * apart;
  return {
    iterations: iterations * PART.fit,
    hot: 2,
    cold: 0.01,
    cycles: 2,
    energy: (s) => s.over + APART_ENERGY * s.apart,
    energyAfter: (s) => s.over + s.effect.over + APART_ENERGY * (s.apart + s.effect.apart),
    keep: (s) =>
      energyOf(s.over, s.apart) < energyOf(best.score.over, best.score.apartBroken) - TINY && best.take(),
    enough: () => best.score.infeasibility <= best.bound.infeasibility + TINY,
    restart: best.restart(() => Infinity),
  };
}

/** Lowest level: a target just below the incumbent is chased. */
export function levelTier(best: Incumbent, floor: Floor, iterations: number): Tier {
  const { unit } = best;
  const chased = (): number =>
    best.score.level - CHASE * max(best.score.level - best.bound.level, 1e-6 * unit);
  let hold = HOLD;
  return {
    iterations: iterations * PART.level,
    hot: 0.03 * unit,
    cold: 1e-4 * unit,
    cycles: 4,
    energy: (s) => s.excess + hold * unit * floor.beyondIn(s),
    energyAfter: (s) => s.excess + s.effect.excess + hold * unit * floor.beyondAfter(s),
    cool: (part) => {
      hold = SOFT_HOLD * (HOLD / SOFT_HOLD) ** (max(0, part - SOFT_UNTIL) / (1 - SOFT_UNTIL));
    },
    keep: (s) => {
      const { level } = best.score;
      // A sum of excesses within the step down from the incumbent is an improvement without looking at every cell.
      if (s.excess > level - chased() || !floor.isHeld(s) || s.level() >= level - TINY * unit) return false;
      best.take();
      s.setTarget(chased());
      return true;
    },
    enough: () => isAtBound(best),
    restart: best.restart(chased),
  };
}

export function isAtBound({ score, bound }: Incumbent): boolean {
  return score.level <= bound.level * (1 + TINY);
}

/** Fewest pieces above a fair number, while the level stays within a cap. */
export function crowdTier(best: Incumbent, floor: Floor, levelCap: number, iterations: number): Tier {
  const { unit } = best;
  return {
    iterations: iterations * PART.crowd,
    hot: 0.5,
    cold: 0.02,
    cycles: 2,
    energy: (s) => s.crowding + TIDY_HOLD * (s.excess / unit + floor.beyondIn(s)),
    energyAfter: (s) =>
      s.crowding +
      s.effect.crowding +
      TIDY_HOLD * ((s.excess + s.effect.excess) / unit + floor.beyondAfter(s)),
    keep: (s) =>
      floor.isHeld(s) && s.excess <= TINY * unit && s.crowding < best.score.crowding && best.take(),
    enough: () => best.score.crowding === 0,
    restart: best.restart(() => levelCap),
  };
}

/** Evenness, while the level stays within a cap. Two walks: the second starts cooler, from the best of the first. */
export function evenTiers(
  best: Incumbent,
  floor: Floor,
  levelCap: number,
  iterations: number,
): readonly Tier[] {
  const { unit } = best;
  const held = (s: ShareState): boolean => floor.isHeld(s) && s.excess <= TINY * unit;
  const even: Omit<Tier, 'hot' | 'cycles'> = {
    iterations: (iterations * PART.even) / 2,
    cold: 1e-6 * unit * unit,
    energy: (s) => s.evenness + HOLD * unit * (s.excess + unit * floor.beyondIn(s)),
    energyAfter: (s) =>
      s.evenness +
      s.effect.evenness +
      HOLD * unit * (s.excess + s.effect.excess + unit * floor.beyondAfter(s)),
    keep: (s) => held(s) && s.evenness < best.score.evenness - TINY * unit * unit && best.take(),
    enough: () => best.score.evenness <= TINY * unit * unit,
    restart: best.restart(() => levelCap),
  };
  return [
    { ...even, hot: 0.01 * unit * unit, cycles: 2 },
    { ...even, hot: 0.001 * unit * unit, cycles: 1 },
  ];
}

/** How uneven a share may be for tidiness, once evenness is reached. */
export function evennessCap({ score, unit, problem }: Incumbent, gives: boolean): number {
  const cells = problem.carriers.length * problem.dayCount;
  return score.evenness + (gives ? cells * EVENNESS_GIVE_PER_CELL : TINY) * unit * unit;
}

/** Tidiness, while evenness stays within its give. */
export function tidyTier(
  best: Incumbent,
  floor: Floor,
  levelCap: number,
  evennessGives: boolean,
  iterations: number,
): Tier {
  const { unit } = best;
  const mostUneven = evennessCap(best, evennessGives);
  const outside = (excess: number, beyond: number, evenness: number): number =>
    excess / unit + beyond + max(0, evenness - mostUneven) / (unit * unit);
  return {
    iterations: iterations * PART.tidy,
    hot: 0.5,
    cold: 0.02,
    cycles: 2,
    energy: (s) => s.untidiness + TIDY_HOLD * outside(s.excess, floor.beyondIn(s), s.evenness),
    energyAfter: (s, b, to, back) => {
      s.weighUntidiness(b, to, back);
      const e = s.effect;
      return (
        s.untidiness +
        e.untidiness +
        TIDY_HOLD * outside(s.excess + e.excess, floor.beyondAfter(s), s.evenness + e.evenness)
      );
    },
    keep: (s) =>
      floor.isHeld(s) &&
      s.excess <= TINY * unit &&
      s.evenness <= mostUneven + TINY * unit * unit &&
      s.untidiness < best.score.untidiness - TINY &&
      best.take(),
    enough: () => false,
    restart: best.restart(() => levelCap),
  };
}

function isBetter(a: ShareScore, b: ShareScore): boolean {
  if (abs(a.infeasibility - b.infeasibility) > TINY) return a.infeasibility < b.infeasibility;
  return a.level < b.level;
}
