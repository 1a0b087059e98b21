import { formatPercent } from '../units/format.js';
import { isChild, isUnder18 } from '../trip/age.js';
import { boundUnder18 } from './age.js';
/** A limit held to the bound under 18, whatever school it comes from. */
export function heldUnder18(member, limit) {
    const bound = boundUnder18(member);
    const mostKg = bound * member.bodyMassKg;
    if (!isUnder18(member) || limit.limitKg <= mostKg + 1e-9)
        return limit;
    return {
        limitKg: mostKg,
        reason: `${limit.reason}; held at ${formatPercent(bound, 0)} of body weight, the bound ${isChild(member) ? `at ${member.ageYears} years` : 'under 18'}`,
    };
}
//# sourceMappingURL=limitPolicy.js.map