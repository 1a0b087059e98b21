/** What is to do after a trip, from what was taken and what became of it: returns, drying, cleaning, mending, replacing. */
import type { Thing, Trip } from '../trip/model.js';
export declare const CHORE_KINDS: readonly ['return', 'dry', 'clean', 'mend', 'replace', 'expiry'];
export type ChoreKind = (typeof CHORE_KINDS)[number];
export interface Chore {
    /** The same as long as what it is about is there: what is done names it. */
    readonly id: string;
    readonly kind: ChoreKind;
    /** One thing, or all of a kit or of a person that want the same. */
    readonly things: readonly Thing[];
    /** In words: the thing, or the kit with its things. */
    readonly what: string;
    /** Who answers for it: its owner, its carrier, or the lender it goes back to. */
    readonly who: string;
    readonly why: string;
    /** ISO date until when, where there is one. */
    readonly byDate?: string;
    readonly doneOn?: string;
}
/** Every chore of the trip, returns first. What is dried or cleaned is one chore a kit, or a person. */
export declare function chores(trip: Trip): readonly Chore[];
/** Say that a chore is done, or that it is not after all. */
export declare function setChoreDone(trip: Trip, id: string, doneOn: string | undefined): Trip;
