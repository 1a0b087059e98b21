import type { Trip } from './model.js';

/**
 * The same party, way, kit and meals on new dates. What belonged to the old dates stays behind: forecast, conditions, wet
 * mornings, notes, loans and questions, findings put aside, handovers, what-ifs, who left on the way.
 */
export function duplicateTrip(trip: Trip, id: string, name: string, startDate: string): Trip {
  const { notes: _notes, ...rest } = trip;
  return {
    ...rest,
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
    members: trip.members.map(({ lastDay: _left, ...m }) => ({ ...m, conditions: [] })),
  };
}
