/** A trip's dates out of an iCalendar file (RFC 5545), read by the `ical.js` package: what `tripCalendar` writes, and others like it. */
import ICAL from 'ical.js';
import { insertDay } from '../route/legChanges.js';
import type { Trip } from '../trip/model.js';
import { dayNumber } from '../units/isoDate.js';
import { MAX_DAYS } from '../schema/schemaParts.js';
import { InvalidInputError } from '../schema/fieldError.js';

export interface CalendarTrip {
  readonly name: string;
  /** ISO date. */
  readonly startDate: string;
  readonly days: number;
}

/**
 * The event that is the trip: the one that Graft wrote as such, or the longest of whole days.
 *
 * @throws InvalidInputError for a text that is no calendar, or one without events of whole days
 */
export function readTripCalendar(text: string): CalendarTrip {
  const calendar = parsed(text);
  const events = calendar.getAllSubcomponents('vevent').flatMap((component) => {
    const event = new ICAL.Event(component);
    const { startDate } = event;
    // An event may have no start at all, whatever the types say.
    if ((startDate as ICAL.Time | null) === null || !startDate.isDate) return [];
    const from = startDate.toString();
    const days = dayNumber(event.endDate.toString().slice(0, 10)) - dayNumber(from);
    // Nor need it have a name of its own or a title.
    const { uid, summary } = event as { uid: string | null; summary: string | null };
    return [{ isTrip: uid?.endsWith('-trip@graft') === true, name: summary ?? '', startDate: from, days }];
  });
  const trip =
    events.find((e) => e.isTrip) ??
    events.reduce<(typeof events)[number] | undefined>(
      (longest, e) => (longest === undefined || e.days > longest.days ? e : longest),
      undefined,
    );
  if (trip === undefined)
    throw new InvalidInputError([
      { path: '', message: 'expected a calendar with an event of whole days, got none' },
    ]);
  if (trip.days < 1 || trip.days > MAX_DAYS)
    throw new InvalidInputError([
      { path: 'DTEND', message: `expected a trip of 1 to ${MAX_DAYS} days, got ${trip.days}` },
    ]);
  return { name: trip.name, startDate: trip.startDate, days: trip.days };
}

function parsed(text: string): ICAL.Component {
  try {
    const root = new ICAL.Component(ICAL.parse(text) as unknown[]);
    if (root.name === 'vcalendar') return root;
  } catch (error) {
    // What the library says of a broken line helps whoever wrote the file; its class is not exported.
    const message = error instanceof Error ? error.message : String(error);
    throw new InvalidInputError([{ path: '', message: `expected an iCalendar file: ${message}` }]);
  }
  throw new InvalidInputError([{ path: '', message: 'expected an iCalendar file (BEGIN:VCALENDAR)' }]);
}

/** The trip on a calendar's dates. Days that it has more are put in at the end; days it has fewer stay, for the leader to take out. */
export function takeCalendar(trip: Trip, calendar: CalendarTrip): Trip {
  let next: Trip = { ...trip, startDate: calendar.startDate };
  while (next.legs.length < calendar.days) next = insertDay(next, next.legs.length);
  return next;
}
