/** Calendar days as ISO dates, YYYY-MM-DD, and instants as they stand on a clock. */
const DAY_MS = 86_400_000;

/** Days since 1 January 1970. */
export function dayNumber(isoDate: string): number {
  return Date.parse(`${isoDate}T00:00:00Z`) / DAY_MS;
}

/** The date so many days later, or earlier for a negative number. */
export function addDays(isoDate: string, days: number): string {
  return new Date((dayNumber(isoDate) + days) * DAY_MS).toISOString().slice(0, 10);
}

/** An instant by the clocks of a time zone, as YYYY-MM-DDTHH:MM. */
export function localMoment(instant: Date, timeZone: string): string {
  // Swedish writes dates as ISO 8601 does.
  const text = new Intl.DateTimeFormat('sv-SE', {
    timeZone,
    dateStyle: 'short',
    timeStyle: 'short',
  }).format(instant);
  return text.replace(' ', 'T');
}
