/**
 * What made each step of a member's load from one day to the next: eaten, burnt, handed over, wet, water. The parts of
 * a step add up to it exactly.
 */
import { type DayLoad } from '../load/memberLoad.js';
import type { Member, Trip } from '../trip/model.js';
export declare const STEP_CAUSES: readonly ['eaten', 'burnt', 'water', 'taken', 'given', 'joins', 'leaves', 'wet', 'dry', 'gone'];
export type StepCause = (typeof STEP_CAUSES)[number];
export interface StepPart {
    readonly cause: StepCause;
    /** Signed, kg. */
    readonly kg: number;
    /** What it was, the heaviest first; empty for water and for somebody who has gone. */
    readonly names: readonly string[];
    /** With whom a thing changed hands, by id. */
    readonly otherId?: string;
}
export interface LoadStep {
    /** From the day before to this one. */
    readonly day: number;
    readonly before: DayLoad;
    readonly after: DayLoad;
    readonly deltaKg: number;
    /** Largest first. */
    readonly parts: readonly StepPart[];
}
/** The steps between a member's days; one fewer than there are days. */
export declare function loadSteps(trip: Trip, member: Member): readonly LoadStep[];
export interface DayMoments {
    readonly day: number;
    /** Setting off, before the water of a dry camp is taken, kg. */
    readonly morningKg: number;
    /** The day's heaviest moment, after water, kg: what ratios are worked out from. */
    readonly afterWaterKg: number;
    /** Coming into camp: the way's water drunk, own food eaten, dinner still there, kg. */
    readonly eveningKg: number;
    readonly limitKg: number;
}
/** A member's load at three moments of a day. Water for a dry camp is taken on the way where there is a sure source. */
export declare function dayMoments(trip: Trip, member: Member, day: number): DayMoments;
