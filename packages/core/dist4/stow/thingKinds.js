export const is = (...purposes) => (thing) => purposes.includes(thing.purpose);
export const isTent = is('tentBody', 'tentFly', 'footprint');
export const isFirstAid = is('firstAid');
export const isRain = is('rainwear');
export const isFood = is('food', 'foodContainer');
/** What is eaten, without what it rides in. */
export const isEaten = is('food', 'snack');
export const isClothing = is('clothing', 'warmLayer', 'spareClothing', 'handsHead');
export const isSoft = (thing) => thing.shape.kind === 'stuff' || thing.shape.kind === 'pouch';
/** A soft water container: it rides in its sleeve. */
export const isReservoir = (thing) => thing.purpose === 'waterContainer' && isSoft(thing);
/** Wanted before camp. */
export const isQuick = (thing) => ['walking', 'hurry', 'stop'].includes(thing.needed);
/** All of it is eaten: a wrapper is left, and lies wherever that was. */
export const isSpent = ({ consumption }, day) => consumption !== undefined && consumption.toDay < day;
export const has = (thing, flag) => thing.flags.includes(flag);
/** From this density on a thing counts as dense, kg/L (Graft's own number: between clothes and food). */
export const DENSE_KG_PER_L = 0.3;
/** A thing used up takes no room; its density is then of no interest. */
const TINY_L = 0.01;
/** Of what is stowed, with what rides in it. */
export function stowedDensity(massKg, volumeL) {
    return massKg / Math.max(TINY_L, volumeL);
}
export function densityKgPerL(thing) {
    return thing.volumeL === 0 ? Infinity : thing.massKg / thing.volumeL;
}
//# sourceMappingURL=thingKinds.js.map