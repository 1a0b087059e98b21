/** The trip's dates before leaving: common practice, no source (a shakedown two weeks ahead, forecast days before). */
import type { Trip } from '../trip/model.js';
export interface PreparationDate {
    readonly id: string;
    /** ISO date. */
    readonly date: string;
    readonly title: string;
    readonly what: string;
}
/** The dates of a trip, earliest first; those that have passed are still listed. */
export declare function preparationDates(trip: Pick<Trip, 'startDate'>): readonly PreparationDate[];
