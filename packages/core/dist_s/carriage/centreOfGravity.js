/**
 * @param masses at least one with a mass above 0
 * @returns the centre of gravity, cm, in the frame of the points
 * @throws RangeError when the masses add up to nothing
 */
export function centreOfGravity(masses) {
    let [m, x, y, z] = [0, 0, 0, 0];
    for (const { massKg, atCm } of masses) {
        m += massKg;
        x += massKg * atCm.x;
        y += massKg * atCm.y;
        z += massKg * atCm.z;
    }
    if (!(m > 0))
        throw new RangeError(`expected masses that add up to more than 0 kg, got ${m} kg`);
    return { x: x / m, y: y / m, z: z / m };
}
//# sourceMappingURL=centreOfGravity.js.map