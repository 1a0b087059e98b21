import { withTidyStows } from './changes.js';
import { NEW_IN_VERSION_6 } from './emptyTrip.js';
/**
 * The same party, way, kit and meals on new dates. What belonged to the old dates stays behind: forecast, conditions, wet
 * mornings, notes, loans and questions, findings put aside, handovers, what-ifs, who left on the way, and the record but
 * for whom to call.
 */
export function duplicateTrip(trip, id, name, startDate) {
    const { notes: _notes, departure: _departure, debriefedOn: _debriefedOn, ...rest } = trip;
    // What was handed over on the way has its place in the pack of its first carrier alone.
    return withTidyStows({
        ...rest,
        ...NEW_IN_VERSION_6,
        contacts: trip.contacts,
        id,
        name,
        startDate,
        weather: [],
        arrangements: [],
        dismissals: [],
        practice: [],
        handovers: [],
        variants: [],
        legs: trip.legs.map((leg) => ({ ...leg, afterRain: false })),
        members: trip.members.map(({ firstDay: _joins, lastDay: _left, ...m }) => ({ ...m, conditions: [] })),
    });
}
//# sourceMappingURL=duplicateTrip.js.map