/** One thing that a check of the kit has found: what, how many grams, whose, and what cures it. */
import type { Trip } from '../trip/model.js';
export declare const FINDING_KINDS: readonly ['unweighed', 'ownThings', 'essential', 'incomplete', 'expired', 'repair', 'water', 'double', 'sameJob', 'houseRule', 'air', 'forgotten', 'leaveBehind', 'bring'];
export type KitFindingKind = (typeof FINDING_KINDS)[number];
export interface Cure {
    readonly label: string;
    /** Change of what the party carries, kg: negative when it gets lighter. */
    readonly changeKg: number;
    readonly apply: (trip: Trip) => Trip;
}
export interface KitFinding {
    /** What it is about, the same as long as that is there: dismissals name it. At most 200 characters. */
    readonly id: string;
    readonly kind: KitFindingKind;
    /** Must be settled before leaving, should be looked at, or could save something. */
    readonly weight: 'must' | 'should' | 'could';
    readonly what: string;
    /** Why, with the threshold or the rule. */
    readonly why: string;
    /** Members whose things these are; none when it is the party's. */
    readonly memberIds: readonly string[];
    readonly thingIds: readonly string[];
    /** The first is the cheapest. */
    readonly cures: readonly Cure[];
}
/** An id from its parts, cut to what a dismissal can name. */
export declare function findingId(...parts: readonly string[]): string;
