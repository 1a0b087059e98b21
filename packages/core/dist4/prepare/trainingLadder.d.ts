import type { Member } from '../trip/model.js';
/** A walk's load grows by at most this share of body weight a week. */
export declare const STEP_SHARE = 0.03;
/** Where somebody without a trial starts, as a share of body weight. */
export declare const START_SHARE = 0.08;
/** The ladder is at most this long, weeks. */
export declare const MOST_WEEKS = 12;
export interface TrainingWalk {
    /** ISO date, a Saturday. */
    readonly date: string;
    readonly loadKg: number;
    readonly hours: number;
    readonly easy: boolean;
}
export interface TrainingLadder {
    readonly walks: readonly TrainingWalk[];
    readonly targetKg: number;
    /** The heaviest load that the ladder reaches. */
    readonly reachedKg: number;
}
/** Saturdays after `today` and before `startDate`, the last `MOST_WEEKS` of them. */
export declare function saturdaysBefore(today: string, startDate: string): readonly string[];
/**
 * @param targetKg the heaviest load that the trip asks of the member, or their limit if that is less
 * @param today ISO date; walks lie after it
 * @param startDate ISO date; walks lie before it
 */
export declare function trainingLadder(member: Pick<Member, 'bodyMassKg' | 'carryTrials' | 'comfortFloor'>, targetKg: number, today: string, startDate: string): TrainingLadder;
