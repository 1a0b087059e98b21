/** The trip's dates as iCalendar (RFC 5545), written by the `ics` package: preparation, training walks, the trip and its days. */
import { createEvents } from 'ics';
import { formatWay } from '../units/format.js';
import { addDays } from '../units/isoDate.js';
const dateArray = (isoDate) => isoDate.split('-').map(Number);
/** The calendar's text, with whole-day events, which have no time zone to get wrong. */
export function tripCalendar({ trip, preparation, training, writtenAt }) {
    // The package reads a stamp of its own name that its types do not list.
    const event = (id, date, days, title, description) => ({
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
        ...(training?.walks ?? []).map((w) => event(`training-${training.memberId}-${w.date}`, w.date, 1, `Training walk, ${training.name}: ${w.loadKg.toFixed(1)} kg, ${w.hours} h`, w.easy
            ? 'An easy week before leaving.'
            : 'Stop and refit for pain, numb hands or tingling arms. A planning estimate, not medical advice.')),
        event('trip', trip.startDate, trip.legs.length, trip.name, ''),
        ...trip.legs.map((leg, i) => event(`day-${i + 1}`, addDays(trip.startDate, i), 1, `${trip.name}, day ${i + 1}: ${leg.name}`, formatWay(leg))),
    ];
    const { error, value } = createEvents(events);
    if (error !== null && error !== undefined)
        throw error;
    return value;
}
//# sourceMappingURL=calendar.js.map