import type { Member } from '../trip/model.js';
/** The most that may be planned for somebody under 18, as a share of body weight (Graft's own number). */
export declare const UNDER_18_BOUND = 0.2;
/**
 * The share of body weight a child starts with: nothing below five years, then 10 % rising evenly to 15 % at twelve.
 *
 * @param ageYears 0 to 17
 */
export declare function childShare(ageYears: number): number;
/** The most that may be planned as a share of body weight under 18: for a child what it starts with. */
export declare function boundUnder18(member: Pick<Member, 'ageYears' | 'ageBand'>): number;
