/**
 * Water along the way: how long it is from one sure source to the next, and how much that asks for. Only sources marked
 * sure count; a camp has water unless its leg says that it is dry; a cache gives what was laid there, and no more.
 */
import type { Trip } from '../trip/model.js';
/** Cooking, washing up and the evening's drinking at a dry camp, litres a person (Graft's own starting value). */
export declare const DRY_CAMP_L = 2;
/** The same without the cooking, where that is shared as pieces (Graft's own). */
export declare const DRY_EVENING_L = 0.5;
/** Litres are suggested in steps of a half. */
export declare const STEP_L = 0.5;
export interface DayWater {
    readonly day: number;
    /** The longest stretch of the day without sure water. */
    readonly fromKm: number;
    readonly toKm: number;
    readonly hours: number;
    /** Of what it asks for, each takes so much from caches on it, litres. */
    readonly fromCachesL: number;
    /** Suggested litres for it, without what caches give. */
    readonly waterL: number;
    /** Suggested litres for a dry camp and the way to the next day's first source. */
    readonly campWaterL: number;
    readonly dryCamp: boolean;
    /** Where bottles and bags must be full: the last sure water before the dry camp, or before the stretch. */
    readonly fillAt: string;
}
/**
 * Litres drunk an hour at a temperature: the trip's rate, and more above 20 °C.
 *
 * @param dayC the day's forecast maximum, or undefined where there is none
 */
export declare function drinkingLPerH(rateLPerH: number, dayC: number | undefined): number;
/** People who drink on a day, a usual portion counting as one. */
export declare function drinkers(trip: Trip, day: number): number;
/** Dry stretches and suggested litres, day by day. */
export declare function waterByDay(trip: Trip): readonly DayWater[];
/** Days on which the legs carry less than is suggested. */
export declare function daysShortOfWater(trip: Trip): readonly number[];
/** Legs that carry less than is suggested take the suggestion; those that carry more keep it. */
export declare function takeSuggestedWater(trip: Trip): Trip;
/** As many whole steps as it takes. */
export declare function inSteps(litres: number): number;
