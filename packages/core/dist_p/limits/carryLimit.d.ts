import type { LimitPolicyId, Member, Pack } from '../trip/model.js';
export interface CarryLimit {
    /** kg, pack and everything in it. */
    readonly limitKg: number;
    /** A sentence such as "18.4 kg: 25 % of 73.6 kg; the pack's rating, 20.0 kg, does not bind". */
    readonly reason: string;
}
/**
 * What a member can carry on a day. A planning number, not medical advice.
 *
 * @param member whose limit
 * @param pack the pack they wear
 * @param day day of the trip, from 1
 * @param tripPolicy the trip's school of limits; the member's own choice or carry trial goes before it
 */
export declare function carryLimit(member: Member, pack: Pack, day: number, tripPolicy?: LimitPolicyId): CarryLimit;
