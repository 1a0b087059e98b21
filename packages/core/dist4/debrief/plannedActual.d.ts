import type { Member, Trip } from '../trip/model.js';
import type { Departure } from '../trip/recordModel.js';
export interface PlannedActualMember {
    readonly member: Member;
    /** By day, kg; 0 on days they did not walk. */
    readonly plannedKg: readonly number[];
    readonly walkedKg: readonly number[];
    readonly measuredKg?: number;
    readonly plannedKgKm: number;
    readonly walkedKgKm: number;
    /** By day; undefined where nothing was said. */
    readonly comfort: readonly (number | undefined)[];
    /** Pieces that came to them and went from them on the way. */
    readonly taken: number;
    readonly given: number;
}
export interface PlannedActual {
    /** Absent when nobody signed the departure: then the plan is the one of now. */
    readonly departure?: Departure;
    readonly members: readonly PlannedActualMember[];
    readonly handovers: number;
    readonly events: number;
}
export declare function plannedActual(trip: Trip): PlannedActual;
