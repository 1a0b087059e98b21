import type { LimitPolicyId, Member } from '../trip/model.js';
/** What a school of limits allows a member. */
export interface PolicyLimit {
    readonly limitKg: number;
    /** Why, in words. */
    readonly reason: string;
}
/** A school of setting carry limits. */
export interface LimitPolicy {
    readonly id: LimitPolicyId;
    readonly name: string;
    /** What it rests on, in a sentence. */
    readonly about: string;
    /** Undefined where the school has nothing to go by (no trial). */
    readonly limitOf: (member: Member) => PolicyLimit | undefined;
}
/** A limit held to the bound under 18, whatever school it comes from. */
export declare function heldUnder18(member: Member, limit: PolicyLimit): PolicyLimit;
