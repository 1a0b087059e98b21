import { tripCalendar, type CalendarParts } from '@graft/core/formats';
import { preparationDates } from '@graft/core/prepare';
import type { Trip } from '@graft/core/trip';
import { today } from './dates';
import { download } from './download';

/** Hand over a trip's dates as a calendar file, with what is still to be done before it and a member's training. */
export function saveCalendar(trip: Trip, training?: CalendarParts['training']): void {
  const now = today();
  download(
    `${trip.id}${training === undefined ? '' : `-${training.memberId}`}.ics`,
    'text/calendar',
    tripCalendar({
      trip,
      preparation: preparationDates(trip).filter((p) => p.date >= now),
      ...(training === undefined ? {} : { training }),
      writtenAt: new Date(),
    }),
  );
}
