import type { Trip } from '../trip/model.js';
/**
 * Note down every limit that a change of the trip has moved. Conditions do not count: they come and go with their days.
 *
 * @param today ISO date of the entry
 * @param who name of the person who made the change
 * @param why the change in words
 */
export declare function recordLimitChanges(before: Trip, after: Trip, today: string, who: string, why: string): Trip;
