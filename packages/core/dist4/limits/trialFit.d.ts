import type { CarryTrial, Member } from '../trip/model.js';
export declare const DEFAULT_COMFORT_FLOOR = 6;
/** Pace that is still as good as unloaded, as a share of the unloaded pace. */
export declare const PACE_FLOOR = 0.85;
/** How far beyond the heaviest load walked a limit may lie, as a share of body weight. */
export declare const EXTRAPOLATION_BOUND = 0.05;
/** A trial plans at least this share of body weight, however early it hurt: less is not a pack (Graft's own number). */
export declare const LEAST_LIMIT_SHARE = 0.05;
export interface CurvePoint {
    readonly loadKg: number;
    readonly value: number;
}
export interface TrialFit {
    readonly limitKg: number;
    readonly floor: number;
    /** Which gave way at the limit; neither when the heaviest load walked bounds it. */
    readonly gaveWay: 'comfort' | 'pace' | 'neither';
    readonly heaviestKg: number;
    /** How far the limit lies beyond the heaviest load walked, kg; 0 when within. */
    readonly beyondKg: number;
    /** Fitted comfort at each load walked, lightest first. */
    readonly comfort: readonly CurvePoint[];
    /** Fitted pace as a share of the unloaded pace; empty without a walk near no load. */
    readonly pace: readonly CurvePoint[];
}
/** A fit, or the reason why there is none yet. */
export type TrialOutcome = {
    readonly fit: TrialFit;
} | {
    readonly lacks: string;
};
type TrialMember = Pick<Member, 'bodyMassKg' | 'carryTrials' | 'comfortFloor'>;
/** Walking speed of a trial as a share of Naismith's speed for its distance and climb. */
export declare function trialSpeed(trial: CarryTrial): number;
/** Fit a member's trials; see the head of this file. */
export declare function fitTrials(member: TrialMember): TrialOutcome;
/**
 * How sure a fitted limit is: the middle four fifths of the limits that come out when every mark and time is redrawn
 * within its own spread.
 *
 * @param seed the same seed gives the same answer
 * @returns low and high end, kg; undefined when the trials give no limit
 */
export declare function trialUncertainty(member: TrialMember, seed?: number): {
    readonly lowKg: number;
    readonly highKg: number;
} | undefined;
/** What the member did with the load, in plain words. */
export declare function trialInWords(fit: TrialFit): string;
export interface TrialWalk {
    readonly targetKg: number;
    readonly optional: boolean;
    /** The walks done near this load, by id. */
    readonly done: readonly string[];
}
/** The three guided walks of a carry trial: without load, with about 10 % and, if wanted, 20 % of body weight. */
export declare function trialWalks(member: Member): readonly TrialWalk[];
export {};
