/**
 * Share of body weight: the starting guess for a carry limit.
 *
 * Practitioners state no percentage; these are Graft's own numbers, editable and labelled so (common practice, no
 * source): 20 % for most, 25 % for seasoned walkers, 15 % for newcomers and under-18s, never above 20 % under 18,
 * never above the 30 % planning bound.
 */
import type { Member } from '../trip/model.js';
import { formatPercent } from '../units/format.js';
import type { LimitPolicy } from './limitPolicy.js';

export const STARTING_SHARES = { newcomer: 0.15, regular: 0.2, seasoned: 0.25, under18: 0.15 } as const;
/** The most that may be planned for somebody under 18, as a share of body weight. */
export const UNDER_18_BOUND = 0.2;
/** The most that may be planned for anybody, as a share of body weight. */
export const UPPER_BOUND = 0.3;

function wantedShare(member: Member): { readonly share: number; readonly whose: string } {
  if (member.limitShare !== undefined) return { share: member.limitShare, whose: 'set by the leader' };
  if (member.ageBand === 'under18')
    return { share: STARTING_SHARES.under18, whose: "Graft's starting guess under 18" };
  return {
    share: STARTING_SHARES[member.experience],
    whose: `Graft's starting guess for a ${member.experience} walker`,
  };
}

/** limit = share × body mass, kg. */
export const SHARE_OF_BODY_WEIGHT: LimitPolicy = {
  id: 'shareOfBodyWeight',
  name: 'Share of body weight',
  limitOf: (member) => {
    const { share: wanted, whose } = wantedShare(member);
    const bound = member.ageBand === 'under18' ? UNDER_18_BOUND : UPPER_BOUND;
    const share = Math.min(wanted, bound);
    const decimals = Number.isInteger(Math.round(share * 1000) / 10) ? 0 : 1;
    const held =
      wanted > bound
        ? `; ${formatPercent(wanted, 0)} was asked, ${formatPercent(bound, 0)} is the bound${member.ageBand === 'under18' ? ' under 18' : ''}`
        : '';
    return {
      limitKg: share * member.bodyMassKg,
      reason: `${formatPercent(share, decimals)} of ${member.bodyMassKg.toFixed(1)} kg (${whose}${held})`,
    };
  },
};
