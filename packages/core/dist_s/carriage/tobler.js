/**
 * Tobler's hiking function: walking speed by slope. W. Tobler, Three presentations on geographical analysis and
 * modeling, NCGIA Technical Report 93-1, 1993: `v = 6 · exp(−3.5 · |s + 0.05|)` km/h, off paths three fifths of it.
 * Made from marching data on slopes up to about 30°; no load, no breaks.
 */
export const TOBLER_OFF_PATH = 0.6;
/**
 * @param slope rise over run, negative downhill
 * @returns speed in km/h
 */
export function toblerSpeedKmh(slope) {
    return 6 * Math.exp(-3.5 * Math.abs(slope + 0.05));
}
//# sourceMappingURL=tobler.js.map