import { type Collection } from '../trip/edits.js';
import type { Trip } from '../trip/model.js';
export interface TakenAway {
    /** In words, such as "Ilse, with 23 things". */
    readonly what: string;
    /** Items that went, by collection; of kits only the pieces that went. */
    readonly items: Partial<Record<Collection, readonly unknown[]>>;
    /** Where in its list each of them stood, from 0. */
    readonly places: Partial<Record<Collection, readonly number[]>>;
    /** Pieces that a member who went was among the carriers of. */
    readonly carriers: readonly {
        readonly pieceId: string;
        readonly was: readonly string[];
        readonly left?: readonly string[];
    }[];
}
/** What somebody made and would miss; all else that goes with it follows from it. */
export declare const MADE_BY_HAND: readonly ["members", "kits", "personalThings", "groups", "waypoints", "supplies", "meals", "canisters", "pickups", "contacts"];
/** What the change from one state of a trip to another takes away; undefined when that is nothing anybody made. */
export declare function takenAway(before: Trip, after: Trip): TakenAway | undefined;
/** Whether all that somebody made of it is there again. */
export declare function isBack(trip: Trip, taken: TakenAway): boolean;
/**
 * Bring back what was taken away, as far as the trip of now has a place for it. What is there stays as it is. What
 * would refer to something that is gone comes without that, or stays away.
 */
export declare function bringBack(trip: Trip, taken: TakenAway): Trip;
