import { formatMass } from '../units/format.js';
import { CARRY_TRIAL } from './carryTrialPolicy.js';
import { heldUnder18 } from './limitPolicy.js';
import { SHARE_OF_BODY_WEIGHT, shareText, UPPER_BOUND } from './shareOfBodyWeight.js';
import { TWO_THIRDS } from './twoThirds.js';
export const LIMIT_POLICIES = {
    shareOfBodyWeight: SHARE_OF_BODY_WEIGHT,
    carryTrial: CARRY_TRIAL,
    twoThirds: TWO_THIRDS,
};
/** A trial, once it says something, is the default; without one, a wish for a trial falls back on the starting guess. */
export function policyLimit(tripPolicy, member) {
    const hasTrial = CARRY_TRIAL.limitOf(member) !== undefined;
    const trained = hasTrial || member.limitPolicy !== undefined ? undefined : trainedLimit(member);
    if (trained !== undefined)
        return { ...trained, policy: tripPolicy };
    const wanted = member.limitPolicy ?? (hasTrial ? CARRY_TRIAL.id : tripPolicy);
    const limit = LIMIT_POLICIES[wanted].limitOf(member);
    if (limit !== undefined)
        return { ...limit, policy: wanted };
    const guess = SHARE_OF_BODY_WEIGHT.limitOf(member);
    return {
        limitKg: guess.limitKg,
        reason: `${guess.reason}; no carry trial to go by yet`,
        policy: SHARE_OF_BODY_WEIGHT.id,
    };
}
/** What somebody has trained with says more than a guess and less than a trial: it was not measured. */
function trainedLimit(member) {
    const { trainedKg, bodyMassKg } = member;
    if (trainedKg === undefined)
        return undefined;
    const mostKg = UPPER_BOUND * bodyMassKg;
    const held = trainedKg > mostKg ? `; held at ${shareText(UPPER_BOUND)} of body weight` : '';
    return heldUnder18(member, {
        limitKg: Math.min(trainedKg, mostKg),
        reason: `has trained with ${formatMass(trainedKg)}, which is weaker than a carry trial${held}`,
    });
}
/** The school that sets a member's limit in a trip. */
export function policyOf(trip, member) {
    return policyLimit(trip.limitPolicy, member).policy;
}
//# sourceMappingURL=policies.js.map