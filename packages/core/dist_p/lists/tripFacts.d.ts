/** What a kit list hangs on: nights, the coldest of them at the camps, rain, wind, insects, sun, snow, cooking. */
import type { Insects, Trip } from '../trip/model.js';
export interface TripFacts {
    readonly days: number;
    readonly nights: number;
    /** Coldest night at a camp, °C; undefined while no night has a forecast. */
    readonly coldestNightC: number | undefined;
    /** Nights on the way without a forecast. */
    readonly nightsUnknown: number;
    /** Snow, winter or a high camp: cold whatever a forecast says or leaves out. */
    readonly coldByNature: boolean;
    /** The night that kit is chosen for, °C: the coldest known, and what is taken for nights that nobody knows. */
    readonly plannedNightC: number;
    /** Coldest and warmest day, °C, at the height of that day's camp. */
    readonly coldestDayC: number | undefined;
    readonly warmestDayC: number | undefined;
    /** Largest chance of rain of any day, 0 to 1. */
    readonly rainChance: number | undefined;
    readonly windKmh: number | undefined;
    /** Days of the trip without a forecast. */
    readonly daysUnknown: number;
    readonly insects: Insects | undefined;
    readonly snow: boolean;
    readonly scramble: boolean;
    /** A day on a glacier or of climbing. */
    readonly roped: boolean;
    readonly cooks: boolean;
    readonly tents: boolean;
}
/** What the trip says of itself and its weather. */
export declare function tripFacts(trip: Trip): TripFacts;
/** The trip's last date. */
export declare function lastDate(trip: Trip): string;
/** Whole days from one ISO date to another, negative when it lies before. */
export declare function daysBetween(from: string, to: string): number;
