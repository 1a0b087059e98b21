/** The trip's dates as iCalendar (RFC 5545), written by the `ics` package: preparation, training walks, the trip and its days. */
import { createEvents, type DateArray, type EventAttributes } from 'ics';
import type { PreparationDate } from '../prepare/preparation.js';
import type { TrainingWalk } from '../prepare/trainingLadder.js';
import type { Trip } from '../trip/model.js';
import { formatWay } from '../units/format.js';
import { addDays } from '../units/isoDate.js';

export interface CalendarParts {
  readonly trip: Pick<Trip, 'id' | 'name' | 'startDate' | 'legs'>;
  readonly preparation: readonly PreparationDate[];
  /** Whose training it is; a member's name stands in the title, their body weight nowhere. */
  readonly training?: {
    readonly memberId: string;
    readonly name: string;
    readonly walks: readonly TrainingWalk[];
  };
  /** When the calendar was written, for the events' stamps. */
  readonly writtenAt: Date;
}

const dateArray = (isoDate: string): DateArray => isoDate.split('-').map(Number) as [number, number, number];

/** The calendar's text, with whole-day events, which have no time zone to get wrong. */
export function tripCalendar({ trip, preparation, training, writtenAt }: CalendarParts): string {
  // The package reads a stamp of its own name that its types do not list.
  const event = (
    id: string,
    date: string,
    days: number,
    title: string,
    description: string,
  ): EventAttributes & { readonly timestamp: number } => ({
    uid: `${trip.id}-${id}@graft`,
    start: dateArray(date),
    end: dateArray(addDays(date, days)),
    title,
    description,
    timestamp: writtenAt.getTime(),
    productId: 'graft',
    calName: trip.name,
    busyStatus: 'FREE',
  });
  const events = [
    ...preparation.map((p) => event(p.id, p.date, 1, `${p.title}: ${trip.name}`, p.what)),
    ...(training?.walks ?? []).map((w) =>
      event(
        `training-${training!.memberId}-${w.date}`,
        w.date,
        1,
        `Training walk, ${training!.name}: ${w.loadKg.toFixed(1)} kg, ${w.hours} h`,
        w.easy
          ? 'An easy week before leaving.'
          : 'Stop and refit for pain, numb hands or tingling arms. A planning estimate, not medical advice.',
      ),
    ),
    event('trip', trip.startDate, trip.legs.length, trip.name, ''),
    ...trip.legs.map((leg, i) =>
      event(
        `day-${i + 1}`,
        addDays(trip.startDate, i),
        1,
        `${trip.name}, day ${i + 1}: ${leg.name}`,
        formatWay(leg),
      ),
    ),
  ];
  const { error, value } = createEvents(events);
  if (error !== null && error !== undefined) throw error;
  return value!;
}
