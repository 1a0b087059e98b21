/** Terrain factors η where the published table has a like ground; scrambling and snow are not in it. */
export const TERRAIN_FACTORS = {
    track: 1.1,
    path: 1.2,
    moor: 1.5,
    scramble: undefined,
    climbing: undefined,
    snow: undefined,
    glacier: undefined,
};
export const PANDOLF_RANGE = { speedMs: 2.5, gradePercent: 25, loadKg: 70 };
/** Watts, or the limit of the model that the input is outside of. */
export function pandolfWatts(input) {
    const { bodyKg: w, loadKg: l, speedMs: v, gradePercent: g, terrainFactor: eta } = input;
    if (g < 0)
        return { outside: 'the model does not hold downhill' };
    if (g > PANDOLF_RANGE.gradePercent)
        return { outside: `steeper than ${PANDOLF_RANGE.gradePercent} %, the model's limit` };
    if (v < 0 || v > PANDOLF_RANGE.speedMs)
        return { outside: `faster than ${PANDOLF_RANGE.speedMs} m/s, the model's limit` };
    if (l < 0 || l > PANDOLF_RANGE.loadKg)
        return { outside: `more than ${PANDOLF_RANGE.loadKg} kg, the model's limit` };
    return { watts: 1.5 * w + 2 * (w + l) * (l / w) ** 2 + eta * (w + l) * (1.5 * v ** 2 + 0.35 * v * g) };
}
//# sourceMappingURL=pandolf.js.map