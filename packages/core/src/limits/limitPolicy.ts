import type { LimitPolicyId, Member } from '../trip/model.js';
import { formatPercent } from '../units/format.js';

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

/** The most that may be planned for somebody under 18, as a share of body weight (Graft's own number). */
export const UNDER_18_BOUND = 0.2;

/** A limit held to the bound under 18, whatever school it comes from. */
export function heldUnder18(member: Member, limit: PolicyLimit): PolicyLimit {
  const mostKg = UNDER_18_BOUND * member.bodyMassKg;
  if (member.ageBand !== 'under18' || limit.limitKg <= mostKg + 1e-9) return limit;
  return {
    limitKg: mostKg,
    reason: `${limit.reason}; held at ${formatPercent(UNDER_18_BOUND, 0)} of body weight, the bound under 18`,
  };
}
