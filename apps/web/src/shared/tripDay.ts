import type { Trip } from '@graft/core/trip';
import { dayNumber } from '@graft/core/units';

/** Which day of the trip a date is; undefined before and after it. */
export function tripDay(trip: Pick<Trip, 'startDate' | 'legs'>, isoDate: string): number | undefined {
  const day = dayNumber(isoDate) - dayNumber(trip.startDate) + 1;
  return day >= 1 && day <= trip.legs.length ? day : undefined;
}
