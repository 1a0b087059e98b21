/** A re-share from a day on, worked out whole: the best there is, what is asked, and the fewest handovers found for it. */
import type { Trip } from '../trip/model.js';
import { carrierOf } from '../trip/queries.js';
import { nearIn, type Move } from './handovers.js';
import { shareProblem, type ShareProblem } from './problem.js';
import { fewerHandovers } from './fewerHandovers.js';
import { fewestHandovers } from './fewestHandovers.js';
import { relaxedBound } from './relaxedBound.js';
import { askedProblem, handoverCost, handoversOf, onTheWay, type ReshareAim } from './reshare.js';
import { handoverProgram } from './shareProgram.js';
import type { ShareScore } from './shareScore.js';
import { solveShare, usualIterations } from './solveShare.js';

export interface ReshareAnswer {
  readonly kind: 'solved';
  readonly moves: readonly Move[];
  /** Handovers it makes; the pieces of a set go as one. */
  readonly count: number;
  /** No fewer will do for this aim. */
  readonly atLeast: number;
  /**
   * What the best share from that day on reaches, if any number of pieces may change hands. Where only limits are asked
   * for and can be kept, it is one within them, however uneven.
   */
  readonly best: ShareScore;
  /** Carrier indexes of that best share: what a proof of the fewest starts from. */
  readonly reached: readonly number[];
}
export type ReshareResult =
  | ReshareAnswer
  | { readonly kind: 'contradiction'; readonly reasons: readonly string[] };

/** Search moves for the best share and for the fewest handovers. */
const BEST_ITERATIONS = 600_000;
const FEWEST_ITERATIONS = 800_000;
/** How often it is tried again while fewer may do. */
const MORE_TRIES = 3;
/** Shares that a search for fewer may look at. */
const NODES = 60_000;
/** Rounding that a bound on whole numbers may have. */
const WHOLE = 1e-4;

/**
 * @param trip as it is once what happened has happened: see `afterEvent`
 * @param day the first day of the new share
 */
export function planReshare(trip: Trip, day: number, aim: ReshareAim, seed: number): ReshareResult {
  const problem = onTheWay(trip, shareProblem(trip, day));
  const best = solveShare(problem, {
    seed,
    iterations: Math.min(BEST_ITERATIONS, usualIterations(problem)),
    levelGive: 0,
    // Where only limits are asked for, any share within them says as much as the evenest.
    tiers: aim === 'best' ? 'level' : 'fitElseLevel',
  });
  if (best.kind === 'contradiction') return { kind: 'contradiction', reasons: best.reasons };
  const index = new Map(problem.carriers.map((c, m) => [c.memberId, m]));
  const carrier = new Map(best.share.map((a) => [a.pieceId, index.get(a.memberId)!]));
  const reached = problem.bundles.map((b) => carrier.get(b.pieceIds[0]!)!);
  const asked = askedProblem(problem, aim, reached);
  const fewestIterations = Math.min(FEWEST_ITERATIONS, 2 * usualIterations(problem));
  const near = nearIn(trip, problem);
  let found = fewestHandovers(asked, near, reached, seed, fewestIterations);
  let atLeast = Math.max(found.atLeast, fewestByRows(asked));
  for (let again = 1; again <= MORE_TRIES && found.count > atLeast; again += 1) {
    const fewer = fewerHandovers(asked, found.count - 1, NODES);
    if (fewer.found === undefined && fewer.isComplete) atLeast = found.count;
    else {
      // Who gives to whom is bettered from there; or it is tried anew.
      const from = fewer.found ?? found.assignment;
      const other = fewestHandovers(asked, near, from, seed + again, fewestIterations);
      if (other.count < found.count) found = other;
    }
  }
  return {
    kind: 'solved',
    moves: movesOf(trip, problem, found.assignment),
    count: found.count,
    atLeast: Math.min(found.count, atLeast),
    best: best.score,
    reached,
  };
}

/** Handovers that no share makes fewer of, by what mass, packs and rules do together; whole ones. */
function fewestByRows(asked: ShareProblem): number {
  const { value } = relaxedBound(asked, {
    kind: 'cost',
    cost: (b, m) => handoversOf(asked.bundles[b]!, m),
  });
  return Math.ceil(value - WHOLE);
}

/** The pieces that an assignment takes from whoever carries them on the problem's first day. */
export function movesOf(trip: Trip, problem: ShareProblem, assignment: ArrayLike<number>): readonly Move[] {
  return problem.bundles.flatMap((bundle, b) => {
    const toMemberId = problem.carriers[assignment[b]!]!.memberId;
    return bundle.pieceIds
      .filter((id) => carrierOf(trip, id, problem.firstDay) !== toMemberId)
      .map((pieceId) => ({ pieceId, toMemberId, setId: bundle.pieceIds[0]! }));
  });
}

/** The integer program whose optimum is the fewest handovers for an aim, and the problem that reads its answer. */
export function fewestProgram(
  trip: Trip,
  day: number,
  aim: ReshareAim,
  reached: readonly number[],
): { readonly problem: ShareProblem; readonly program: string } {
  const problem = onTheWay(trip, shareProblem(trip, day));
  const asked = askedProblem(problem, aim, reached);
  const near = nearIn(trip, problem);
  return { problem, program: handoverProgram(asked, (b, m) => handoverCost(asked, near, b, m)) };
}
