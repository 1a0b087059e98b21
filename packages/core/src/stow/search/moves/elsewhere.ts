import { pickIndex } from '../../../units/random.js';
import type { Undo } from '../stowState.js';
import { place, type Draw, type Move } from './move.js';

/** Into another compartment that it may go into, or anywhere in its own. */
export const elsewhere: Move = (draw, t) => {
  const { allowed } = draw.search.facts.things[t]!;
  return into(draw, t, allowed[pickIndex(draw.random, allowed.length)]!);
};

/** Anywhere in a compartment, turned anyhow. */
export function into(draw: Draw, t: number, c: number): Undo | undefined {
  const { random, search } = draw;
  const { x0, y0, nx, ny, cellCm } = search.facts.compartments[c]!;
  const [x, y] = [x0 + random() * nx * cellCm, y0 + random() * ny * cellCm];
  return place(draw, t, c, x, y, pickIndex(random, search.facts.things[t]!.turns));
}
