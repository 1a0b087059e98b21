import { dayNumber, localMoment } from '../units/isoDate.js';
import type { MemberSheet } from './memberSheet.js';

/** By then most parties are in camp; local hour of the trip (common practice, no source). */
const IN_CAMP_H = 16;

/**
 * How many days of the trip have been walked, by the clock of where it is: how a day felt is asked then, and not before.
 *
 * @returns 0 before the first day is over; more than the trip has days when it is long over
 */
export function daysOver(
  { startDate, timeZone }: Pick<MemberSheet, 'startDate' | 'timeZone'>,
  now: Date,
): number {
  const [date, time] = localMoment(now, timeZone).split('T') as [string, string];
  const begun = dayNumber(date) - dayNumber(startDate);
  return Math.max(0, Number(time.slice(0, 2)) >= IN_CAMP_H ? begun + 1 : begun);
}
