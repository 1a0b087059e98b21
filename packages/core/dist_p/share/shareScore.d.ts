/** What a share is worth: the parts of the objective, summed over all members and days. */
import type { ShareProblem } from './problem.js';
export interface ShareScore {
    /** `over` + broken keep-apart rules. */
    readonly infeasibility: number;
    /** Σ load above limits (kg, over members and days, by what it counts) + Σ volume above packs (L). */
    readonly over: number;
    readonly overloadKg: number;
    readonly overVolumeL: number;
    readonly apartBroken: number;
    /** The largest ratio of members on days on which they carry something of the group's. */
    readonly level: number;
    readonly largestRatio: number;
    /** Pieces above a fair number, summed over carriers. */
    readonly crowding: number;
    /** Σ over days of squared deviations from that day's mean ratio. */
    readonly evenness: number;
    /** Uneven numbers of pieces, full packs and changed carriers, weighed into one number; less is tidier. */
    readonly untidiness: number;
}
/** What a move would change; `untidiness` is worked out only where `weighUntidiness` is asked. */
export interface MoveEffect {
    over: number;
    apart: number;
    excess: number;
    crowding: number;
    evenness: number;
    untidiness: number;
}
/** The loads of a share, by member and day. */
export interface Loads {
    readonly problem: ShareProblem;
    loadKg(m: number, d: number): number;
    /** Volume of group pieces in a pack above what it has free, litres; negative where there is room. */
    overVolumeL(m: number, d: number): number;
    level(): number;
    apartBroken(): number;
    crowdingNow(): number;
    untidinessNow(): number;
}
/** All parts of the objective, summed anew. */
export declare function scoreOf(loads: Loads): ShareScore;
export declare function above(x: number): number;
