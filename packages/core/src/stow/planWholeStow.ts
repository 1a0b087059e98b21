/** A member's stow for all days of a trip. */
import type { Placement, Stow, Trip } from '../trip/model.js';
import { handoverDays } from '../trip/queries.js';
import { stowOnDay } from './movesUp.js';
import { daysOf, goodOnAllDays } from './overDays.js';
import { costOfStow, planStow, type StowOptions } from './planStow.js';
import type { OthersOf } from './search/daysTogether.js';
import { OVER_DAYS } from './search/tuning.js';
import { compareCost, isAmiss } from './stowCost.js';
import { planningDay, stowProblem } from './stowProblem.js';
import { problemFrom, withComing } from './withComing.js';

/**
 * Plan one member's pack for the day of their largest load ratio with an eye on the other days. What changes hands to them
 * later is given a place where the rest leaves one. What then is wrong on any day is mended. Where something is still left
 * out or unsafe on some day, all of it is done once more from another seed.
 */
export function planWholeStow(trip: Trip, memberId: string, options: StowOptions): Stow {
  const days = daysOf(trip, memberId);
  const main = planningDay(trip, memberId);
  const others = days.filter((day) => day !== main).map((day) => stowProblem(trip, memberId, day));
  const handovers = handoverDays(trip).map((day) => problemFrom(trip, memberId, day));
  const withLater = (placements: readonly Placement[]): readonly Placement[] =>
    handovers.reduce((now, problem) => {
      const { placements: here, gone } = withComing(problem, now);
      return [...here, ...gone];
    }, placements);
  const othersOf: OthersOf = (placements) => {
    const all = withLater(placements);
    return others
      .map((problem) => ({ problem, on: stowOnDay(problem, all) }))
      .map((other) => ({ ...other, cost: costOfStow(other.problem, other.on.placements) }))
      .sort((a, b) => compareCost(b.cost, a.cost))
      .slice(0, OVER_DAYS.days);
  };
  const planned = (seed: number): ReturnType<typeof goodOnAllDays> => {
    const first =
      others.length === 0
        ? planStow(trip, memberId, { ...options, seed })
        : planStow(
            trip,
            memberId,
            { ...options, seed, effort: OVER_DAYS.part * (options.effort ?? 1) },
            othersOf,
          );
    return goodOnAllDays(trip, memberId, withLater(first.stow.placements), main);
  };
  const first = planned(options.seed);
  if (!isAmiss(first.cost)) return { memberId, placements: first.placements };
  const again = planned(options.seed + OTHER_SEED);
  const { placements } = compareCost(again.cost, first.cost) < 0 ? again : first;
  return { memberId, placements };
}
const OTHER_SEED = 1000;
