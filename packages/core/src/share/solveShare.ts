/**
 * The share solver: simulated annealing over shifts and swaps, and whole packs divided anew two at a time, in tiers. Of
 * few shares each is looked at instead.
 *
 * 1. least infeasibility (load above limits, volume above packs, keep-apart rules);
 * 2. lowest level: the largest ratio of members on days on which they carry something of the group's, chasing a
 *    target just below the incumbent; then, where the trip is small enough, a search that proves it the lowest;
 * 3. fewest pieces above a fair number for one carrier, while the level stays within the give of the best found;
 * 4. evenness, the same;
 * 5. tidiness: even numbers of pieces, bulk in the bigger packs, few changes, while evenness stays within its give.
 *
 * Tiers are solved one after another, each holding what the earlier reached. Budgets count iterations, not seconds,
 * so that a seed reproduces a share.
 */
import { seededRandom, type Random } from '../units/random.js';
import type { Assignment } from '../trip/model.js';
import { anneal, type Tier } from './anneal.js';
import { ownInfeasibility, shareBound, type ShareBound } from './bound.js';
import { enumerateShares, isEnumerable } from './enumerateShares.js';
import { fillToLower, LOOKS_A_MOVE } from './fillTiers.js';
import { proveLevel } from './proveLevel.js';
import type { ShareProblem } from './problem.js';
import { withRelaxed } from './fullBound.js';
import {
  crowdTier,
  evenTiers,
  fitTier,
  Floor,
  Incumbent,
  isAtBound,
  levelTier,
  PART,
  tidyTier,
  TINY,
} from './searchTiers.js';
import type { ShareScore } from './shareScore.js';
import { ShareState } from './shareState.js';
import { MOVES_A_PAIR, splitToFit, splitToLower } from './splitTiers.js';
import { currentAssignment, greedyAssignment } from './startingShares.js';

/** How much of the level the evenness tier may give back when nothing else is asked for: 0.02 %. */
export const LEVEL_GIVE = 0.0002;
/** What a leader may ask for instead: 1 % of the level, for much fairer later days. */
export const LEVEL_GIVE_FOR_DAYS = 0.01;
const PROGRESS_EVERY = 16_384;
/** Of the looks at pairs, so many are made before the bound is raised. */
const FIRST_PAIRS = 0.15;

export interface ShareOptions {
  readonly seed: number;
  /** Search moves of the level tier; the others take parts of it. By the problem's size when left out. */
  readonly iterations?: number;
  /** Relative give of the level for evenness; 0 for strictly lexicographic. */
  readonly levelGive?: number;
  /** Another give, for a second share from the same lowest level: the other end of the choice between peak and days. */
  readonly otherGive?: number;
  /** Whether tidiness may take a little evenness; false for strictly lexicographic. */
  readonly evennessGives?: boolean;
  /**
   * How far to look: for a share within limits, packs and rules, as soon as there is one; for that, or where there is none
   * for the lowest level; for the lowest level, however uneven; for all.
   */
  readonly tiers?: 'fit' | 'fitElseLevel' | 'level' | 'all';
  /** Sums that the proof may look at; 0 for none. By the problem's size when left out. */
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
  /** The share with the other give, where one was asked for. */
  readonly other?: SolvedShare;
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
/** A proof is tried where few bundles can move, and may look at so many sums. */
const PROVABLE_BUNDLES = 40;
const PROOF_NODES = 8_000_000;

/** Search moves by the number of choices there are. */
export function usualIterations(problem: ShareProblem): number {
  const choices = problem.bundles.reduce((sum, b) => sum + b.allowed.length, 0);
  return Math.min(MOST_ITERATIONS, ITERATIONS_PER_CHOICE * choices);
}

function usualNodes(problem: ShareProblem): number {
  const movable = problem.bundles.filter((b) => b.allowed.length > 1).length;
  return movable <= PROVABLE_BUNDLES ? PROOF_NODES : 0;
}

/**
 * Divide all group pieces among the members.
 *
 * @param problem from `shareProblem`
 * @param options seed and budget
 * @returns a share with its score, bound and gap; or the contradicting rules, when no share can exist
 */
export function solveShare(problem: ShareProblem, options: ShareOptions): ShareResult {
  const { seed, iterations = usualIterations(problem), levelGive = LEVEL_GIVE, tiers = 'all' } = options;
  const { proofNodes = usualNodes(problem) } = options;
  const reasons = [...problem.contradictions];
  if (problem.carriers.length === 0) reasons.push('the trip has no members to carry anything');
  if (reasons.length > 0) return { kind: 'contradiction', seed, reasons };
  const state = new ShareState(problem, greedyAssignment(problem));
  const best = new Incumbent(problem, state, shareBound(problem));
  const start = currentAssignment(problem);
  if (start !== undefined) best.takeIfBetter(start);
  const told: Told = { ...NOTHING_TOLD, reachedLevel: best.score.level };
  const random = seededRandom(seed);
  const movable = problem.bundles.flatMap((b, i) => (b.allowed.length > 1 ? [i] : []));
  /** The share that was asked for, once it is there and only the other end is looked for. */
  let first: SolvedShare | undefined;
  const spend = (moves: number): void => {
    told.spent += moves;
    if (options.onProgress === undefined || told.spent - told.at < PROGRESS_EVERY) return;
    told.at = told.spent;
    told.done = Math.max(told.done, Math.min(1, told.spent / plannedMoves(iterations, told, proofNodes)));
    options.onProgress({ done: told.done, best: first ?? answer(best, seed, told) });
  };
  const run = (tier: Tier): void => {
    if (movable.length > 0) anneal(state, movable, tier, random, spend);
  };

  const evennessGives = options.evennessGives ?? true;
  /** What `finish` comes to with the give, and with the other one where it is asked for. */
  const bothEnds = (finish: (give: number) => void): SolvedShare => {
    const { assignment, score } = best;
    const end = (give: number): SolvedShare => {
      best.assignment = assignment;
      best.score = score;
      finish(give);
      return answer(best, seed, told);
    };
    first = end(levelGive);
    return options.otherGive === undefined ? first : { ...first, other: end(options.otherGive) };
  };
  if (isEnumerable(problem))
    return bothEnds((give) => {
      const looked = enumerateShares(best, give, evennessGives, tiers === 'fit');
      told.spent += looked.moves;
      told.reachedLevel = looked.reachedLevel;
      told.proven = best.score.infeasibility <= ownInfeasibility(problem) + TINY;
    });
  run(fitTier(best, iterations));
  splitToFit(best, random, Math.round((iterations * PART.fit) / MOVES_A_PAIR), spend);
  const isFitEnough = tiers === 'fit' || (tiers === 'fitElseLevel' && best.score.infeasibility === 0);
  if (isFitEnough) return answer(best, seed, told);
  lowerLevel(best, told, proofNodes, iterations, random, run, spend);
  if (tiers !== 'all') return answer(best, seed, told);
  return bothEnds((give) => {
    const levelCap = told.reachedLevel * (1 + give) + TINY * best.unit;
    const low = new Floor(best.score);
    run(crowdTier(best, low, levelCap, iterations));
    low.holdCrowding(best.score);
    for (const tier of evenTiers(best, low, levelCap, iterations)) run(tier);
    run(tidyTier(best, low, levelCap, evennessGives, iterations));
  });
}

/** The second tier: as low a level as can be found, and whether it is the lowest. */
function lowerLevel(
  best: Incumbent,
  told: Told,
  proofNodes: number,
  iterations: number,
  random: Random,
  run: (tier: Tier) => void,
  spend: (moves: number) => void,
): void {
  const { problem } = best;
  const floor = new Floor(best.score);
  run(levelTier(best, floor, iterations));
  const pairs = Math.round((iterations * PART.pairs) / MOVES_A_PAIR);
  splitToLower(best, floor, random, Math.round(pairs * FIRST_PAIRS), spend);
  // Where the plain bound is met, packs and rules are in nobody's way.
  if (!isAtBound(best) && best.score.infeasibility <= ownInfeasibility(problem) + TINY)
    best.bound = withRelaxed(problem, best.bound);
  splitToLower(best, floor, random, Math.round(pairs * (1 - FIRST_PAIRS)), spend);
  fillToLower(best, floor, random, iterations * PART.fill, spend);
  told.isProving = !isAtBound(best);
  told.proven = !told.isProving || isRuledOut(best, floor, proofNodes, spend);
  told.reachedLevel = best.score.level;
}

/** Moves that all tiers may take. Most shares need no proof beyond the bound: it counts once it has begun. */
function plannedMoves(iterations: number, { isProving }: Told, proofNodes: number): number {
  const { fit, level, pairs, fill, crowd, even, tidy } = PART;
  const proof = isProving ? proofNodes / LOOKS_A_MOVE : 0;
  return iterations * (2 * fit + level + pairs + fill + crowd + even + tidy) + proof;
}

/** What has been found out on the way. */
interface Told {
  spent: number;
  /** Moves at which progress was told last. */
  at: number;
  /** The part that was told last: it never goes back. */
  done: number;
  /** A lower level is being ruled out. */
  isProving: boolean;
  reachedLevel: number;
  proven: boolean;
}

const NOTHING_TOLD = { spent: 0, at: 0, done: 0, isProving: false, proven: false };

/** Where the trip is small enough, a search that rules out every lower level; it may find one and take it. */
function isRuledOut(best: Incumbent, floor: Floor, nodes: number, spend: (moves: number) => void): boolean {
  const { problem, state } = best;
  if (nodes === 0 || floor.apart > 0 || floor.over > ownInfeasibility(problem) + TINY) return false;
  const proof = proveLevel(problem, best.assignment, best.score.level, best.bound.level, nodes, (looks) =>
    spend(Math.round(looks / LOOKS_A_MOVE)),
  );
  state.restore(proof.assignment);
  best.take();
  return proof.proven;
}

function answer({ problem, assignment, score, bound }: Incumbent, seed: number, told: Told): SolvedShare {
  return {
    kind: 'solved',
    seed,
    share: asShare(problem, assignment),
    score,
    bound,
    gap: shareGap(score.level, bound.level),
    reachedLevel: told.reachedLevel,
    proven: told.proven,
    iterations: told.spent,
  };
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
