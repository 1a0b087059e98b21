/** What changes hands on the way: where it goes in the pack that it comes to. */
import { heaviestDay, loadsOverTrip } from '../load/memberLoad.js';
import type { Placement, Trip } from '../trip/model.js';
import { handoverDays, memberById } from '../trip/queries.js';
import { exact } from './placeAt.js';
import { bestPlace, type StowState } from './stowMoves.js';
import { stowProblem, type StowProblem } from './stowProblem.js';

/** A member's pack on its heaviest day from a day on, as long as nothing else changes hands. */
export function problemFrom(trip: Trip, memberId: string, day: number): StowProblem {
  const next = handoverDays(trip).find((d) => d > day) ?? trip.legs.length + 1;
  const loads = loadsOverTrip(trip, memberById(trip, memberId)).slice(day - 1, next - 1);
  return stowProblem(trip, memberId, heaviestDay(loads).day);
}

/** What comes into a pack with no place in it yet is put, the largest first, where the whole comes off best. */
export function withComing(
  problem: StowProblem,
  before: readonly Placement[],
): {
  readonly placements: readonly Placement[];
  /** What is no longer in the pack keeps its place in the list: it was there on the days before. */
  readonly gone: readonly Placement[];
  readonly added: readonly string[];
  readonly state: StowState | undefined;
} {
  const inPack = new Set(problem.things.map((t) => t.thing.id));
  const placed = new Set(before.map((p) => p.thingId));
  const comes = problem.things
    .filter((t) => !placed.has(t.thing.id))
    .sort((a, b) => Math.max(...b.volumeL) - Math.max(...a.volumeL));
  let placements = exact(
    problem,
    before.filter((p) => inPack.has(p.thingId)),
  );
  let state: StowState | undefined;
  const added: string[] = [];
  for (const { thing } of comes) {
    const best = bestPlace(problem, placements, thing.id);
    if (best === undefined) continue;
    ({ placements, state } = best);
    added.push(thing.id);
  }
  return { placements, gone: before.filter((p) => !inPack.has(p.thingId)), added, state };
}
