/**
 * The revised NIOSH lifting equation: Waters, Putz-Anderson & Garg, Applications Manual for the Revised NIOSH Lifting
 * Equation, DHHS (NIOSH) publication 94-110, 1994.
 *
 * RWL = LC · HM · VM · DM · AM · FM · CM; lifting index = load / RWL. Above 1 a lift is hard on the back: set the pack
 * on a rock, or get a hand.
 */
export interface Lift {
    readonly loadKg: number;
    /** Hands out from the ankles, cm, 25 to 63. */
    readonly horizontalCm: number;
    /** Height of the hands above the floor at the start, cm, 0 to 175. */
    readonly verticalCm: number;
    /** How far the hands travel up or down, cm, 25 to 175. */
    readonly distanceCm: number;
    /** How far the trunk twists, degrees, 0 to 135. */
    readonly asymmetryDeg: number;
    /** From the manual's table by lifts a minute and duration; 1 for once in a while. */
    readonly frequencyMultiplier: number;
    /** From the manual's table: 1 good, 0.95 or 1 fair, 0.9 poor hold. */
    readonly couplingMultiplier: number;
}
export interface LiftAnswer {
    /** Recommended weight limit, kg; 0 when the lift is outside of what the equation allows. */
    readonly recommendedKg: number;
    readonly index: number;
}
/** Above this lifting index a pack is not lifted from the ground alone. */
export declare const HARD_LIFT = 1;
/** Load constant, kg. */
export declare const LOAD_CONSTANT_KG = 23;
/**
 * Whatever is nearer or shorter than the equation knows counts as its least; farther or longer has no recommended weight.
 *
 * @throws RangeError for a load that is not a positive number
 */
export declare function liftingIndex(lift: Lift): LiftAnswer;
/**
 * Lifting a pack from the ground to the back: hands at the haul loop, a twist to bring it round, once in a while. The
 * lengths are Graft's own guesses for a pack that stands close before the feet.
 */
export declare function packLift(loadKg: number): LiftAnswer;
