import type { Trip } from '../trip/model.js';
/**
 * The sizes of tents that sleep so many at the least mass, the largest first.
 *
 * @param spare places that stay free in each
 */
export declare function tentSizes(people: number, spare?: number): readonly number[];
/**
 * @param stoves cook groups to make where there is neither one nor a stove; by the size of the party when absent
 */
export declare function groupParty(trip: Trip, stoves?: number): Trip;
/** Whether a step of grouping would place anybody. */
export declare function canGroup(trip: Trip): boolean;
