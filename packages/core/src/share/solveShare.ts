/**
 * The share solver: simulated annealing over shifts and swaps, in tiers.
 *
 * 1. least infeasibility (load above limits, volume above packs, keep-apart rules);
 * 2. smallest largest ratio over members and days, chasing a target just below the incumbent;
 * 3. evenness, while the largest ratio stays within `EVENNESS_GIVE` of the best found.
 *
 * Tiers are solved one after another, each holding what the earlier reached. Budgets count iterations, not seconds,
 * so that a seed reproduces a share. Kirkpatrick, Gelatt & Vecchi 1983 for annealing (from memory).
 */
import { pickIndex, seededRandom, type Random } from '../random.js';
import type { Assignment } from '../trip/model.js';
import { shareBound, type ShareBound } from './bound.js';
import type { ShareProblem } from './problem.js';
import { ShareState, type ShareScore } from './shareState.js';

/** How much of the largest ratio the evenness tier may give back: 0.1 %, for much fairer later days. */
export const EVENNESS_GIVE = 0.001;
/** Differences below this are rounding. */
const TINY = 1e-9;
const PROGRESS_EVERY = 8_192;

export interface ShareOptions {
  readonly seed: number;
  /** Search moves per tier. */
  readonly iterations?: number;
  /** Relative give of the largest ratio for evenness; 0 for strictly lexicographic. */
  readonly evennessGive?: number;
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
  /** (largest ratio − bound) / bound, never negative. */
  readonly gap: number;
  readonly iterations: number;
}
export interface ContradictoryShare {
  readonly kind: 'contradiction';
  readonly seed: number;
  readonly reasons: readonly string[];
}
export type ShareResult = SolvedShare | ContradictoryShare;

export const DEFAULT_SHARE_ITERATIONS = 150_000;

interface Tier {
  readonly iterations: number;
  readonly hot: number;
  readonly cold: number;
  readonly cycles: number;
  /** What the walk minimises. */
  readonly energy: (state: ShareState) => number;
  /** Whether a visited state replaces the incumbent. */
  readonly better: (score: ShareScore, best: ShareScore) => boolean;
  readonly enough: (best: ShareScore) => boolean;
}

/**
 * Divide all group pieces among the members.
 *
 * @param problem from `shareProblem`
 * @param options seed and budget
 * @returns a share with its score, bound and gap; or the contradicting rules, when no share can exist
 */
export function solveShare(problem: ShareProblem, options: ShareOptions): ShareResult {
  const { seed, iterations = DEFAULT_SHARE_ITERATIONS, evennessGive = EVENNESS_GIVE, onProgress } = options;
  const reasons = [...problem.contradictions];
  if (problem.carriers.length === 0) reasons.push('the trip has no members to carry anything');
  if (reasons.length > 0) return { kind: 'contradiction', seed, reasons };
  const random = seededRandom(seed);
  const bound = shareBound(problem);
  const state = new ShareState(problem, greedyAssignment(problem));
  let best = { assignment: Int32Array.from(state.carrierOf), score: state.score() as ShareScore };
  let spent = 0;
  const answer = (): SolvedShare => solved(problem, best.assignment, best.score, bound, seed, spent);
  const movable = problem.bundles.flatMap((b, i) => (b.allowed.length > 1 ? [i] : []));

  const run = (tier: Tier): void => {
    restore(state, best.assignment);
    let energy = tier.energy(state);
    for (let i = 0; i < tier.iterations && !tier.enough(best.score); i += 1) {
      spent += 1;
      if (onProgress !== undefined && spent % PROGRESS_EVERY === 0) {
        onProgress({ done: Math.min(1, spent / (3 * iterations)), best: answer() });
      }
      const phase = ((i * tier.cycles) % tier.iterations) / tier.iterations;
      const temperature = tier.hot * (tier.cold / tier.hot) ** phase;
      const undo = randomMove(state, movable, random);
      if (undo === undefined) continue;
      const next = tier.energy(state);
      if (next > energy && random() >= Math.exp((energy - next) / temperature)) {
        undo();
        continue;
      }
      energy = next;
      const score = state.score();
      if (tier.better(score, best.score)) {
        best = { assignment: Int32Array.from(state.carrierOf), score };
        energy = tier.energy(state);
      }
    }
  };

  if (movable.length > 0) {
    const half = Math.ceil(iterations / 2);
    run({
      iterations,
      hot: 2,
      cold: 0.01,
      cycles: 2,
      energy: (s) => s.score().infeasibility,
      better: (score, b) => score.infeasibility < b.infeasibility - TINY,
      enough: (b) => b.infeasibility <= TINY,
    });
    const floor = best.score.infeasibility;
    const held = (score: ShareScore): boolean => score.infeasibility <= floor + TINY;
    run({
      iterations,
      hot: 0.03,
      cold: 1e-4,
      cycles: 4,
      // A target halfway between incumbent and bound is mostly out of reach; just below the incumbent works best.
      energy: (s) => {
        const largest = best.score.largestRatio;
        const score = s.score(largest - 0.1 * Math.max(largest - bound.ratio, 1e-6));
        return score.excess + HOLD * Math.max(0, score.infeasibility - floor);
      },
      better: (score, b) => held(score) && score.largestRatio < b.largestRatio - TINY,
      enough: (b) => b.largestRatio <= bound.ratio + TINY,
    });
    const cap = best.score.largestRatio * (1 + evennessGive) + TINY;
    const even: Omit<Tier, 'iterations' | 'hot' | 'cycles'> = {
      cold: 1e-6,
      energy: (s) => {
        const score = s.score(cap);
        return score.evenness + HOLD * (score.excess + Math.max(0, score.infeasibility - floor));
      },
      better: (score, b) => held(score) && score.largestRatio <= cap && score.evenness < b.evenness - TINY,
      enough: () => false,
    };
    run({ ...even, iterations: half, hot: 0.01, cycles: 2 });
    // The second walk starts cooler, from the best of the first.
    run({ ...even, iterations: half, hot: 0.001, cycles: 1 });
  }
  restore(state, best.assignment);
  best = { ...best, score: state.score() };
  return answer();
}

/** How strongly a tier holds what earlier tiers reached, against its own energy. */
const HOLD = 50;

function solved(
  problem: ShareProblem,
  assignment: Int32Array,
  score: ShareScore,
  bound: ShareBound,
  seed: number,
  iterations: number,
): SolvedShare {
  const share = problem.bundles.flatMap((bundle, b) =>
    bundle.pieceIds.map((pieceId) => ({
      pieceId,
      memberId: problem.carriers[assignment[b]!]!.memberId,
      locked: bundle.lockedPieceIds.includes(pieceId),
    })),
  );
  return {
    kind: 'solved',
    seed,
    share,
    score,
    bound,
    gap: shareGap(score.largestRatio, bound.ratio),
    iterations,
  };
}

/** How far a largest ratio is above the bound, relative to it; a zero bound has no gap. */
export function shareGap(largestRatio: number, boundRatio: number): number {
  return boundRatio === 0 ? 0 : Math.max(0, largestRatio / boundRatio - 1);
}

/** Heaviest bundle first, each to the allowed carrier whose worst ratio stays lowest. */
function greedyAssignment(problem: ShareProblem): Int32Array {
  const assignment = new Int32Array(problem.bundles.length);
  const load = problem.carriers.map((c) => [...c.baseKg]);
  const heaviest = (b: number): number => Math.max(...problem.bundles[b]!.massKg);
  const order = problem.bundles.map((_b, i) => i).sort((a, b) => heaviest(b) - heaviest(a) || a - b);
  for (const b of order) {
    const bundle = problem.bundles[b]!;
    let chosen = bundle.allowed[0]!;
    let least = Infinity;
    for (const m of bundle.allowed) {
      const worst = Math.max(
        ...load[m]!.map((kg, d) => (kg + bundle.massKg[d]!) / problem.carriers[m]!.limitKg[d]!),
      );
      if (worst < least) {
        least = worst;
        chosen = m;
      }
    }
    assignment[b] = chosen;
    bundle.massKg.forEach((kg, d) => (load[chosen]![d]! += kg));
  }
  return assignment;
}

function restore(state: ShareState, assignment: Int32Array): void {
  state.carrierOf.set(assignment);
  state.resum();
}

/** One shift or swap, half the time relieving the worst carrier; undefined when the drawn move is not allowed. */
function randomMove(state: ShareState, movable: readonly number[], random: Random): (() => void) | undefined {
  const { bundles } = state.problem;
  let b = movable[pickIndex(random, movable.length)]!;
  if (random() < 0.5) {
    const worst = state.worstCarrier();
    for (let tries = 0; tries < 8 && state.carrierOf[b] !== worst; tries += 1) {
      b = movable[pickIndex(random, movable.length)]!;
    }
  }
  const from = state.carrierOf[b]!;
  if (random() < 0.5) {
    const { allowed } = bundles[b]!;
    const to = allowed[pickIndex(random, allowed.length)]!;
    if (to === from) return undefined;
    state.move(b, to);
    return () => state.move(b, from);
  }
  const other = movable[pickIndex(random, movable.length)]!;
  const to = state.carrierOf[other]!;
  if (to === from || !bundles[b]!.allowed.includes(to) || !bundles[other]!.allowed.includes(from))
    return undefined;
  state.move(b, to);
  state.move(other, from);
  return () => {
    state.move(b, from);
    state.move(other, to);
  };
}
