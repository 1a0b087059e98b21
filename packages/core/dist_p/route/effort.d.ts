import type { Member, Trip } from '../trip/model.js';
import { type PandolfOutcome } from '../carriage/pandolf.js';
export interface DayEffort {
    readonly loadKg: number;
    readonly levelSpeedMs: number;
    readonly level: PandolfOutcome;
    /** Mean grade of the day's uphill stretches, percent; 0 on a day without climb. */
    readonly climbGradePercent: number;
    readonly climbSpeedMs: number;
    readonly climb: PandolfOutcome;
}
/**
 * Speeds follow Tobler's function, scaled so that the day takes its planned time. Downhill the equation does not hold:
 * those stretches are left out.
 */
export declare function dayEffort(trip: Trip, member: Member, day: number): DayEffort;
