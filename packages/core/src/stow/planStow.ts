/** A member's stow for all days of a trip. */
import type { Placement, Trip } from '../trip/model.js';
import { handoverDays } from '../trip/queries.js';
import { stowOnDay } from './movesUp.js';
import { daysOf, goodOnAllDays } from './overDays.js';
import type { OthersOf } from './search/daysTogether.js';
import { OVER_DAYS } from './search/tuning.js';
import { costOfStow, solveStow, type StowOptions } from './solveStow.js';
import { compareCost, isAmiss } from './stowCost.js';
import type { StowPlan } from './stowPlan.js';
import { planningDay, stowProblem } from './stowProblem.js';
import { problemFrom, withComing } from './withComing.js';

/**
 * Plan one member's pack for the day of their largest load ratio with an eye on the other days. Pinned placements stay.
 * What changes hands to them later is given a place where the rest leaves one. What then is wrong on any day is mended.
 * Where something is still left out or unsafe on some day, all of it is done once more from another seed.
 *
 * @returns the stow, and what it costs on all days together
 */
export function planStow(trip: Trip, memberId: string, options: StowOptions): StowPlan {
  const days = daysOf(trip, memberId);
  const main = planningDay(trip, memberId);
  const problem = stowProblem(trip, memberId, main);
  const pinned = trip.stows.find((s) => s.memberId === memberId)?.placements.filter((p) => p.pinned) ?? [];
  const others = days.filter((day) => day !== main).map((day) => stowProblem(trip, memberId, day));
  const handovers = handoverDays(trip).map((day) => problemFrom(trip, memberId, day));
  const withLater = (placements: readonly Placement[]): readonly Placement[] =>
    handovers.reduce((now, coming) => {
      const { placements: here, gone } = withComing(coming, now);
      return [...here, ...gone];
    }, placements);
  const othersOf: OthersOf = (placements) => {
    const all = withLater(placements);
    return others
      .map((other) => ({ problem: other, on: stowOnDay(other, all) }))
      .map((other) => ({ ...other, cost: costOfStow(other.problem, other.on.placements) }))
      .sort((a, b) => compareCost(b.cost, a.cost))
      .slice(0, OVER_DAYS.days);
  };
  const planned = (seed: number): StowPlan => {
    const first =
      others.length === 0
        ? solveStow(problem, pinned, { ...options, seed })
        : solveStow(
            problem,
            pinned,
            { ...options, seed, effort: OVER_DAYS.part * (options.effort ?? 1) },
            othersOf,
          );
    const { placements, cost } = goodOnAllDays(trip, memberId, withLater(first.stow.placements), main);
    return { ...first, seed: options.seed, cost, stow: { memberId, placements } };
  };
  const first = planned(options.seed);
  if (!isAmiss(first.cost)) return first;
  const again = planned(options.seed + OTHER_SEED);
  return compareCost(again.cost, first.cost) < 0 ? again : first;
}
const OTHER_SEED = 1000;
