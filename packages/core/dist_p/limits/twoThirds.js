/**
 * Two-thirds scaling of a carry limit: `limit = p · Bref^(1/3) · B^(2/3)` with Bref = 70 kg.
 *
 * Strength grows with muscle cross-section, so heavier people carry a smaller share of their weight (allometric
 * scaling; from memory). p is the share that the starting guess gives, so that somebody of 70 kg gets the same limit.
 */
import { heldUnder18 } from './limitPolicy.js';
import { plannedShare, shareText } from './shareOfBodyWeight.js';
/** Body mass at which two-thirds scaling and the share of body weight agree, kg. */
const REFERENCE_BODY_MASS_KG = 70;
/**
 * @param share share of body weight at the reference body mass, from 0 to 1
 * @param bodyMassKg more than 0
 * @returns the limit, kg
 */
export function twoThirdsLimitKg(share, bodyMassKg) {
    return share * Math.cbrt(REFERENCE_BODY_MASS_KG) * Math.cbrt(bodyMassKg) ** 2;
}
export const TWO_THIRDS = {
    id: 'twoThirds',
    name: 'Two-thirds scaling',
    about: 'Strength grows with muscle cross-section: heavier people carry a smaller share of their weight, lighter ones a larger.',
    limitOf: (member) => {
        const { share, whose } = plannedShare(member);
        return heldUnder18(member, {
            limitKg: twoThirdsLimitKg(share, member.bodyMassKg),
            reason: `two-thirds scaling from ${shareText(share)} at ${REFERENCE_BODY_MASS_KG} kg (${whose}), body ${member.bodyMassKg.toFixed(1)} kg`,
        });
    },
};
//# sourceMappingURL=twoThirds.js.map