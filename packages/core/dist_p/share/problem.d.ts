import type { Assignment, Trip } from '../trip/model.js';
export interface Carrier {
    readonly memberId: string;
    readonly name: string;
    /** Carry limit by day, kg; infinite on days on which they are not with the party. */
    readonly limitKg: readonly number[];
    /** How much a kilogram above the limit counts: more for whoever is helped. */
    readonly overWeight: number;
    /** What the ratio is taken of, by day: the limit, or what the school of fairness says; infinite when absent. */
    readonly yardKg: readonly number[];
    /** Load before anything that is dealt out by day, kg. */
    readonly baseKg: readonly number[];
    /** Pack volume left for group pieces by day, litres; negative when personal things alone overfill it. */
    readonly freeVolumeL: readonly number[];
    /** What the pack holds, litres. */
    readonly packL: number;
    /** Room for food left in stiff containers of their own by day, litres. */
    readonly stiffL: readonly number[];
}
/** Pieces that must ride with one carrier; mostly a single piece. */
export interface Bundle {
    readonly pieceIds: readonly string[];
    /** How deep it lies in the pack of whoever has it, 0 on top to 1; absent where nobody knows or asks. */
    readonly depth?: number;
    readonly name: string;
    readonly massKg: readonly number[];
    readonly volumeL: readonly number[];
    /** Of the volume, food that takes no room where a stiff container has some left; and the room that it brings, litres. */
    readonly fillsL: readonly number[];
    readonly stiffL: readonly number[];
    /** Indexes of carriers, ascending. */
    readonly allowed: readonly number[];
    /** Carriers of its pieces in the share that is replaced; none for pieces that nobody carries. */
    readonly carriedBy: readonly number[];
    /** All of it is somebody's own. */
    readonly isOwn: boolean;
    /** Pieces of the bundle that the leader locked; any of them holds the whole bundle. */
    readonly lockedPieceIds: readonly string[];
}
export interface ShareProblem {
    /** Days looked at; the first entry of every list by day is the trip's `firstDay`. */
    readonly dayCount: number;
    readonly firstDay: number;
    readonly carriers: readonly Carrier[];
    readonly bundles: readonly Bundle[];
    readonly pieceCount: number;
    /** Lists of bundle indexes of which no two may share a carrier. */
    readonly apart: readonly (readonly number[])[];
    /** Rules that contradict each other; a problem with any has no share. */
    readonly contradictions: readonly string[];
}
/**
 * Build the sharing problem of a trip. Locked pieces stay with their carrier, whatever other rules say.
 *
 * @param firstDay the first day that is still to be shared; pieces that are gone by then are left out
 */
export declare function shareProblem(trip: Trip, firstDay?: number): ShareProblem;
/** Load of a carrier by day in a share, kg: own things, and the pieces of theirs that the share gives them. */
export declare function sharedLoadKg(problem: ShareProblem, carrier: Carrier, share: readonly Assignment[]): readonly number[];
/** Room that a carrier's pieces take of their pack by day in a share, litres. */
export declare function sharedVolumeL(problem: ShareProblem, carrier: Carrier, share: readonly Assignment[]): readonly number[];
/** The bundles that a share gives a carrier. */
export declare function heldBundles(problem: ShareProblem, carrier: Carrier, share: readonly Assignment[]): readonly Bundle[];
/**
 * For bounds, which look at each bundle by itself: a container takes its room less what it holds, and food all of its
 * own. No share takes less. What is below zero is room of everybody (`mostRoomL`).
 */
export declare function leastVolumeL({ volumeL, stiffL }: Bundle, d: number): number;
/** The most that each carrier's pack can have free beside `leastVolumeL`, litres. */
export declare function mostRoomL({ carriers, bundles }: ShareProblem, d: number): readonly number[];
