/** What a member's age says, in years or as a band. */
import type { Member } from './model.js';

/** From this age on somebody carries their own things as a matter of course (Graft's own number). */
export const CHILD_UNTIL_YEARS = 12;

export function isUnder18({ ageYears, ageBand }: Pick<Member, 'ageYears' | 'ageBand'>): boolean {
  return ageYears === undefined ? ageBand === 'under18' : ageYears < 18;
}

export function isChild({ ageYears }: Pick<Member, 'ageYears'>): boolean {
  return ageYears !== undefined && ageYears < CHILD_UNTIL_YEARS;
}
