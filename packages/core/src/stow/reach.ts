/**
 * Reach: how many other things must come out first to get one, through its nearest opening.
 *
 * A thing blocks another if it covers at least `BLOCKS` of the way out; what blocks a blocker comes out too. Through
 * the top the way out is what lies over the thing's floor plan; through the bottom zip what lies under it; through a
 * side or front zip what lies between it and that wall. A pocket's things are had through the pocket's own opening.
 */
import type { Needed, Opening, Pack } from '../trip/model.js';
import type { Box, LaidThing, StowLayout } from './layout.js';
import { mainOf } from './packGeometry.js';

/** Slivers do not block: below this part of the way out a thing is pushed aside (Graft's own number). */
export const BLOCKS = 0.15;

/** How many things may come out before one that is needed then. */
export const REACH_LIMIT: Readonly<Record<Needed, number>> = {
  walking: 0,
  hurry: 1,
  stop: 2,
  firstInCamp: 4,
  camp: Infinity,
};
export interface Reach {
  readonly thingId: string;
  /** How many come out first. */
  readonly count: number;
  readonly through: Opening | 'pocket' | 'outside';
  /** What comes out first, in the order in which it does. */
  readonly blockers: readonly string[];
}

/** All things that must come out before one of them: what blocks it, what blocks those, and so on. */
export function closure(
  start: number,
  blocks: (of: number, by: number) => boolean,
  count: number,
): readonly number[] {
  const out = new Set<number>();
  const todo = [start];
  for (let at = todo.pop(); at !== undefined; at = todo.pop()) {
    for (let j = 0; j < count; j += 1) {
      if (j !== start && !out.has(j) && j !== at && blocks(at, j)) {
        out.add(j);
        todo.push(j);
      }
    }
  }
  return [...out];
}

/** Reach of every placed thing. */
export function reachOf(pack: Pack, layout: StowLayout): readonly Reach[] {
  const byId = new Map(layout.things.map((t) => [t.thing.id, t]));
  const found = new Map<string, Reach>();
  const openings = mainOf(pack)?.openings ?? [];
  const bottomPart = mainOf(pack)?.bottomPartCm;
  for (const c of layout.compartments) {
    const things = c.thingIds.map((id) => byId.get(id)!);
    const n = things.length;
    const ways: {
      through: Reach['through'];
      blocks: (a: number, b: number) => boolean;
      may: (a: number) => boolean;
    }[] = [];
    const isMain = c.compartment.kind === 'main';
    if (!isMain) {
      const through = c.compartment.kind === 'lash' ? 'outside' : 'pocket';
      ways.push({ through, blocks: (a, b) => c.over[a]![b]! >= BLOCKS, may: () => true });
    } else {
      const divided = c.compartment.id === 'bottom';
      if (!divided && openings.includes('top'))
        ways.push({ through: 'top', blocks: (a, b) => c.over[a]![b]! >= BLOCKS, may: () => true });
      if (openings.includes('bottom')) {
        const floor = Math.min(...c.compartment.floor);
        const partTop = floor + (bottomPart ?? 0);
        // From below: a lies on b for as much of a's floor plan as b is under it.
        if (divided || bottomPart !== undefined)
          ways.push({
            through: 'bottom',
            blocks: (a, b) => isUnder(things[b]!, things[a]!),
            may: (a) => divided || things[a]!.box.z0 < partTop - 1,
          });
      }
      if (!divided && openings.includes('front'))
        ways.push({
          through: 'front',
          blocks: (a, b) => isOutside(things[b]!.box, things[a]!.box, 'y'),
          may: () => true,
        });
      if (!divided && openings.includes('side'))
        ways.push({
          through: 'side',
          blocks: (a, b) => isOutside(things[b]!.box, things[a]!.box, 'x'),
          may: () => true,
        });
    }
    for (let i = 0; i < n; i += 1) {
      const id = c.thingIds[i]!;
      let best: Reach | undefined;
      for (const way of ways) {
        if (!way.may(i)) continue;
        const out = closure(i, way.blocks, n);
        if (best !== undefined && best.count <= out.length) continue;
        // Loaded last comes out first; from below the other way round.
        const order = [...out].sort((a, b) => (way.through === 'bottom' ? a - b : b - a));
        best = {
          thingId: id,
          count: out.length,
          through: way.through,
          blockers: order.map((j) => c.thingIds[j]!),
        };
      }
      if (best !== undefined) found.set(id, best);
    }
  }
  return layout.things.map((t): Reach => {
    const own = found.get(t.thing.id);
    if (own !== undefined) return own;
    const holder = t.insideId === undefined ? undefined : found.get(t.insideId);
    // What rides inside another comes out with it.
    if (holder !== undefined)
      return {
        ...holder,
        thingId: t.thing.id,
        count: holder.count + 1,
        blockers: [...holder.blockers, t.insideId!],
      };
    return { thingId: t.thing.id, count: 0, through: 'pocket', blockers: [] };
  });
}

const overlap = (a0: number, a1: number, b0: number, b1: number): number =>
  Math.max(0, Math.min(a1, b1) - Math.max(a0, b0));

/** Whether b lies under enough of a's outline to block its way down. */
function isUnder(b: LaidThing, a: LaidThing): boolean {
  if (b.centre.z >= a.centre.z) return false;
  const shared =
    overlap(a.box.x0, a.box.x1, b.box.x0, b.box.x1) * overlap(a.box.y0, a.box.y1, b.box.y0, b.box.y1);
  const whole = (a.box.x1 - a.box.x0) * (a.box.y1 - a.box.y0);
  return whole > 0 && shared / whole >= BLOCKS;
}

/** Whether b lies between a and the wall in a direction (away from the back, or to a's nearer side) for enough of it. */
function isOutside(b: Box, a: Box, axis: 'x' | 'y'): boolean {
  const middle = (box: Box): number => (axis === 'y' ? (box.y0 + box.y1) / 2 : (box.x0 + box.x1) / 2);
  const sign = axis === 'y' || middle(a) >= 0 ? 1 : -1;
  if (sign * (middle(b) - middle(a)) <= 0) return false;
  const across = axis === 'y' ? overlap(a.x0, a.x1, b.x0, b.x1) : overlap(a.y0, a.y1, b.y0, b.y1);
  const width = axis === 'y' ? a.x1 - a.x0 : a.y1 - a.y0;
  const shared = across * overlap(a.z0, a.z1, b.z0, b.z1);
  const whole = width * (a.z1 - a.z0);
  return whole > 0 && shared / whole >= BLOCKS;
}
