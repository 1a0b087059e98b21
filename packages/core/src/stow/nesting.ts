/**
 * Things that ride inside others: a stove and a canister in the pot, a cup over the mat. They take no room of their
 * own, as long as the holder is big enough for all it is said to hold.
 */
import { shapeSizeCm, shapeVolumeL } from '../trip/shapes.js';
import type { Thing } from '../trip/model.js';
import type { StowProblem, StowThing } from './stowProblem.js';

/** Walls and rounding: what of a hollow thing's outline can be filled (Graft's own number). */
const USABLE_INSIDE = 0.9;
/** Walls of a hollow thing, both sides together, cm. */
const WALLS_CM = 0.4;

/**
 * @returns the holder's id of every thing that rides inside another of the same pack; holders too small hold nothing
 *   that does not fit, and nothing holds what holds it
 */
export function nestingOf(problem: Pick<StowProblem, 'things' | 'day'>): ReadonlyMap<string, string> {
  const byId = new Map(problem.things.map((t) => [t.thing.id, t]));
  const inside = new Map<string, string>();
  const leftL = new Map<string, number>();
  for (const t of problem.things) {
    const holder = byId.get(t.thing.nestsIn ?? '');
    if (holder === undefined || holder === t || byId.has(holder.thing.nestsIn ?? '')) continue;
    if (!goesInto(t.thing, holder.thing)) continue;
    const left = leftL.get(holder.thing.id) ?? roomInsideL(holder);
    const needs = shapeVolumeL(t.thing.shape) ?? t.volumeL[problem.day - 1]!;
    if (needs > left + 1e-9) continue;
    leftL.set(holder.thing.id, left - needs);
    inside.set(t.thing.id, holder.thing.id);
  }
  return inside;
}

function roomInsideL({ thing, volumeL }: StowThing): number {
  return USABLE_INSIDE * (shapeVolumeL(thing.shape) ?? Math.max(...volumeL));
}

/** Whether a thing's outer size goes into a holder's outline; soft ones go wherever there is room. */
function goesInto(thing: Thing, holder: Thing): boolean {
  const [size, room] = [shapeSizeCm(thing.shape), shapeSizeCm(holder.shape)];
  if (size === undefined || room === undefined) return true;
  return size.every((s, i) => s <= room[i]! - WALLS_CM);
}
