/** Which school of limits holds for a member: their own, else a carry trial where there is one, else the trip's. */
import type { LimitPolicyId, Member, Trip } from '../trip/model.js';
import { CARRY_TRIAL } from './carryTrialPolicy.js';
import type { LimitPolicy, PolicyLimit } from './limitPolicy.js';
import { SHARE_OF_BODY_WEIGHT } from './shareOfBodyWeight.js';
import { TWO_THIRDS } from './twoThirds.js';

export const LIMIT_POLICIES: Readonly<Record<LimitPolicyId, LimitPolicy>> = {
  shareOfBodyWeight: SHARE_OF_BODY_WEIGHT,
  carryTrial: CARRY_TRIAL,
  twoThirds: TWO_THIRDS,
};

/** A trial, once it says something, is the default; without one, a wish for a trial falls back on the starting guess. */
export function policyLimit(
  tripPolicy: LimitPolicyId,
  member: Member,
): PolicyLimit & { readonly policy: LimitPolicyId } {
  const wanted =
    member.limitPolicy ?? (CARRY_TRIAL.limitOf(member) === undefined ? tripPolicy : CARRY_TRIAL.id);
  const limit = LIMIT_POLICIES[wanted].limitOf(member);
  if (limit !== undefined) return { ...limit, policy: wanted };
  const guess = SHARE_OF_BODY_WEIGHT.limitOf(member);
  return {
    limitKg: guess.limitKg,
    reason: `${guess.reason}; no carry trial to go by yet`,
    policy: SHARE_OF_BODY_WEIGHT.id,
  };
}

/** The school that sets a member's limit in a trip. */
export function policyOf(trip: Pick<Trip, 'limitPolicy'>, member: Member): LimitPolicyId {
  return policyLimit(trip.limitPolicy, member).policy;
}
