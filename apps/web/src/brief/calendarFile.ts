/** Loaded when a calendar is read. */
export { readCalendarEvents, takeCalendar } from '@graft/core/formats';
