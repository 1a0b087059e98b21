/** Dates of a trip, in the reader's own way of writing them in English; calendar days, no time zone. */
import { addDays } from '@graft/core/units';
import { LOCALE } from './locale';

const SHORT_DAY = { weekday: 'short', day: 'numeric' } as const;
const LONG_DAY = { ...SHORT_DAY, month: 'short' } as const;
const WHOLE_DATE = { day: 'numeric', month: 'short', year: 'numeric' } as const;
const LONG_DATE = { weekday: 'short', ...WHOLE_DATE } as const;

/** Made once each: a formatter takes tens of milliseconds to make, and dates stand in tables. */
const formatters = new Map<Intl.DateTimeFormatOptions, Intl.DateTimeFormat>();
function format(parts: Intl.DateTimeFormatOptions): Intl.DateTimeFormat {
  const known = formatters.get(parts);
  if (known !== undefined) return known;
  const made = new Intl.DateTimeFormat(LOCALE, { ...parts, timeZone: 'UTC' });
  formatters.set(parts, made);
  return made;
}
const midnight = (isoDate: string): Date => new Date(`${isoDate}T00:00:00Z`);

export function tripDates(startDate: string, days: number): string {
  const whole = format(WHOLE_DATE);
  const start = midnight(startDate);
  return days === 1 ? whole.format(start) : whole.formatRange(start, midnight(addDays(startDate, days - 1)));
}

/** "Mon 10 May" for a day of the trip. */
export function dayDate(startDate: string, day: number): string {
  return format(LONG_DAY).format(midnight(addDays(startDate, day - 1)));
}

/** "Mon 10", where the month is plain from what stands around it. */
export function shortDay(startDate: string, day: number): string {
  return format(SHORT_DAY).format(midnight(addDays(startDate, day - 1)));
}

/** "Sat 24 Apr 2027" for an ISO date. */
export function dateWords(isoDate: string): string {
  return format(LONG_DATE).format(midnight(isoDate));
}

/** Today by the clock on the wall, as an ISO date. */
export function today(): string {
  const now = new Date();
  return new Date(now.getTime() - now.getTimezoneOffset() * 60_000).toISOString().slice(0, 10);
}
