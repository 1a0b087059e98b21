/**
 * Water that the party lays beforehand, where a stretch or a camp is dry. It is met on the way, and so much less is carried
 * (common practice, no source).
 */
import type { Trip } from '../trip/model.js';
/** A trip whose plan drinks of a cache. */
export interface LaidCache {
    readonly trip: Trip;
    /** What is laid, litres. */
    readonly litres: number;
    /** What each carries less for it, litres; portions are of this. */
    readonly eachL: number;
}
/** A cache in the middle of a day's driest stretch, with half of its water; undefined where the way has no length. */
export declare function cacheOnTheWay(trip: Trip, day: number): LaidCache | undefined;
/** A cache at a day's dry camp, with what evening and morning ask for; undefined where the camp has water. */
export declare function cacheAtCamp(trip: Trip, day: number): LaidCache | undefined;
