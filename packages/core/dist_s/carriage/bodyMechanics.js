/** Standard gravity, m/s² (exact by definition). */
export const STANDARD_GRAVITY = 9.80665;
/** Winter's tables, from memory. */
export const REFERENCE_BODY = {
    trunkMassShare: 0.678,
    trunkCentreShare: 0.626,
    hipHeightShare: 0.53,
    shoulderHeightShare: 0.818,
    halfTrunkDepthCm: 11,
    beltAboveHipCm: 5,
};
/** Sideways acceleration of a quick step to the side, m/s² (Graft's own number). */
export const SIDE_STEP_M_S2 = 2;
/**
 * @param member body mass and stature of the wearer, and the torso length, cm, that the pack is set to
 * @param massKg the loaded pack
 * @param centre its centre of gravity, pack frame, cm
 * @param masses what it is made of, for the inertia; the whole at its centre when left out
 */
export function bodyLoad(member, massKg, centre, masses = [{ massKg, atCm: centre }], body = REFERENCE_BODY) {
    return {
        leanDeg: forwardLeanDeg(member, massKg, centre, body),
        shoulderPullN: shoulderPullN(member.torsoCm, massKg, centre.y),
        swayNm: swayMomentNm(massKg, centre.z),
        inertiaKgM2: momentOfInertiaKgM2(masses),
    };
}
/**
 * tan θ = m·b / (0.678·M·hT + m·hP) is the lean that brings trunk and pack over the hip. b is the pack's distance
 * behind the trunk's middle; hT and hP are the heights of the trunk's and the pack's centres above the hip joint.
 *
 * @throws RangeError unless the body has a mass
 */
export function forwardLeanDeg(member, massKg, centre, body = REFERENCE_BODY) {
    if (!(member.bodyMassKg > 0))
        throw new RangeError(`expected a body mass above 0 kg, got ${member.bodyMassKg} kg`);
    const trunkKg = body.trunkMassShare * member.bodyMassKg;
    const hipToShoulderCm = (body.shoulderHeightShare - body.hipHeightShare) * member.statureCm;
    const behindCm = body.halfTrunkDepthCm + centre.y;
    const packHeightCm = body.beltAboveHipCm + centre.z;
    const moment = trunkKg * body.trunkCentreShare * hipToShoulderCm + massKg * packHeightCm;
    return (Math.atan2(massKg * behindCm, moment) * 180) / Math.PI;
}
/** F = m·g·y / T: the straps' horizontal pull that keeps the pack from tipping back about the belt, N. */
export function shoulderPullN(torsoCm, massKg, outCm) {
    return (massKg * STANDARD_GRAVITY * outCm) / torsoCm;
}
/** m·a·z at the belt, N·m, for a step to the side with the acceleration a. */
export function swayMomentNm(massKg, heightCm, accelerationMs2 = SIDE_STEP_M_S2) {
    return (massKg * accelerationMs2 * heightCm) / 100;
}
/** Σ m(y² + z²) about the sideways axis through the belt's centre line at the back, kg·m². */
export function momentOfInertiaKgM2(masses) {
    return masses.reduce((sum, { massKg, atCm }) => sum + (massKg * (atCm.y ** 2 + atCm.z ** 2)) / 10_000, 0);
}
/** Rounded as it is shown: to half a degree, never finer. */
export function roundLeanDeg(deg) {
    return Math.round(2 * deg) / 2;
}
//# sourceMappingURL=bodyMechanics.js.map