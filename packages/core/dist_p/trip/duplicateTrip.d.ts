import type { Trip } from './model.js';
/**
 * The same party, way, kit and meals on new dates. What belonged to the old dates stays behind: forecast, conditions, wet
 * mornings, notes, loans and questions, findings put aside, handovers, what-ifs, who left on the way, and the record but
 * for whom to call.
 */
export declare function duplicateTrip(trip: Trip, id: string, name: string, startDate: string): Trip;
