import type { Kit, Member, Piece, Trip } from '../trip/model.js';
export interface KitInHands {
    readonly kit: Kit;
    /** Each carrier with what they have of it, in the order of the party. */
    readonly hands: readonly {
        readonly member: Member;
        readonly pieces: readonly Piece[];
    }[];
    readonly unshared: readonly Piece[];
}
/** Kits that several people carry on a day. Whoever sets one up must know whom to ask. Food parcels do not count as kits. */
export declare function kitsInSeveralHands(trip: Trip, day: number): readonly KitInHands[];
export declare const SPLIT_NEEDS: readonly ['shelter', 'stove', 'firstAid', 'map', 'treatment'];
export type SplitNeed = (typeof SPLIT_NEEDS)[number];
/** A piece that another part can spare. */
export interface SplitHandover {
    readonly piece: Piece;
    readonly from: Member | undefined;
    readonly to: Member;
}
export interface PartLack {
    readonly need: SplitNeed;
    /** What there is of it: places of shelter, otherwise how many work. */
    readonly have: number;
    readonly want: number;
    /** What gives it, of what others can spare; none when nobody can. */
    readonly cure: readonly SplitHandover[];
}
export interface PartCheck {
    readonly members: readonly Member[];
    readonly lacks: readonly PartLack[];
}
/**
 * What each part would lack if the party split.
 *
 * @param parts ids of the members of each part; whoever is in none is left out
 * @param day day of the trip, from 1: what is carried then
 * @returns in the order of the parts; a lack with the lightest handover of group pieces that mends it and takes nothing
 *   from another part that this one would then lack
 */
export declare function checkSplit(trip: Trip, parts: readonly (readonly string[])[], day: number): readonly PartCheck[];
