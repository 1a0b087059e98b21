/** From this age on somebody carries their own things as a matter of course (Graft's own number). */
export const CHILD_UNTIL_YEARS = 12;
export function isUnder18({ ageYears, ageBand }) {
    return ageYears === undefined ? ageBand === 'under18' : ageYears < 18;
}
export function isChild({ ageYears }) {
    return ageYears !== undefined && ageYears < CHILD_UNTIL_YEARS;
}
//# sourceMappingURL=age.js.map