/**
 * The revised NIOSH lifting equation: Waters, Putz-Anderson & Garg, Applications Manual for the Revised NIOSH Lifting
 * Equation, DHHS (NIOSH) publication 94-110, 1994.
 *
 * RWL = LC · HM · VM · DM · AM · FM · CM; lifting index = load / RWL. Above 1 a lift is hard on the back: set the pack
 * on a rock, or get a hand.
 */
/** Above this lifting index a pack is not lifted from the ground alone. */
export const HARD_LIFT = 1;
/** Load constant, kg. */
export const LOAD_CONSTANT_KG = 23;
/**
 * Whatever is nearer or shorter than the equation knows counts as its least; farther or longer has no recommended weight.
 *
 * @throws RangeError for a load that is not a positive number
 */
export function liftingIndex(lift) {
    if (!(lift.loadKg > 0))
        throw new RangeError(`expected a load above 0 kg, got ${lift.loadKg} kg`);
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
export function packLift(loadKg) {
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
//# sourceMappingURL=liftingIndex.js.map