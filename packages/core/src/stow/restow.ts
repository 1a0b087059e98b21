/**
 * Stows after a handover. Everything stays where it is ("the same thing in the same place every day": common practice,
 * no source). What has left leaves its room empty. What has come is put where the whole comes off best. Only where that
 * does not fit is something else moved.
 */
import { heaviestDay, loadsOverTrip } from '../load/memberLoad.js';
import { isCarriedOn } from '../load/thingOnDay.js';
import type { Placement, Stow, Trip } from '../trip/model.js';
import { adoptStow } from '../trip/changes.js';
import { handoverDays, memberById, thingsInPack } from '../trip/queries.js';
import { daysOf, goodOnAllDays } from './overDays.js';
import { exact, placeAt } from './placeAt.js';
import { costOfStow, mendStow, planStow, type StowOptions } from './planStow.js';
import { BEFORE_OTHER_DAYS } from './search/tuning.js';
import { compareCost, isFaulty } from './stowCost.js';
import { bestPlace, type StowState } from './stowMoves.js';
import { planningDay, stowProblem, type StowProblem } from './stowProblem.js';

/** The same pack and things give the same stow. */
const SEED = 1;

export interface Restow {
  readonly stow: Stow;
  /** What was put in, in that order. */
  readonly added: readonly string[];
  /** What was moved to make room for it. */
  readonly moved: readonly string[];
  /** What still does not fit, by the planner's measure of litres and kg; 0 when all is in. */
  readonly misfit: number;
  /** Safety rules broken. */
  readonly unsafe: number;
}

/** Members whose pack holds other things from a day on than it did before something changed. */
export function changedPacks(before: Trip, after: Trip, day: number): readonly string[] {
  const content = (trip: Trip, memberId: string): string => {
    const days = trip.legs.slice(day - 1).map((_leg, i) =>
      thingsInPack(trip, memberId, day + i)
        .filter((t) => isCarriedOn(t, day + i))
        .map((t) => t.id)
        .sort()
        .join(),
    );
    return days.join(';');
  };
  return after.members
    .filter((m) => before.members.some((b) => b.id === m.id))
    .filter((m) => content(before, m.id) !== content(after, m.id))
    .map((m) => m.id);
}

/**
 * A member's stow for what is in the pack from a day on; where nothing is new, just as it is.
 *
 * @returns undefined for a pack that has never been stowed: there is no place to keep to
 */
export function restow(trip: Trip, memberId: string, day: number): Restow | undefined {
  const stow = trip.stows.find((s) => s.memberId === memberId);
  if (stow === undefined || stow.placements.length === 0) return undefined;
  const problem = stowProblem(trip, memberId, heaviestFrom(trip, memberId, day));
  const inPack = new Set(problem.things.map((t) => t.thing.id));
  const placedIds = new Set(stow.placements.map((p) => p.thingId));
  // What is no longer in the pack keeps its place in the list: it was there on the days before.
  const gone = stow.placements.filter((p) => !inPack.has(p.thingId));
  let placements: readonly Placement[] = exact(
    problem,
    stow.placements.filter((p) => inPack.has(p.thingId)),
  );
  const comes = problem.things
    .filter((t) => !placedIds.has(t.thing.id))
    .sort((a, b) => Math.max(...b.volumeL) - Math.max(...a.volumeL));
  let state: StowState | undefined;
  const added: string[] = [];
  for (const { thing } of comes) {
    const best = bestPlace(problem, placements, thing.id);
    if (best === undefined) continue;
    ({ placements, state } = best);
    added.push(thing.id);
  }
  if (state === undefined || added.length === 0) return { stow, added, moved: [], misfit: 0, unsafe: 0 };
  const wanted = placements;
  if (state.cost.misfit > 1e-6 || state.cost.safety > 0)
    placements = broughtBack(problem, wanted, mendStow(problem, wanted, SEED).placements);
  placements = goodOnAllDays(trip, memberId, [...placements, ...gone], problem.day, day).placements;
  const cost = costOfStow(problem, placements);
  const zoneBefore = new Map([...wanted, ...gone].map((p) => [p.thingId, p.zoneId]));
  return {
    stow: { memberId, placements },
    added,
    moved: placements
      .filter((p) => zoneBefore.get(p.thingId) !== p.zoneId && !added.includes(p.thingId))
      .map((p) => p.thingId),
    misfit: cost.misfit,
    unsafe: cost.safety,
  };
}

/** The member's heaviest day from a day on, as long as nothing else changes hands. */
function heaviestFrom(trip: Trip, memberId: string, day: number): number {
  const next = handoverDays(trip).find((d) => d > day) ?? trip.legs.length + 1;
  const loads = loadsOverTrip(trip, memberById(trip, memberId)).slice(day - 1, next - 1);
  return heaviestDay(loads).day;
}

/** A mended stow with all that was moved without need put back where it was. */
function broughtBack(
  problem: StowProblem,
  before: readonly Placement[],
  mended: readonly Placement[],
): readonly Placement[] {
  const old = new Map(before.map((p) => [p.thingId, p]));
  let now = mended;
  let cost = costOfStow(problem, now);
  for (const { thingId } of mended) {
    const was = old.get(thingId)!;
    const is = now.find((p) => p.thingId === thingId)!;
    if (was.zoneId === is.zoneId || was.spot === undefined) continue;
    const { zoneId, side, pinned, spot } = was;
    const tried = placeAt(problem, now, thingId, { zoneId, side, pinned, ...spot });
    const then = costOfStow(problem, tried);
    if (then.misfit > cost.misfit + 1e-6 || then.safety > cost.safety || then.tooDeep > cost.tooDeep)
      continue;
    now = tried;
    cost = then;
  }
  return now;
}

/**
 * Plan one member's pack for the day of their largest load ratio, find a place in it for what changes hands to them on
 * other days, and mend what is wrong on any day. Where something then is left out, unsafe or had too late on some day, all
 * of it is done once more from another seed.
 */
export function planWholeStow(trip: Trip, memberId: string, options: StowOptions): Stow {
  const first = plannedOnce(trip, memberId, options);
  if (!isFaulty(first.cost)) return { memberId, placements: first.placements };
  const again = plannedOnce(trip, memberId, { ...options, seed: options.seed + OTHER_SEED });
  const { placements } = compareCost(again.cost, first.cost) < 0 ? again : first;
  return { memberId, placements };
}
const OTHER_SEED = 1000;

function plannedOnce(trip: Trip, memberId: string, options: StowOptions): ReturnType<typeof goodOnAllDays> {
  const part = daysOf(trip, memberId).length > 1 ? BEFORE_OTHER_DAYS : 1;
  const { stow } = planStow(trip, memberId, { ...options, effort: part * (options.effort ?? 1) });
  const planned = handoverDays(trip).reduce<Trip>(
    (t, day) => {
      const next = restow(t, memberId, day)?.stow;
      return next === undefined ? t : adoptStow(t, next);
    },
    adoptStow(trip, stow),
  );
  const { placements } = planned.stows.find((s) => s.memberId === memberId)!;
  return goodOnAllDays(trip, memberId, placements, planningDay(trip, memberId));
}
