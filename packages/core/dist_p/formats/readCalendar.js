/** A trip's dates out of an iCalendar file (RFC 5545), read by the `ical.js` package: what `tripCalendar` writes, and others like it. */
import ICAL from 'ical.js';
import { insertDay } from '../route/legChanges.js';
import { dayNumber } from '../units/isoDate.js';
import { MAX_DAYS } from '../schema/schemaParts.js';
import { InvalidInputError } from '../schema/fieldError.js';
/**
 * The events that can be the trip. Hours count as the days they touch; midnight ends a day and begins none.
 *
 * @throws InvalidInputError for a text that is no calendar, or one without an event of 1 to 60 days
 */
export function readCalendarEvents(text) {
    const read = parsed(text).flatMap((calendar) => calendar.getAllSubcomponents('vevent').map(eventOf));
    const all = read.filter((e) => e !== undefined);
    const there = all.filter((e) => !e.isCancelled);
    const events = there.filter((e) => e.days >= 1 && e.days <= MAX_DAYS);
    if (events.length === 0) {
        const [long] = there;
        throw new InvalidInputError([
            long === undefined
                ? { path: '', message: 'expected a calendar with an event of one day or more, got none' }
                : { path: 'DTEND', message: `expected a trip of 1 to ${MAX_DAYS} days, got ${long.days}` },
        ]);
    }
    const sorted = [...events].sort((a, b) => Number(b.isTrip) - Number(a.isTrip) ||
        Number(b.isWhole) - Number(a.isWhole) ||
        b.days - a.days ||
        (a.startDate < b.startDate ? -1 : 1));
    return {
        events: sorted.map(({ name, startDate, days }) => ({ name, startDate, days })),
        isSure: sorted.length === 1 || sorted[0].isTrip,
        cancelled: all.length - there.length,
        unreadable: read.length - all.length,
    };
}
const isoOf = ({ year, month, day }) => `${String(year).padStart(4, '0')}-${String(month).padStart(2, '0')}-${String(day).padStart(2, '0')}`;
const ISO_DATE = /^\d{4}-\d{2}-\d{2}$/;
/** A time of an event; a date that the library cannot read is none, and its event is told as unreadable. */
function timeOf(component, name) {
    try {
        const time = component.getFirstPropertyValue(name);
        return time instanceof ICAL.Time ? time : undefined;
    }
    catch (error) {
        if (error instanceof Error && error.message.startsWith('Could not extract integer'))
            return undefined;
        throw error;
    }
}
/** An event, or nothing where it has no day that can be read. */
function eventOf(component) {
    const start = timeOf(component, 'dtstart');
    if (start === undefined)
        return undefined;
    const end = timeOf(component, 'dtend') ?? start;
    const [from, to] = [isoOf(start), isoOf(end)];
    if (!ISO_DATE.test(from) || !ISO_DATE.test(to))
        return undefined;
    const isMidnight = !end.isDate && end.hour === 0 && end.minute === 0 && end.second === 0;
    const touched = dayNumber(to) - dayNumber(from);
    const days = start.isDate || isMidnight ? touched : touched + 1;
    const said = (name) => String(component.getFirstPropertyValue(name) ?? '');
    return {
        isTrip: said('uid').endsWith('-trip@graft'),
        isWhole: start.isDate,
        isCancelled: said('status').toUpperCase() === 'CANCELLED',
        name: said('summary'),
        startDate: from,
        // An event without a length is of its day.
        days: Math.max(1, days),
    };
}
/** The calendars of a file: some programs write several into one. */
function parsed(text) {
    try {
        const root = ICAL.parse(text);
        const roots = Array.isArray(root[0]) ? root : [root];
        const calendars = roots.map((r) => new ICAL.Component(r)).filter((c) => c.name === 'vcalendar');
        if (calendars.length > 0)
            return calendars;
    }
    catch (error) {
        // What the library says of a broken line helps whoever wrote the file; its class is not exported.
        const message = error instanceof Error ? error.message : String(error);
        throw new InvalidInputError([{ path: '', message: `expected an iCalendar file: ${message}` }]);
    }
    throw new InvalidInputError([{ path: '', message: 'expected an iCalendar file (BEGIN:VCALENDAR)' }]);
}
/** The trip on a calendar's dates. Days that it has more are put in at the end; days it has fewer stay, for the leader to take out. */
export function takeCalendar(trip, calendar) {
    let next = { ...trip, startDate: calendar.startDate };
    while (next.legs.length < calendar.days)
        next = insertDay(next, next.legs.length);
    return next;
}
//# sourceMappingURL=readCalendar.js.map