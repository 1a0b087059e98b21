/**
 * Food in stiff containers takes no room of the pack, as long as they have some left: their own room is counted. Here by
 * litres, for what is not yet in anybody's pack; `load/filling` puts thing by thing.
 */
import { fillingOf } from '../load/filling.js';
import { goesWithFood, holdingOf, takesAnyForm } from '../load/holders.js';
import type { Thing } from '../trip/model.js';
import type { Bundle, ShareProblem } from './problem.js';

/** What of a container is filled by things that keep their form (Graft's own number). */
const FILLED = 0.9;

export interface FoodRoom {
  /** Of the room that the things take, what goes into containers of others, litres. */
  readonly fillsL: number;
  /** What is left in stiff containers among them for the food of others, litres. */
  readonly stiffL: number;
}

/** @param day day of the trip, from 1 */
export function foodRoom(things: readonly Thing[], day: number): FoodRoom {
  const { inside, takesL, wholeL } = fillingOf(things, day);
  let [fillsL, stiffL] = [0, 0];
  for (const thing of things) {
    if (inside.has(thing.id)) continue;
    const holding = holdingOf(thing);
    if (holding === undefined) {
      const isLoose = thing.ridesLoose === true || thing.flags.includes('ridesOutside');
      if (!isLoose && thing.nestsIn === undefined && goesWithFood(thing, day)) fillsL += takesL(thing);
    } else if (holding.meantFor === 'food' && !takesAnyForm(thing)) {
      const within = things.filter((t) => inside.get(t.id) === thing.id);
      stiffL += Math.max(0, FILLED * holding.capacityL - within.reduce((sum, t) => sum + wholeL(t), 0));
    }
  }
  return { fillsL, stiffL };
}

/** The room of a pack that so much takes. */
export function roomTakenL(allL: number, fillsL: number, stiffL: number): number {
  const within = fillsL < stiffL ? fillsL : stiffL;
  return within > 0 ? allL - within : allL;
}

/**
 * For bounds, which look at each bundle by itself: a container takes its room less what it holds, and food all of its
 * own. No share takes less. What is below zero is room of everybody (`mostRoomL`).
 */
export function leastVolumeL({ volumeL, stiffL }: Bundle, d: number): number {
  return Math.max(0, volumeL[d]! - stiffL[d]!);
}

/** The most that each carrier's pack can have free beside `leastVolumeL`, litres. */
export function mostRoomL({ carriers, bundles }: ShareProblem, d: number): readonly number[] {
  const spareL = bundles.reduce((sum, b) => sum + Math.max(0, b.stiffL[d]! - b.volumeL[d]!), 0);
  return carriers.map((c) => Math.max(0, c.freeVolumeL[d]!) + c.stiffL[d]! + spareL);
}
