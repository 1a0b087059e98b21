/**
 * The share solver: simulated annealing over shifts and swaps, in tiers.
 *
 * 1. least infeasibility (load above limits, volume above packs, keep-apart rules);
 * 2. lowest level: the largest ratio of members on days on which they carry something of the group's, chasing a
 *    target just below the incumbent; then, where the trip is small enough, a search that proves it the lowest;
 * 3. evenness, while the level stays within the give of the best found;
 * 4. tidiness: even numbers of pieces, bulk in the bigger packs, few changes, while evenness stays within its give.
 *
 * Tiers are solved one after another, each holding what the earlier reached. Budgets count iterations, not seconds,
 * so that a seed reproduces a share.
 */
import { seededRandom } from '../units/random.js';
import type { Assignment } from '../trip/model.js';
import { anneal, type Tier } from './anneal.js';
import { ownInfeasibility, shareBound, type ShareBound } from './bound.js';
import { proveLevel } from './proveLevel.js';
import type { ShareProblem } from './problem.js';
import { ShareState, type ShareScore } from './shareState.js';

/** How much of the level the evenness tier may give back when nothing else is asked for: 0.02 %. */
export const LEVEL_GIVE = 0.0002;
/** What a leader may ask for instead: 1 % of the level, for much fairer later days. */
export const LEVEL_GIVE_FOR_DAYS = 0.01;
/** How much evenness the tidiness tier may give back: a fiftieth of a standard deviation of 1 % in every cell. */
const EVENNESS_GIVE_PER_CELL = (0.01 / 50) ** 2;
/** Differences below this are rounding. */
const TINY = 1e-9;
const PROGRESS_EVERY = 16_384;

export interface ShareOptions {
  readonly seed: number;
  /** Search moves of the level tier; the others take parts of it. By the problem's size when left out. */
  readonly iterations?: number;
  /** Relative give of the level for evenness; 0 for strictly lexicographic. */
  readonly levelGive?: number;
  /** Whether tidiness may take a little evenness; false for strictly lexicographic. */
  readonly evennessGives?: boolean;
  /** Only look for a share within limits, packs and rules, as soon as there is one. */
  readonly tiers?: 'all' | 'fit';
  /** Choices that the proof may try; 0 for none. By the problem's size when left out. */
  readonly proofNodes?: number;
  readonly onProgress?: (progress: ShareProgress) => void;
}
export interface ShareProgress {
  /** From 0 to 1. */
  readonly done: number;
  readonly best: SolvedShare;
}
export interface SolvedShare {
  readonly kind: 'solved';
  readonly seed: number;
  readonly share: readonly Assignment[];
  readonly score: ShareScore;
  readonly bound: ShareBound;
  /** (level − bound) / bound, never negative. */
  readonly gap: number;
  /** The lowest level found, before evenness took its give. */
  readonly reachedLevel: number;
  /** No share has a lower level than `reachedLevel`: the bound meets it, or all others were ruled out. */
  readonly proven: boolean;
  readonly iterations: number;
}
export interface ContradictoryShare {
  readonly kind: 'contradiction';
  readonly seed: number;
  readonly reasons: readonly string[];
}
export type ShareResult = SolvedShare | ContradictoryShare;

/** Search moves that a problem's size asks for, and the most of them. */
const ITERATIONS_PER_CHOICE = 1_500;
const MOST_ITERATIONS = 1_600_000;
/** A proof is worth a long try where few bundles can move. */
const PROVABLE_BUNDLES = 24;
const PROOF_NODES = 4_000_000;
const FEW_PROOF_NODES = 50_000;

/** Search moves by the number of choices there are. */
export function usualIterations(problem: ShareProblem): number {
  const choices = problem.bundles.reduce((sum, b) => sum + b.allowed.length, 0);
  return Math.min(MOST_ITERATIONS, ITERATIONS_PER_CHOICE * choices);
}

function usualNodes(problem: ShareProblem): number {
  const movable = problem.bundles.filter((b) => b.allowed.length > 1).length;
  return movable <= PROVABLE_BUNDLES ? PROOF_NODES : FEW_PROOF_NODES;
}

/**
 * Divide all group pieces among the members.
 *
 * @param problem from `shareProblem`
 * @param options seed and budget
 * @returns a share with its score, bound and gap; or the contradicting rules, when no share can exist
 */
export function solveShare(problem: ShareProblem, options: ShareOptions): ShareResult {
  const {
    seed,
    iterations = usualIterations(problem),
    levelGive = LEVEL_GIVE,
    evennessGives = true,
    tiers = 'all',
    proofNodes = usualNodes(problem),
    onProgress,
  } = options;
  const reasons = [...problem.contradictions];
  if (problem.carriers.length === 0) reasons.push('the trip has no members to carry anything');
  if (reasons.length > 0) return { kind: 'contradiction', seed, reasons };
  const random = seededRandom(seed);
  const bound = shareBound(problem);
  const state = new ShareState(problem, greedyAssignment(problem));
  let assignment: Int32Array = Int32Array.from(state.carrierOf);
  let score = state.score();
  const start = currentAssignment(problem);
  if (start !== undefined) {
    state.restore(start);
    const now = state.score();
    if (isBetter(now, score)) {
      assignment = start;
      score = now;
    } else state.restore(assignment);
  }
  let spent = 0;
  let reachedLevel = score.level;
  let proven = false;
  const take = (): true => {
    assignment = Int32Array.from(state.carrierOf);
    score = state.score();
    return true;
  };
  const answer = (): SolvedShare => ({
    kind: 'solved',
    seed,
    share: asShare(problem, assignment),
    score,
    bound,
    gap: shareGap(score.level, bound.level),
    reachedLevel,
    proven,
    iterations: spent,
  });
  const planned = iterations * (PART.fit + PART.level + PART.even + PART.tidy);
  let told = 0;
  const spend = (moves: number): void => {
    spent += moves;
    if (onProgress !== undefined && spent - told >= PROGRESS_EVERY) {
      told = spent;
      onProgress({ done: Math.min(1, spent / planned), best: answer() });
    }
  };
  const movable = problem.bundles.flatMap((b, i) => (b.allowed.length > 1 ? [i] : []));
  const run = (tier: Tier): void => {
    if (movable.length > 0) anneal(state, movable, tier, random, spend);
  };
  // Energies are ratios; the temperatures below are for ratios about 1.
  const unit = Math.max(bound.level, TINY);
  const atTarget = (target: () => number) => (s: ShareState) => {
    s.setTarget(target());
    s.restore(assignment);
  };

  const least = bound.infeasibility;
  run({
    iterations: iterations * PART.fit,
    hot: 2,
    cold: 0.01,
    cycles: 2,
    energy: (s) => s.over + APART_ENERGY * s.apart,
    energyAfter: (s) => s.over + s.effect.over + APART_ENERGY * (s.apart + s.effect.apart),
    keep: (s) => {
      const better =
        s.over + APART_ENERGY * s.apart < overOf(score) + APART_ENERGY * score.apartBroken - TINY;
      return better && take();
    },
    enough: () => score.infeasibility <= least + TINY,
    restart: atTarget(() => Infinity),
  });

  if (tiers === 'fit') return answer();

  const floor = overOf(score);
  const floorApart = score.apartBroken;
  const beyond = (over: number, apart: number): number =>
    Math.max(0, over - floor - TINY) + Math.max(0, apart - floorApart);
  const held = (s: ShareState): boolean => s.over <= floor + HELD && s.apart <= floorApart;
  const chased = (): number => score.level - CHASE * Math.max(score.level - bound.level, 1e-6 * unit);
  run({
    iterations: iterations * PART.level,
    hot: 0.03 * unit,
    cold: 1e-4 * unit,
    cycles: 4,
    energy: (s) => s.excess + HOLD * unit * beyond(s.over, s.apart),
    energyAfter: (s) =>
      s.excess + s.effect.excess + HOLD * unit * beyond(s.over + s.effect.over, s.apart + s.effect.apart),
    keep: (s) => {
      // A sum of excesses within the step down from the incumbent is an improvement without looking at every cell.
      if (s.excess > score.level - chased() || !held(s) || s.level() >= score.level - TINY * unit)
        return false;
      take();
      s.setTarget(chased());
      return true;
    },
    enough: () => score.level <= bound.level * (1 + TINY),
    restart: atTarget(chased),
  });
  proven = score.level <= bound.level * (1 + TINY);
  if (!proven && floorApart === 0 && floor <= ownInfeasibility(problem) + TINY) {
    const proof = proveLevel(problem, assignment, score.level, proofNodes);
    proven = proof.proven;
    state.restore(proof.assignment);
    take();
  }
  reachedLevel = score.level;

  const levelCap = reachedLevel * (1 + levelGive) + TINY * unit;
  const even: Pick<Tier, 'energy' | 'energyAfter' | 'keep' | 'enough' | 'restart'> = {
    energy: (s) => s.evenness + HOLD * unit * (s.excess + unit * beyond(s.over, s.apart)),
    energyAfter: (s) =>
      s.evenness +
      s.effect.evenness +
      HOLD *
        unit *
        (s.excess + s.effect.excess + unit * beyond(s.over + s.effect.over, s.apart + s.effect.apart)),
    keep: (s) =>
      held(s) && s.excess <= TINY * unit && s.evenness < score.evenness - TINY * unit * unit && take(),
    enough: () => score.evenness <= TINY * unit * unit,
    restart: atTarget(() => levelCap),
  };
  const half = (iterations * PART.even) / 2;
  run({ ...even, iterations: half, hot: 0.01 * unit * unit, cold: 1e-6 * unit * unit, cycles: 2 });
  // The second walk starts cooler, from the best of the first.
  run({ ...even, iterations: half, hot: 0.001 * unit * unit, cold: 1e-6 * unit * unit, cycles: 1 });

  const cells = problem.carriers.length * problem.dayCount;
  const evennessCap = score.evenness + (evennessGives ? cells * EVENNESS_GIVE_PER_CELL : TINY) * unit * unit;
  const outside = (excess: number, over: number, apart: number, evenness: number): number =>
    excess / unit + beyond(over, apart) + Math.max(0, evenness - evennessCap) / (unit * unit);
  run({
    iterations: iterations * PART.tidy,
    hot: 0.5,
    cold: 0.02,
    cycles: 2,
    energy: (s) => s.untidiness + TIDY_HOLD * outside(s.excess, s.over, s.apart, s.evenness),
    energyAfter: (s, b, to, back) => {
      s.weighUntidiness(b, to, back);
      const e = s.effect;
      return (
        s.untidiness +
        e.untidiness +
        TIDY_HOLD * outside(s.excess + e.excess, s.over + e.over, s.apart + e.apart, s.evenness + e.evenness)
      );
    },
    keep: (s) =>
      held(s) &&
      s.excess <= TINY * unit &&
      s.evenness <= evennessCap + TINY * unit * unit &&
      s.untidiness < score.untidiness - TINY &&
      take(),
    enough: () => false,
    restart: atTarget(() => levelCap),
  });
  return answer();
}

/** Parts of the iterations that each tier may take. */
const PART = { fit: 0.3, level: 1, even: 0.4, tidy: 0.1 };
/** How far below the incumbent the target lies, of the way to the bound: halfway is mostly out of reach. */
const CHASE = 0.1;
/** How much one broken keep-apart rule counts while room is sought, kg: more than any piece. */
const APART_ENERGY = 50;
/** How strongly a tier holds what earlier tiers reached, against its own energy. */
const HOLD = 50;
const TIDY_HOLD = 2000;
/** Sums that are kept move by move drift by less than this, kg and litres. */
const HELD = 1e-7;

function overOf(score: ShareScore): number {
  return score.overloadKg + score.overVolumeL;
}

function isBetter(a: ShareScore, b: ShareScore): boolean {
  if (Math.abs(a.infeasibility - b.infeasibility) > TINY) return a.infeasibility < b.infeasibility;
  return a.level < b.level;
}

/** The share that is being replaced, where every piece of it has a carrier who may carry it. */
function currentAssignment(problem: ShareProblem): Int32Array | undefined {
  const carriers = problem.bundles.map((b) => {
    const [first, ...others] = b.carriedBy;
    const whole = b.carriedBy.length === b.pieceIds.length && others.every((m) => m === first);
    return whole && first !== undefined && b.allowed.includes(first) ? first : undefined;
  });
  return carriers.includes(undefined) ? undefined : Int32Array.from(carriers as number[]);
}

function asShare(problem: ShareProblem, assignment: Int32Array): readonly Assignment[] {
  return problem.bundles.flatMap((bundle, b) =>
    bundle.pieceIds.map((pieceId) => ({
      pieceId,
      memberId: problem.carriers[assignment[b]!]!.memberId,
      locked: bundle.lockedPieceIds.includes(pieceId),
    })),
  );
}

/** How far a level is above the bound, relative to it; a zero bound has no gap. */
export function shareGap(level: number, boundLevel: number): number {
  return boundLevel === 0 ? 0 : Math.max(0, level / boundLevel - 1);
}

/**
 * Heaviest bundle first, each to the allowed carrier whose worst ratio stays lowest; the starting point of every
 * search, and the plain way that benchmarks compare with.
 */
export function greedyAssignment(problem: ShareProblem): Int32Array {
  const assignment = new Int32Array(problem.bundles.length);
  const load = problem.carriers.map((c) => [...c.baseKg]);
  const heaviest = (b: number): number => Math.max(...problem.bundles[b]!.massKg);
  const order = problem.bundles.map((_b, i) => i).sort((a, b) => heaviest(b) - heaviest(a) || a - b);
  for (const b of order) {
    const bundle = problem.bundles[b]!;
    let chosen = bundle.allowed[0]!;
    let leastRatio = Infinity;
    for (const m of bundle.allowed) {
      const worst = Math.max(
        ...load[m]!.map((kg, d) => (kg + bundle.massKg[d]!) / problem.carriers[m]!.yardKg[d]!),
      );
      if (worst < leastRatio) {
        leastRatio = worst;
        chosen = m;
      }
    }
    assignment[b] = chosen;
    bundle.massKg.forEach((kg, d) => (load[chosen]![d]! += kg));
  }
  return assignment;
}
