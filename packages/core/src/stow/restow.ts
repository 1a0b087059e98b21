/**
 * Stows after a handover. Everything stays where it is ("the same thing in the same place every day": common practice,
 * no source). What has left leaves its room empty. What has come is put where the whole comes off best. Only where that
 * does not fit is something else moved.
 */
import { isCarriedOn } from '../load/thingOnDay.js';
import type { Placement, Stow, Trip } from '../trip/model.js';
import { thingsInPack } from '../trip/queries.js';
import { goodOnAllDays } from './overDays.js';
import { placeAt } from './placeAt.js';
import { costOfStow, mendStow } from './solveStow.js';
import { isAmiss } from './stowCost.js';
import type { StowProblem } from './stowProblem.js';
import { problemFrom, withComing } from './withComing.js';

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
  const problem = problemFrom(trip, memberId, day);
  const { placements: wanted, gone, added, state } = withComing(problem, stow.placements);
  if (state === undefined || added.length === 0) return { stow, added, moved: [], misfit: 0, unsafe: 0 };
  let placements = wanted;
  if (isAmiss(state.cost))
    placements = broughtBack(problem, wanted, mendStow(problem, wanted, SEED).placements);
  placements = goodOnAllDays(trip, memberId, [...placements, ...gone], problem.day, {
    day,
    came: added,
  }).placements;
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
