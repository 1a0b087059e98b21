/** A stow over the days of its trip: how it rides on each, what is fetched up for it, and what would mend the worst. */
import { FAIR_OFFSET_CM, GOOD_OFFSET_CM } from '../carriage/packingSchool.js';
import type { Placement, Trip } from '../trip/model.js';
import { isWithParty, memberById } from '../trip/queries.js';
import { assess } from './assessStow.js';
import type { StowAssessment } from './assessment.js';
import { keptFrom, stowOnDay, type MoveUp } from './movesUp.js';
import { costOfStow } from './solveStow.js';
import { compareCost, isAmiss, isFaulty, isWanting, overAll, type StowCost } from './stowCost.js';
import { bestMoves, byTheWhole, type StowMove } from './stowMoves.js';
import { stowProblem, type StowProblem } from './stowProblem.js';
import { ASIDE_FREE_CM } from './search/partFigures.js';
import { mendOverDays } from './search/overDays.js';
import { OVER_DAYS } from './search/tuning.js';

/** A day on which the member walks. */
export interface StowDay {
  readonly day: number;
  readonly stow: StowAssessment;
  /** Fetched up in the morning, or the evening before. */
  readonly moves: readonly MoveUp[];
}

/** Days on which a member walks, from 1. */
export function daysOf(trip: Trip, memberId: string): readonly number[] {
  const member = memberById(trip, memberId);
  return trip.legs.flatMap((_leg, i) => (isWithParty(member, i + 1) ? [i + 1] : []));
}

/** @param isWet every day as after rain: what gets wet is packed wet */
export function stowDays(
  trip: Trip,
  memberId: string,
  placements: readonly Placement[],
  isWet = false,
): readonly StowDay[] {
  const walked = isWet ? { ...trip, legs: trip.legs.map((leg) => ({ ...leg, afterRain: true })) } : trip;
  return daysOf(walked, memberId).map((day) => {
    const problem = stowProblem(walked, memberId, day);
    const on = stowOnDay(problem, placements);
    return { day, stow: assess(problem, on.placements), moves: on.moves };
  });
}

/** The day most worth a repack: something left out or unsafe, then out of the band, then uneven; undefined when none is. */
export function dayToRepack(days: readonly StowDay[]): StowDay | undefined {
  const worth = ({ stow }: StowDay): number =>
    1000 * stow.findings.filter((f) => f.severity === 'fit').length +
    100 * stow.findings.filter((f) => f.severity === 'safety').length +
    10 * stow.findings.filter((f) => f.severity === 'access').length +
    Math.abs(stow.bandMissCm) +
    Math.max(0, Math.abs(stow.centreOfGravityCm.x) - FAIR_OFFSET_CM);
  const [worst] = [...days].sort((a, b) => worth(b) - worth(a) || a.day - b.day);
  return worst === undefined || worth(worst) === 0 ? undefined : worst;
}

const MOST_MOVES = 2;
const MOST_TRIED = 8;
/** A smaller gain is not worth the work, by the measure of the whole. */
const WORTH_IT = 5;

/** The two single moves, one after the other, that do most for a stow on a day; fewer when fewer help. */
export function repack(problem: StowProblem, placements: readonly Placement[]): readonly StowMove[] {
  const moves: StowMove[] = [];
  let now = placements;
  for (let k = 0; k < MOST_MOVES; k += 1) {
    const { findings } = assess(problem, now);
    const heavy = [...problem.things].sort((a, b) => b.wholeKg - a.wholeKg).map((t) => t.thing.id);
    const tried = [...new Set([...findings.flatMap((f) => f.thingIds), ...heavy])].slice(0, MOST_TRIED);
    const [move] = bestMoves(problem, now, byTheWhole, tried, 1, WORTH_IT);
    if (move === undefined) break;
    moves.push(move);
    now = move.placements;
  }
  return moves;
}

/** A day as a stow is judged on it. */
interface Judged {
  readonly problem: StowProblem;
  readonly cost: StowCost;
}

/**
 * A stow that is good on all days from one on: what does not go in, is unsafe, out of the band or aside on some day is
 * mended, as long as the days together are better for it.
 *
 * @param mainDay the day it was planned for
 * @param onTheWay only days from one on, and only what is worse for what has come: what does not go in, is unsafe or had
 *   too late. What is merely uneven, or was so before, is not worth finding things elsewhere than yesterday.
 * @returns that, and what it costs on those days together
 */
export function goodOnAllDays(
  trip: Trip,
  memberId: string,
  placements: readonly Placement[],
  mainDay: number,
  onTheWay?: { readonly day: number; readonly came: readonly string[] },
): { readonly placements: readonly Placement[]; readonly cost: StowCost } {
  const problems = daysOf(trip, memberId)
    .filter((day) => day >= (onTheWay?.day ?? 1))
    .map((day) => stowProblem(trip, memberId, day));
  const main = problems.find((p) => p.day === mainDay) ?? problems[0];
  if (main === undefined) return { placements, cost: overAll([]) };
  const judge = (list: readonly Placement[]): readonly Judged[] =>
    problems.map((problem) => ({
      problem,
      cost: costOfStow(problem, stowOnDay(problem, list).placements),
    }));
  const together = (days: readonly Judged[]): StowCost => overAll(days.map((d) => d.cost));
  // As it was before something came: that is left out here.
  const came = new Set(onTheWay?.came);
  const before = new Map(
    onTheWay === undefined
      ? []
      : judge(placements.filter((p) => !came.has(p.thingId))).map((d) => [d.problem, d.cost] as const),
  );
  const isBad = ({ problem, cost }: Judged, round: number): boolean => {
    const was = before.get(problem);
    if (was === undefined) return isFaulty(cost);
    if (isAmiss({ ...cost, safety: cost.safety - was.safety })) return true;
    // For what is only had late one short round is enough.
    return round === 1 && cost.tooDeep > was.tooDeep;
  };
  let best = placements;
  let days = judge(best);
  const rounds = onTheWay === undefined ? OVER_DAYS.roundsIfAmiss : OVER_DAYS.rounds;
  for (let round = 1; round <= rounds; round += 1) {
    const worst = days
      .filter(
        (d) => d.problem !== main && (isBad(d, round) || (onTheWay === undefined && isWorthMending(d.cost))),
      )
      .sort((a, b) => compareCost(b.cost, a.cost))
      .slice(0, OVER_DAYS.days);
    const isAnyBad = days.some((d) => isBad(d, round));
    if (!isAnyBad && (worst.length === 0 || round > OVER_DAYS.rounds)) break;
    // What is carried on the worst day alone is moved when that day leads.
    const lead = round % 2 === 0 ? (worst[0]?.problem ?? main) : main;
    const others = [main, ...worst.map((d) => d.problem)].filter((p) => p !== lead).slice(0, OVER_DAYS.days);
    const mended = mendOverDays(lead, others, best, round);
    const inPack = new Set(mended.map((p) => p.thingId));
    const kept = keptFrom(best, stowOnDay(lead, best), mended);
    const next = [...kept, ...best.filter((p) => !inPack.has(p.thingId))];
    const then = judge(next);
    if (compareCost(together(then), together(days)) >= 0) continue;
    best = next;
    days = then;
  }
  return { placements: best, cost: together(days) };
}

/** A day is worth mending when it is aside by more than half of what is still good. */
const WORTH_ASIDE_CM = GOOD_OFFSET_CM / 2 - ASIDE_FREE_CM;
/** Whether something about a day is worth mending. */
function isWorthMending(cost: StowCost): boolean {
  return isWanting(cost) || cost.asideCm > WORTH_ASIDE_CM;
}
