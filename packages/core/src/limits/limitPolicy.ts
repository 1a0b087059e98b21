import type { LimitPolicyId, Member } from '../trip/model.js';
import { formatPercent } from '../units/format.js';
import { isChild, isUnder18 } from '../trip/age.js';
import { boundUnder18 } from './age.js';

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
export function heldUnder18(member: Member, limit: PolicyLimit): PolicyLimit {
  const bound = boundUnder18(member);
  const mostKg = bound * member.bodyMassKg;
  if (!isUnder18(member) || limit.limitKg <= mostKg + 1e-9) return limit;
  return {
    limitKg: mostKg,
    reason: `${limit.reason}; held at ${formatPercent(bound, 0)} of body weight, the bound ${isChild(member) ? `at ${member.ageYears} years` : 'under 18'}`,
  };
}
