import { formatPercent } from '../units/format.js';
import { isChild, isUnder18 } from '../trip/age.js';
import { boundUnder18, childShare } from './age.js';
export const STARTING_SHARES = { newcomer: 0.15, regular: 0.2, seasoned: 0.25, under18: 0.15 };
/** The most that a share of body weight plans for anybody. */
export const UPPER_BOUND = 0.3;
/** The share of body weight that applies to a member, and whose word it is. */
export function plannedShare(member) {
    const under18 = isUnder18(member);
    const bound = under18 ? boundUnder18(member) : UPPER_BOUND;
    const start = startingShare(member);
    if (member.limitShare === undefined)
        return start;
    const whose = 'set by the leader';
    if (member.limitShare <= bound)
        return { share: member.limitShare, whose };
    const asked = `${formatPercent(member.limitShare, 0)} was asked, ${formatPercent(bound, 0)} is the bound`;
    const at = isChild(member) ? ` at ${member.ageYears} years` : under18 ? ' under 18' : '';
    return { share: bound, whose: `${whose}; ${asked}${at}` };
}
function startingShare(member) {
    const { ageYears, experience } = member;
    if (!isUnder18(member))
        return {
            share: STARTING_SHARES[experience],
            whose: `Graft's starting guess for a ${experience} walker`,
        };
    if (ageYears === undefined)
        return { share: STARTING_SHARES.under18, whose: "Graft's starting guess under 18" };
    if (childShare(ageYears) === 0)
        return { share: 0, whose: 'children below five carry nothing that counts' };
    return {
        share: childShare(ageYears),
        whose: `Graft's starting guess at ${ageYears} years, by advice on school bags`,
    };
}
/** "25 %", "22.5 %". */
export function shareText(share) {
    return formatPercent(share, Number.isInteger(Math.round(share * 1000) / 10) ? 0 : 1);
}
/** limit = share × body mass, kg. */
export const SHARE_OF_BODY_WEIGHT = {
    id: 'shareOfBodyWeight',
    name: 'Share of body weight',
    about: 'A starting guess: a share of body weight by experience. Nobody in the trade states one; these are Graft’s own.',
    limitOf: (member) => {
        const { share, whose } = plannedShare(member);
        return {
            limitKg: share * member.bodyMassKg,
            reason: `${shareText(share)} of ${member.bodyMassKg.toFixed(1)} kg (${whose})`,
        };
    },
};
//# sourceMappingURL=shareOfBodyWeight.js.map