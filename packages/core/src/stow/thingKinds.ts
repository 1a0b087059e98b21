/** What kind of thing the placement rules see in a thing. */
import { isForCamp } from '../load/waterShare.js';
import type { Thing } from '../trip/model.js';

export const is =
  (...purposes: readonly Thing['purpose'][]) =>
  (thing: Thing): boolean =>
    purposes.includes(thing.purpose);
export const isTent = is('tentBody', 'tentFly', 'footprint');
export const isFirstAid = is('firstAid');
export const isRain = is('rainwear');
export const isFood = is('food', 'foodContainer');
/** What is eaten, without what it rides in. */
export const isEaten = is('food', 'snack');
export const isClothing = is('clothing', 'warmLayer', 'spareClothing', 'handsHead');
export const isSoft = (thing: Thing): boolean => thing.shape.kind === 'stuff' || thing.shape.kind === 'pouch';
/** A soft water container: points go through it. */
export const isWaterBag = (thing: Thing): boolean => thing.purpose === 'waterContainer' && isSoft(thing);
/** One that is drunk from on the way: it rides in its sleeve. */
export const isReservoir = (thing: Thing): boolean => isWaterBag(thing) && !isForCamp(thing);
/** Wanted before camp. */
export const isQuick = (thing: Thing): boolean => ['walking', 'hurry', 'stop'].includes(thing.needed);
/** All of it is eaten: a wrapper is left, and lies wherever that was. */
export const isSpent = ({ consumption }: Thing, day: number): boolean =>
  consumption !== undefined && consumption.toDay < day;
export const has = (thing: Thing, flag: Thing['flags'][number]): boolean => thing.flags.includes(flag);

/** From this density on a thing counts as dense, kg/L (Graft's own number: between clothes and food). */
export const DENSE_KG_PER_L = 0.3;

/** A thing used up takes no room; its density is then of no interest. */
const TINY_L = 0.01;
/** Of what is stowed, with what rides in it. */
export function stowedDensity(massKg: number, volumeL: number): number {
  return massKg / Math.max(TINY_L, volumeL);
}

export function densityKgPerL(thing: Thing): number {
  return thing.volumeL === 0 ? Infinity : thing.massKg / thing.volumeL;
}
