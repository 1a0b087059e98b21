import type { Leg, Track, Trip } from '../trip/model.js';
/** End a day elsewhere on the track; held between its neighbours' ends. */
export declare function moveDayMark(trip: Trip, day: number, toKm: number): Trip;
/**
 * Lay a track under the trip: its days are spread over it as the typed distances are, evenly where some are not known, to
 * be dragged to where the camps are.
 */
export declare function adoptTrack(trip: Trip, track: Track): Trip;
/** Lay a track under the trip whose file says where the camps are; where it names as many as the trip has, days end there. */
export declare function adoptTrackWithCamps(trip: Trip, track: Track, campsKm: readonly number[]): Trip;
/**
 * What a change of the way takes away from what was typed: figures that are lower than before, day by day and in sum.
 *
 * @returns words; empty where no typed figure got lower
 */
export declare function loweredBy(before: Trip, after: Trip): readonly string[];
/** Take the track away; the legs keep their figures. */
export declare function dropTrack(trip: Trip): Trip;
/** Change a leg. A distance changed by hand moves the waypoints behind it along, on a trip without a track. */
export declare function putLeg(trip: Trip, leg: Leg): Trip;
/**
 * Put a day in after `day` (0: before the first). On a track the new day takes the second half of the day before it,
 * or the first half of the first; without one it starts without a way.
 */
export declare function insertDay(trip: Trip, day: number): Trip;
/** Take a day out; on a track its way goes to the day before it, or, for the first, to the day after. */
export declare function removeDay(trip: Trip, day: number): Trip;
/** Split a day in two: on a track at its middle, without one every figure is halved. */
export declare function splitDay(trip: Trip, day: number): Trip;
/**
 * Move some of a day's way to a neighbour: the day's end goes back (`toDay` = day + 1) or its start goes on
 * (`toDay` = day − 1). Without a track the way is taken to be even.
 */
export declare function passDistance(trip: Trip, day: number, toDay: number, byKm: number): Trip;
