/** Dates of a trip, in the reader's own way of writing them; calendar days, no time zone. */
import { addDays } from '@graft/core';

const SHORT_DAY = { weekday: 'short', day: 'numeric' } as const;
const WHOLE_DATE = { day: 'numeric', month: 'short', year: 'numeric' } as const;

function format(parts: Intl.DateTimeFormatOptions): Intl.DateTimeFormat {
  return new Intl.DateTimeFormat(undefined, { ...parts, timeZone: 'UTC' });
}
const midnight = (isoDate: string): Date => new Date(`${isoDate}T00:00:00Z`);

export function tripDates(startDate: string, days: number): string {
  const whole = format(WHOLE_DATE);
  const start = midnight(startDate);
  return days === 1 ? whole.format(start) : whole.formatRange(start, midnight(addDays(startDate, days - 1)));
}

/** "Mon 10 May" for a day of the trip. */
export function dayDate(startDate: string, day: number): string {
  return format({ ...SHORT_DAY, month: 'short' }).format(midnight(addDays(startDate, day - 1)));
}

/** "Mon 10", where the month is plain from what stands around it. */
export function shortDay(startDate: string, day: number): string {
  return format(SHORT_DAY).format(midnight(addDays(startDate, day - 1)));
}

/** "Sat 24 Apr 2027" for an ISO date. */
export function dateWords(isoDate: string): string {
  return format({ weekday: 'short', ...WHOLE_DATE }).format(midnight(isoDate));
}

/** Today by the clock on the wall, as an ISO date. */
export function today(): string {
  const now = new Date();
  return new Date(now.getTime() - now.getTimezoneOffset() * 60_000).toISOString().slice(0, 10);
}
