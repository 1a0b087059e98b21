/**
 * Share of body weight: the starting guess for a carry limit.
 *
 * Practitioners state no percentage; these are Graft's own numbers, editable and labelled so (common practice, no
 * source): 20 % for most, 25 % for seasoned walkers, 15 % for newcomers and under-18s, never above 20 % under 18,
 * never above the 30 % planning bound.
 */
import type { Member } from '../trip/model.js';
export declare const STARTING_SHARES: {
    readonly newcomer: 0.15;
    readonly regular: 0.2;
    readonly seasoned: 0.25;
    readonly under18: 0.15;
};
/** The most that a share of body weight plans for anybody. */
export declare const UPPER_BOUND = 0.3;
/** The share of body weight that applies to a member, and whose word it is. */
export declare function plannedShare(member: Member): {
    readonly share: number;
    readonly whose: string;
};
/** "25 %", "22.5 %". */
export declare function shareText(share: number): string;
/** limit = share × body mass, kg. */
export declare const SHARE_OF_BODY_WEIGHT: {
    readonly id: 'shareOfBodyWeight';
    readonly name: 'Share of body weight';
    readonly about: 'A starting guess: a share of body weight by experience. Nobody in the trade states one; these are Graft’s own.';
    readonly limitOf: (member: Member) => {
        limitKg: number;
        reason: string;
    };
};
