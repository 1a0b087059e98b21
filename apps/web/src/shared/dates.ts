/** Dates of a trip, in the reader's own way of writing them; calendar days, no time zone. */
const DAY_MS = 86_400_000;

export function tripDates(startDate: string, days: number): string {
  const start = new Date(`${startDate}T00:00:00Z`);
  const end = new Date(start.getTime() + (days - 1) * DAY_MS);
  const format = new Intl.DateTimeFormat(undefined, {
    day: 'numeric',
    month: 'short',
    year: 'numeric',
    timeZone: 'UTC',
  });
  return days === 1 ? format.format(start) : format.formatRange(start, end);
}

/** "Mon 10 May" for a day of the trip. */
export function dayDate(startDate: string, day: number): string {
  const date = new Date(new Date(`${startDate}T00:00:00Z`).getTime() + (day - 1) * DAY_MS);
  return new Intl.DateTimeFormat(undefined, {
    weekday: 'short',
    day: 'numeric',
    month: 'short',
    timeZone: 'UTC',
  }).format(date);
}

/** "Mon 10", where the month is plain from what stands around it. */
export function shortDay(startDate: string, day: number): string {
  const date = new Date(new Date(`${startDate}T00:00:00Z`).getTime() + (day - 1) * DAY_MS);
  return new Intl.DateTimeFormat(undefined, { weekday: 'short', day: 'numeric', timeZone: 'UTC' }).format(
    date,
  );
}

/** "Sat 24 Apr 2027" for an ISO date. */
export function dateWords(isoDate: string): string {
  return new Intl.DateTimeFormat(undefined, {
    weekday: 'short',
    day: 'numeric',
    month: 'short',
    year: 'numeric',
    timeZone: 'UTC',
  }).format(new Date(`${isoDate}T00:00:00Z`));
}
