import type { Reliance, Trip } from '../trip/model.js';
export interface WaterWay {
    readonly distanceKm: number;
    readonly climbM: number;
    readonly hours: number;
    readonly needL: number;
    /** What is left on arrival, litres; negative when it runs out before. */
    readonly leftL: number;
    /** How far the litres reach, km; the whole distance when they do. */
    readonly reachKm: number;
}
/**
 * @param litres what each has, 0 or more
 * @param lPerH what each drinks an hour, more than 0
 * @param pace walking time as a multiple of Naismith's
 */
export declare function waterWay(litres: number, distanceKm: number, climbM: number, lPerH: number, pace?: number): WaterWay;
export interface SourceAhead extends WaterWay {
    readonly name: string;
    readonly atKm: number;
    /** Of a water place; camps with water and the end of the trip are sure. */
    readonly reliance: Reliance;
    /** A cache holds no more than what was laid there, litres. */
    readonly cacheL?: number;
}
/** The day on which a place lies. */
export declare function dayAtKm(trip: Trip, atKm: number): number;
/**
 * Places with water ahead, nearest first, up to and with the second sure one: the next, and what it means to pass it.
 *
 * @param atKm where the party is, kilometres from the start
 * @param litres what each has left
 */
export declare function waterAhead(trip: Trip, atKm: number, litres: number): readonly SourceAhead[];
