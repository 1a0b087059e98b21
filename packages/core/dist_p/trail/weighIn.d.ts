import type { Member, Thing, Trip } from '../trip/model.js';
import type { Departure, WeighIn } from '../trip/recordModel.js';
/** What a hanging scale and a swinging pack are good for, kg (Graft's own). */
export declare const SCALE_ERROR_KG = 0.1;
/** A difference within this is as planned, kg (Graft's own). */
export declare const TOLERANCE_KG = 0.3;
export type WeighInVerdict = 'asPlanned' | 'withinEstimates' | 'heavier' | 'lighter';
export interface Culprit {
    readonly thing: Thing;
    readonly plannedKg: number;
    /** What it would weigh if the difference were shared out by how sure each mass is, kg. */
    readonly likelyKg: number;
}
/** Something whose mass alone would explain the difference. */
export interface AloneCulprit {
    readonly thing: Thing;
    readonly kg: number;
    /** Too light: it may be missing. Too heavy: worn by plan, or somebody else's. */
    readonly how: 'missing' | 'wornByPlan' | 'somebodyElses';
    /** Whose it is by plan, where that is somebody else. */
    readonly otherId?: string;
}
export interface WeighInFigures {
    readonly member: Member;
    /** Plan for the departure with the water that was in it, kg. */
    readonly plannedKg: number;
    readonly measuredKg: number;
    /** Measured less planned, kg. */
    readonly deltaKg: number;
    /** How far estimates let the plan be off (one standard deviation), kg. */
    readonly spreadKg: number;
    readonly verdict: WeighInVerdict;
    /** Measured, with the water the plan wants, against the limit of the day. */
    readonly ratio: number;
    readonly culprits: readonly Culprit[];
    readonly alone: readonly AloneCulprit[];
}
/** Planned for the scale: everything in the pack on the first day, with that much water, kg. */
export declare function plannedOnScaleKg(trip: Trip, member: Member, waterL: number): number;
/** @throws Error for a member who is not in the trip */
export declare function weighInFigures(trip: Trip, weighIn: WeighIn): WeighInFigures;
/**
 * The plan as it is when the party leaves.
 *
 * @param at local date and time, YYYY-MM-DDTHH:MM
 * @param by who signs it off
 */
export declare function departureOf(trip: Trip, at: string, by: string): Departure;
