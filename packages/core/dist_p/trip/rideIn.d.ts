/** In what a thing rides, by the leader's word. */
import type { Trip } from './model.js';
/**
 * @param holderId what it is to ride in; undefined for in nothing
 * @returns the trip with the word kept; one without such a thing comes back as it is
 */
export declare function rideIn(trip: Trip, thingId: string, holderId: string | undefined): Trip;
