/** Dates of a trip, in the reader's own way of writing them in English; calendar days, no time zone. */
import { addDays } from '@graft/core/units';
import { wayOf, written, type DateWay } from './dateWay';
import { LOCALE } from './locale';

const SHORT_DAY = { weekday: 'short', day: 'numeric' } as const;
const WHOLE_DATE = { day: 'numeric', month: 'short', year: 'numeric' } as const;
const KINDS = {
  shortDay: SHORT_DAY,
  longDay: { ...SHORT_DAY, month: 'short' },
  longDate: { weekday: 'short', ...WHOLE_DATE },
  wholeDate: WHOLE_DATE,
} as const;
type Kind = keyof typeof KINDS;

/** Made once each: a formatter takes tens of milliseconds to make, and dates stand in tables. */
const formatters = new Map<Kind, Intl.DateTimeFormat>();
function formatter(kind: Kind): Intl.DateTimeFormat {
  const known = formatters.get(kind);
  if (known !== undefined) return known;
  const made = new Intl.DateTimeFormat(LOCALE, { ...KINDS[kind], timeZone: 'UTC' });
  formatters.set(kind, made);
  return made;
}

const KEY = 'graft.dates';
type Ways = Partial<Readonly<Record<Kind, DateWay>>>;
/** Another browser, or another version of it, may write dates in another way. */
const writtenBy = (): string => `${LOCALE} ${navigator.userAgent}`;

/** As this browser has written dates before; undefined where it has not, or where somebody else wrote under our key. */
function keptWays(): Ways | undefined {
  try {
    const kept = JSON.parse(localStorage.getItem(KEY) ?? '{}') as {
      readonly by?: string;
      readonly ways?: Ways;
    };
    return kept.by === writtenBy() ? kept.ways : undefined;
  } catch {
    return undefined;
  }
}
function keepWays(): void {
  const made = (Object.keys(KINDS) as Kind[]).map((kind) => [kind, wayOf(formatter(kind))] as const);
  localStorage.setItem(KEY, JSON.stringify({ by: writtenBy(), ways: Object.fromEntries(made) }));
}

/** Once the page is at rest. */
const AT_REST_MS = 5000;
let ways: Ways | undefined;
function knownWays(): Ways {
  if (ways !== undefined) return ways;
  ways = keptWays();
  if (ways === undefined && typeof localStorage !== 'undefined') setTimeout(keepWays, AT_REST_MS);
  return (ways ??= {});
}

function write(kind: Kind, isoDate: string): string {
  const way = knownWays()[kind];
  const date = midnight(isoDate);
  return way === undefined ? formatter(kind).format(date) : written(way, date);
}
const midnight = (isoDate: string): Date => new Date(`${isoDate}T00:00:00Z`);

export function tripDates(startDate: string, days: number): string {
  if (days === 1) return write('wholeDate', startDate);
  return formatter('wholeDate').formatRange(midnight(startDate), midnight(addDays(startDate, days - 1)));
}

/** "Mon 10 May" for a day of the trip. */
export function dayDate(startDate: string, day: number): string {
  return write('longDay', addDays(startDate, day - 1));
}

/** "Mon 10", where the month is plain from what stands around it. */
export function shortDay(startDate: string, day: number): string {
  return write('shortDay', addDays(startDate, day - 1));
}

/** "Sat 24 Apr 2027" for an ISO date. */
export function dateWords(isoDate: string): string {
  return write('longDate', isoDate);
}

/** Today by the clock on the wall, as an ISO date. */
export function today(): string {
  const now = new Date();
  return new Date(now.getTime() - now.getTimezoneOffset() * 60_000).toISOString().slice(0, 10);
}
