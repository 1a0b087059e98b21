/** What kind of thing the placement rules see in a thing. */
import type { Thing } from '../trip/model.js';
export declare const is: (...purposes: readonly Thing['purpose'][]) => (thing: Thing) => boolean;
export declare const isTent: (thing: Thing) => boolean;
export declare const isFirstAid: (thing: Thing) => boolean;
export declare const isRain: (thing: Thing) => boolean;
export declare const isFood: (thing: Thing) => boolean;
/** What is eaten, without what it rides in. */
export declare const isEaten: (thing: Thing) => boolean;
export declare const isClothing: (thing: Thing) => boolean;
export declare const isSoft: (thing: Thing) => boolean;
/** A soft water container: it rides in its sleeve. */
export declare const isReservoir: (thing: Thing) => boolean;
/** Wanted before camp. */
export declare const isQuick: (thing: Thing) => boolean;
/** All of it is eaten: a wrapper is left, and lies wherever that was. */
export declare const isSpent: ({ consumption }: Thing, day: number) => boolean;
export declare const has: (thing: Thing, flag: Thing['flags'][number]) => boolean;
/** From this density on a thing counts as dense, kg/L (Graft's own number: between clothes and food). */
export declare const DENSE_KG_PER_L = 0.3;
/** Of what is stowed, with what rides in it. */
export declare function stowedDensity(massKg: number, volumeL: number): number;
export declare function densityKgPerL(thing: Thing): number;
