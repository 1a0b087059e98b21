/** What a thing weighs and takes up on a day: food shrinks, things join and leave, flies get wet. */
import type { Leg, Thing } from '../trip/model.js';
/** Whether a thing is carried on a day: between the days it joins and leaves. */
export declare function isCarriedOn(thing: Thing, day: number): boolean;
/** What is left of a consumed thing on a day's morning, from 1 (full) to 0 (only the residue is left). */
export declare function shareLeft(thing: Thing, day: number): number;
/**
 * Mass of a thing at a day's heaviest moment, kg.
 *
 * @param thing the thing; its consumption falls evenly from the morning of fromDay to after toDay
 * @param day day of the trip, from 1
 * @param leg that day's leg, which says whether it is packed wet
 */
export declare function massOnDayKg(thing: Thing, day: number, leg: Leg): number;
/** Volume of a thing on a day, litres. Food that is eaten frees its volume; a hard canister keeps it. */
export declare function volumeOnDayL(thing: Thing, day: number): number;
