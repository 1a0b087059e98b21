import type { Experience, Ground, Leg, Member, Trip } from '../trip/model.js';
import type { Slope } from './profile.js';
/** Grounds that are walked at Tobler's off-path speed. */
export declare const OFF_PATH: readonly Ground[];
/**
 * Naismith's time with Langmuir's corrections.
 *
 * @param leg distance and climb as the leg says them
 * @param slopes where the descent lies, by steepness
 */
export declare function naismithLangmuirHours(leg: Pick<Leg, 'distanceKm' | 'climbM'>, slopes: readonly Slope[]): number;
/** Tobler's time over slopes. */
export declare function toblerHours(slopes: readonly Slope[], ground: Ground): number;
export interface DayTimes {
    readonly naismithLangmuirH: number;
    readonly toblerH: number;
    /** What the plan reckons with: the leader's hours, or Naismith and Langmuir's where the leader gave none. */
    readonly plannedH: number;
}
export declare function dayTimes(trip: Trip, day: number): DayTimes;
/** Time of a walker without a trial as a multiple of the planned time (Graft's own starting guesses). */
export declare const PACE_FACTORS: Readonly<Record<Experience, number>>;
export interface Pace {
    /** Multiplies the planned time. */
    readonly factor: number;
    readonly reason: string;
}
/**
 * A member's time as a multiple of the planned one: from the trial walks at this load where there are some, else a
 * guess by experience.
 *
 * @param loadKg what is carried that day
 */
export declare function memberPace(member: Member, loadKg: number): Pace;
export interface MemberTime extends Pace {
    readonly memberId: string;
    readonly hours: number;
}
/** Every member's walking time of a day, slowest first. */
export declare function memberTimes(trip: Trip, day: number): readonly MemberTime[];
