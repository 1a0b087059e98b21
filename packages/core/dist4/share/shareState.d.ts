import type { ShareProblem } from './problem.js';
import { type MoveEffect, type ShareScore } from './shareScore.js';
export declare class ShareState {
    readonly problem: ShareProblem;
    /** Carrier index of each bundle. */
    readonly carrierOf: Int32Array;
    readonly carrierCount: number;
    readonly days: number;
    /** Of each carrier, in no order. */
    readonly held: number[][];
    /** Sums over all cells, for the cap that is set. */
    over: number;
    apart: number;
    excess: number;
    crowding: number;
    evenness: number;
    untidiness: number;
    /** Excess of each carrier above the cap. */
    readonly excessOf: Float64Array;
    readonly effect: MoveEffect;
    private readonly place;
    private readonly load;
    private readonly room;
    private readonly crowd;
    private readonly limit;
    private readonly overWeight;
    private readonly perYard;
    private readonly floor;
    private readonly cap;
    private readonly mass;
    private readonly daySum;
    private readonly dayShare;
    private readonly apartFrom;
    private target;
    constructor(problem: ShareProblem, assignment: ArrayLike<number>);
    /** Take over an assignment and recompute every sum, which also clears rounding drift after many moves. */
    restore(assignment: ArrayLike<number>): void;
    /** Ratios above the target count as excess; where personal things alone are above it, above those. */
    setTarget(target: number): void;
    /**
     * What giving bundle b to a carrier would change, and bundle `back`, if not negative, the other way.
     * The answer is the state's own object: read it before the next question.
     */
    weigh(b: number, to: number, back: number): MoveEffect;
    /** By how much a move that has just been weighed would change the untidiness. */
    weighUntidiness(b: number, to: number, back: number): void;
    /** Make a move that has just been weighed. */
    move(b: number, to: number, back: number): void;
    private shift;
    loadKg(m: number, d: number): number;
    /** Volume of group pieces in a pack, litres. */
    volumeL(m: number, d: number): number;
    overVolumeL(m: number, d: number): number;
    /** The carrier furthest above the target, or a negative number when nobody is. */
    worstCarrier(): number;
    level(): number;
    apartBroken(): number;
    crowdingNow(): number;
    untidinessNow(): number;
    private untidinessOf;
    /** All parts of the objective, summed anew. */
    score(): ShareScore;
}
