/**
 * What age does to a limit. Schools advise that a child's bag weighs at most 10 to 15 % of the child (advice of
 * paediatric and schools' bodies; from memory). Below five a child carries nothing that counts.
 */
import { CHILD_UNTIL_YEARS, isChild } from '../trip/age.js';
/** The most that may be planned for somebody under 18, as a share of body weight (Graft's own number). */
export const UNDER_18_BOUND = 0.2;
const FIRST = { years: 5, share: 0.1 };
const FULL = { years: CHILD_UNTIL_YEARS, share: 0.15 };
/**
 * The share of body weight a child starts with: nothing below five years, then 10 % rising evenly to 15 % at twelve.
 *
 * @param ageYears 0 to 17
 */
export function childShare(ageYears) {
    if (ageYears < FIRST.years)
        return 0;
    const grown = Math.min(1, (ageYears - FIRST.years) / (FULL.years - FIRST.years));
    return FIRST.share + grown * (FULL.share - FIRST.share);
}
/** The most that may be planned as a share of body weight under 18: for a child what it starts with. */
export function boundUnder18(member) {
    return isChild(member) ? childShare(member.ageYears) : UNDER_18_BOUND;
}
//# sourceMappingURL=age.js.map