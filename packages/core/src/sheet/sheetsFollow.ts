import type { Trip } from '../trip/model.js';

/**
 * Whether members' sheets show the plan as it stands, and not as a leader sent it last: on the way, when the leaders have
 * said so.
 */
export function sheetsFollow(trip: Pick<Trip, 'sendsOnTheWay' | 'departure' | 'events'>): boolean {
  return trip.sendsOnTheWay === true && (trip.departure !== undefined || trip.events.length > 0);
}
