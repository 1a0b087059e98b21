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
export const HARD_LIFT = 1;

/** Load constant, kg. */
export const LOAD_CONSTANT_KG = 23;

/**
 * Whatever is nearer or shorter than the equation knows counts as its least; farther or longer has no recommended weight.
 *
 * @throws RangeError for a load that is not a positive number
 */
export function liftingIndex(lift: Lift): LiftAnswer {
  if (!(lift.loadKg > 0)) throw new RangeError(`expected a load above 0 kg, got ${lift.loadKg} kg`);
  const { horizontalCm: h, verticalCm: v, distanceCm: d, asymmetryDeg: a } = lift;
  const outside = h > 63 || v < 0 || v > 175 || d > 175 || a > 135;
  const recommendedKg = outside
    ? 0
    : LOAD_CONSTANT_KG *
      (25 / Math.max(25, h)) *
      (1 - 0.003 * Math.abs(v - 75)) *
      (0.82 + 4.5 / Math.max(25, d)) *
      (1 - 0.0032 * a) *
      lift.frequencyMultiplier *
      lift.couplingMultiplier;
  return { recommendedKg, index: recommendedKg > 0 ? lift.loadKg / recommendedKg : Infinity };
}

/**
 * Lifting a pack from the ground to the back: hands at the haul loop, a twist to bring it round, once in a while. The
 * lengths are Graft's own guesses for a pack that stands close before the feet.
 */
export function packLift(loadKg: number): LiftAnswer {
  return liftingIndex({
    loadKg,
    horizontalCm: 35,
    verticalCm: 50,
    distanceCm: 60,
    asymmetryDeg: 45,
    frequencyMultiplier: 1,
    couplingMultiplier: 0.95,
  });
}
