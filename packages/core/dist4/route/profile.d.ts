/** Reading a track: elevation at a distance, climb and descent between two, slopes for the time models. */
import type { Track } from '../trip/model.js';
/** A stretch of even slope. */
export interface Slope {
    readonly distanceKm: number;
    /** Metres up, negative down. */
    readonly riseM: number;
}
/** Ups and downs smaller than this are the instrument's, not the ground's, m (Graft's own number). */
export declare const CLIMB_THRESHOLD_M = 5;
export declare function trackLengthKm(track: Track): number;
/** Metres above the sea, or undefined for a track without elevations. */
export declare function elevationAt(track: Track, km: number): number | undefined;
export declare function positionAt(track: Track, km: number): {
    readonly latitudeDeg: number;
    readonly longitudeDeg: number;
};
/**
 * Climb and descent between turning points: a turn counts once the ground has gone back by the threshold, so that a
 * trembling instrument adds nothing, and every real hill counts whole.
 *
 * @param elevationM elevations in walking order, m
 */
export declare function climbAndDescent(elevationM: readonly number[], thresholdM?: number): {
    readonly climbM: number;
    readonly descentM: number;
};
export declare function climbBetween(track: Track, fromKm: number, toKm: number): {
    readonly climbM: number;
    readonly descentM: number;
};
/** Slopes between two distances in pieces of about 100 m; level for a track without elevations. */
export declare function slopesBetween(track: Track, fromKm: number, toKm: number): readonly Slope[];
