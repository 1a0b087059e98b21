import { type DayLoad } from '../load/memberLoad.js';
import { type PartsOf } from '../trip/derived.js';
import type { Member, Piece, Trip } from '../trip/model.js';
import { type ShareBound } from './bound.js';
export interface MemberFigures {
    readonly member: Member;
    readonly loads: readonly DayLoad[];
    /** The load over what the trip's school of fairness measures by, day by day; 0 after the member has left. */
    readonly measures: readonly number[];
    /** The day with the largest measure. */
    readonly heaviest: DayLoad;
    readonly largestMeasure: number;
    readonly packVolumeL: number;
    /** The largest packed volume over the days, litres. */
    readonly fullestL: number;
}
export interface ShareFigures {
    readonly members: readonly MemberFigures[];
    readonly unshared: readonly Piece[];
    /** By the trip's school of fairness, over members and days. */
    readonly largestRatio: number;
    /** The same among those who carry something of the group's on the day. */
    readonly level: number;
    readonly largestMember: Member | undefined;
    readonly largestDay: number;
    /** The smallest of the members' own largest ratios. */
    readonly smallestRatio: number;
    /** The bound for all pieces shared; `gap` is meaningful once none is unshared. */
    readonly bound: ShareBound;
    readonly gap: number;
    /** Rules that contradict each other: no share can keep them all. */
    readonly contradictions: readonly string[];
    readonly warnings: readonly string[];
}
/** Whether a member is above their own limit on some day, whatever the school of fairness. */
export declare function isOverloaded(figures: MemberFigures): boolean;
/** The bound of a trip's sharing problem, and its contradictions: both independent of who carries what unlocked. */
export interface TripBound {
    readonly bound: ShareBound;
    readonly contradictions: readonly string[];
}
/** Kept as long as what the bound comes from is the same: a move of a piece that is not locked changes nothing of it. */
export declare function tripBound(trip: Trip): TripBound;
/** The same, made anew. */
export declare function tripBoundNow(trip: Trip): TripBound;
type BoundFields = 'legs' | 'members' | 'packs' | 'personalThings' | 'kits' | 'groups' | 'share' | 'handovers' | 'carrierRules' | 'roles' | 'houseRules' | 'limitPolicy' | 'fairness';
/**
 * What the bound comes from. Who carries what counts where it is locked, and where it is somebody's own: given to another
 * by hand it is dealt out like a piece.
 */
export declare function partsOfBound(trip: Trip): PartsOf<BoundFields>;
/** The same, made anew. */
export declare function memberFiguresNow(trip: Trip, member: Member): MemberFigures;
/** @param known the trip's bound, when it is at hand from an equal problem */
export declare function shareFigures(trip: Trip, known?: TripBound): ShareFigures;
export {};
