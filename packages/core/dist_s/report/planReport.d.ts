import type { FairnessSchoolId, PointCm, Trip } from '../trip/model.js';
import { type ShareVerdict } from '../share/shareVerdict.js';
export interface MemberReport {
    readonly memberId: string;
    readonly name: string;
    readonly limitKg: number;
    readonly limitReason: string;
    readonly days: readonly {
        readonly day: number;
        readonly loadKg: number;
        readonly limitKg: number;
        readonly ratio: number;
    }[];
    /** Of the planned stow, on `plannedForDay`. */
    readonly plannedForDay: number;
    readonly centreOfGravityCm: PointCm;
    readonly packingSchool: string;
    readonly bandCm: readonly [number, number];
    /** How high the heavy half rides, cm; left out when nothing heavy is stowed. */
    readonly heavyCm: number | undefined;
    readonly inBand: boolean;
    readonly warnings: readonly string[];
}
export interface PlanReport {
    readonly seed: number;
    /** What the ratios are of: the trip's school of fairness. */
    readonly fairness: FairnessSchoolId;
    readonly largestRatio: number;
    readonly bound: number;
    readonly boundReason: string;
    /** The largest ratio among those who carry something of the group's, its bound, and how far it is above that. */
    readonly level: number;
    readonly boundLevel: number;
    readonly gap: number;
    /** The same in words. */
    readonly verdict: ShareVerdict;
    readonly members: readonly MemberReport[];
    readonly warnings: readonly string[];
}
/** The report of a trip as it stands. */
export declare function planReport(trip: Trip, seed: number): PlanReport;
