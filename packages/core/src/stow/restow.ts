/**
 * Stows after a handover: everything stays where it is ("the same thing in the same place every day": common practice, no
 * source), what has left leaves its room, and what has come is put where the whole comes off best. Only where that does
 * not fit is something else moved.
 */
import { isCarriedOn } from '../load/thingOnDay.js';
import type { Placement, Stow, Trip } from '../trip/model.js';
import { thingsInPack } from '../trip/queries.js';
import { exact } from './placeAt.js';
import { bestMoves, bestPlace, type StowState } from './stowMoves.js';
import { planningDay, stowProblem } from './stowProblem.js';

/** Moves of other things that are tried to make room, at most. */
const MOST_MENDS = 3;

export interface Restow {
  readonly stow: Stow;
  /** What was put in, in that order. */
  readonly added: readonly string[];
  /** What was moved to make room for it. */
  readonly moved: readonly string[];
  /** What still does not fit, by the planner's measure of litres and kg; 0 when all is in. */
  readonly misfit: number;
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
  const worst = Math.max(day, planningDay(trip, memberId));
  const problem = stowProblem(trip, memberId, worst);
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
  const moved: string[] = [];
  for (let i = 0; i < MOST_MENDS && (state?.cost.misfit ?? 0) > 1e-6; i += 1) {
    const [mend] = bestMoves(
      problem,
      placements,
      ({ cost }) => cost.misfit,
      problem.things.map((t) => t.thing.id),
      1,
    );
    if (mend === undefined) break;
    ({ placements } = mend);
    state = mend.after;
    moved.push(mend.thingId);
  }
  return {
    stow: added.length === 0 ? stow : { memberId, placements: [...placements, ...gone] },
    added,
    moved,
    misfit: state?.cost.misfit ?? 0,
  };
}
