/** What a member's age says, in years or as a band. */
import type { Member } from './model.js';
/** From this age on somebody carries their own things as a matter of course (Graft's own number). */
export declare const CHILD_UNTIL_YEARS = 12;
export declare function isUnder18({ ageYears, ageBand }: Pick<Member, 'ageYears' | 'ageBand'>): boolean;
export declare function isChild({ ageYears }: Pick<Member, 'ageYears'>): boolean;
