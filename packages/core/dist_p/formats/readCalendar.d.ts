import type { Trip } from '../trip/model.js';
export interface CalendarTrip {
    readonly name: string;
    /** ISO date. */
    readonly startDate: string;
    readonly days: number;
}
/** Events of a calendar that can be a trip. */
export interface CalendarEvents {
    /** What is likely the trip comes first: what Graft wrote, then whole days before hours, longer before shorter. */
    readonly events: readonly CalendarTrip[];
    /** The first is surely the trip: Graft wrote it as such, or there is no other. */
    readonly isSure: boolean;
    /** Cancelled ones, which are not among them. */
    readonly cancelled: number;
    /** Those whose dates nobody can read, which are not either. */
    readonly unreadable: number;
}
/**
 * The events that can be the trip. Hours count as the days they touch; midnight ends a day and begins none.
 *
 * @throws InvalidInputError for a text that is no calendar, or one without an event of 1 to 60 days
 */
export declare function readCalendarEvents(text: string): CalendarEvents;
/** The trip on a calendar's dates. Days that it has more are put in at the end; days it has fewer stay, for the leader to take out. */
export declare function takeCalendar(trip: Trip, calendar: CalendarTrip): Trip;
