/** Which school of limits holds for a member: their own, else a carry trial where there is one, else the trip's. */
import type { LimitPolicyId, Member, Trip } from '../trip/model.js';
import { type LimitPolicy, type PolicyLimit } from './limitPolicy.js';
export declare const LIMIT_POLICIES: Readonly<Record<LimitPolicyId, LimitPolicy>>;
/** A trial, once it says something, is the default; without one, a wish for a trial falls back on the starting guess. */
export declare function policyLimit(tripPolicy: LimitPolicyId, member: Member): PolicyLimit & {
    readonly policy: LimitPolicyId;
};
/** The school that sets a member's limit in a trip. */
export declare function policyOf(trip: Pick<Trip, 'limitPolicy'>, member: Member): LimitPolicyId;
