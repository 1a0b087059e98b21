import type { Member, Thing, Trip } from '../trip/model.js';
import type { StowAssessment } from './assessment.js';
export interface TakeOut {
    readonly thing: Thing;
    readonly litres: number;
    /** Who has room for it, and how much; nobody when undefined: then it stays behind, or a larger pack comes. */
    readonly to: {
        readonly member: Member;
        readonly freeL: number;
    } | undefined;
}
/**
 * @param most how many to name
 * @returns none when everything goes in
 */
export declare function takeOutFirst(trip: Trip, memberId: string, a: StowAssessment, most: number): readonly TakeOut[];
