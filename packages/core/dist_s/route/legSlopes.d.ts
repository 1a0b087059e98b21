/** Where each day's stretch lies along the way, and its slopes: from the track, or evened out where there is none. */
import type { Leg, Trip } from '../trip/model.js';
import { type Slope } from './profile.js';
export interface DayStretch {
    readonly fromKm: number;
    readonly toKm: number;
}
/** Each leg's start and end in kilometres from the start of the trip: by day marks on a track, else by summing legs. */
export declare function dayStretches(trip: Pick<Trip, 'legs' | 'track' | 'dayMarksKm'>): readonly DayStretch[];
/** The day on whose way a place lies; one at a camp is of the day that ends there, one beyond the end of the last. */
export declare function dayOfPlace(trip: Trip, atKm: number): number;
/** A leg's slopes without a track: up and down equally steep, sharing the distance by their metres. */
export declare function evenSlopes(leg: Pick<Leg, 'distanceKm' | 'climbM' | 'descentM'>): readonly Slope[];
/** The slopes of a day. */
export declare function slopesOfDay(trip: Trip, day: number): readonly Slope[];
