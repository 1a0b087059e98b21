/**
 * Which of the packs that there are suits whom. Packs that anybody may have, and those that nobody has yet, are dealt out
 * anew over their wearers; own packs stay with their owner. Asked of a pack, in this order: room for what its wearer
 * carries, a back that fits, and that nobody is the worst off for it (common practice, no source).
 */
import { type DayLoad } from '../load/memberLoad.js';
import type { Member, Pack, Trip } from '../trip/model.js';
/** How a member's things and back go with a pack. */
export interface PackFit {
    /** Litres that find no room on the fullest day; 0 when all do. */
    readonly wantingL: number;
    /** Load over limit on the heaviest day. */
    readonly ratio: number;
    /** The back is too long or too short for it. */
    readonly misfit: boolean;
}
export interface PackChange {
    readonly member: Member;
    readonly from: Pack;
    readonly to: Pack;
    readonly before: PackFit;
    readonly after: PackFit;
}
export interface PackProposal {
    readonly changes: readonly PackChange[];
    /** Load over limit of the worst off of all members, before and after. */
    readonly worstBefore: number;
    readonly worstAfter: number;
}
/** Whether a pack's back fits a wearer; one that says nothing fits all. */
export declare function fitsTorso({ torso }: Pack, { torsoCm }: Member): boolean;
/** Borrowed and the club's packs that nobody has. What an owner left at home for another is not offered to others. */
export declare function sparePacks(trip: Trip): readonly Pack[];
/** The trip with other packs on backs: what stood in them is stowed anew. */
export declare function withPacks(trip: Trip, packIds: ReadonlyMap<string, string>): Trip;
/** What a member's load of today would be with a pack. */
export declare function packFit(trip: Trip, member: Member, pack: Pack, loads: readonly DayLoad[]): PackFit;
/** The best dealing out of the packs that are free for it; undefined when it is what they wear now. */
export declare function packProposal(trip: Trip): PackProposal | undefined;
