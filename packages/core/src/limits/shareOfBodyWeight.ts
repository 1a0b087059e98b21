/**
 * Share of body weight: the starting guess for a carry limit.
 *
 * Practitioners state no percentage; these are Graft's own numbers, editable and labelled so (common practice, no
 * source): 20 % for most, 25 % for seasoned walkers, 15 % for newcomers and under-18s, never above 20 % under 18,
 * never above the 30 % planning bound.
 */
import type { Member } from '../trip/model.js';
import { formatPercent } from '../units/format.js';
import { UNDER_18_BOUND, type LimitPolicy } from './limitPolicy.js';

export const STARTING_SHARES = { newcomer: 0.15, regular: 0.2, seasoned: 0.25, under18: 0.15 } as const;
/** The most that a share of body weight plans for anybody. */
export const UPPER_BOUND = 0.3;

/** The share of body weight that applies to a member, and whose word it is. */
export function plannedShare(member: Member): { readonly share: number; readonly whose: string } {
  const bound = member.ageBand === 'under18' ? UNDER_18_BOUND : UPPER_BOUND;
  const wanted =
    member.limitShare ??
    (member.ageBand === 'under18' ? STARTING_SHARES.under18 : STARTING_SHARES[member.experience]);
  const whose =
    member.limitShare !== undefined
      ? 'set by the leader'
      : member.ageBand === 'under18'
        ? "Graft's starting guess under 18"
        : `Graft's starting guess for a ${member.experience} walker`;
  if (wanted <= bound) return { share: wanted, whose };
  const under18 = member.ageBand === 'under18' ? ' under 18' : '';
  return {
    share: bound,
    whose: `${whose}; ${formatPercent(wanted, 0)} was asked, ${formatPercent(bound, 0)} is the bound${under18}`,
  };
}

/** "25 %", "22.5 %". */
export function shareText(share: number): string {
  return formatPercent(share, Number.isInteger(Math.round(share * 1000) / 10) ? 0 : 1);
}

/** limit = share × body mass, kg. */
export const SHARE_OF_BODY_WEIGHT = {
  id: 'shareOfBodyWeight',
  name: 'Share of body weight',
  about:
    'A starting guess: a share of body weight by experience. Nobody in the trade states one; these are Graft’s own.',
  limitOf: (member) => {
    const { share, whose } = plannedShare(member);
    return {
      limitKg: share * member.bodyMassKg,
      reason: `${shareText(share)} of ${member.bodyMassKg.toFixed(1)} kg (${whose})`,
    };
  },
} as const satisfies LimitPolicy;
