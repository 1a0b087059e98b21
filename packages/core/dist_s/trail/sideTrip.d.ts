import type { Member, Thing, Trip } from '../trip/model.js';
/** What a part of a party needs at least one of. */
export declare const PART_NEEDS: readonly ["firstAid", "navigation", "emergencyShelter"];
export type PartNeed = (typeof PART_NEEDS)[number];
export interface SideTripMember {
    readonly member: Member;
    readonly things: readonly Thing[];
    /** What they carry it in. */
    readonly sack: string;
    /** It is their big pack, emptied: there is no day sack left for them. */
    readonly isBigPack: boolean;
    readonly packKg: number;
    readonly waterL: number;
    readonly snackKg: number;
    readonly totalKg: number;
    readonly limitKg: number;
}
export interface SideTrip {
    readonly members: readonly SideTripMember[];
    /** What neither those who go nor anybody could give them. */
    readonly goersLack: readonly PartNeed[];
    /** What nobody who stays has any more. */
    readonly stayersLack: readonly PartNeed[];
}
/**
 * @param memberIds who goes, at least one; whoever is not with the party that day is left out
 * @param hours walking time, 0 to 24
 */
export declare function sideTrip(trip: Trip, day: number, memberIds: readonly string[], hours: number): SideTrip;
