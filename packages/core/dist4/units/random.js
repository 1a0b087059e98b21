/** Taken once: a lookup on a global is not free everywhere. */
const { floor, imul } = Math;
/**
 * Mulberry32: a 32-bit generator with a single word of state (Tommy Ettinger, public domain; from memory).
 * Good enough for search moves, and the same on every machine. Not for secrets.
 */
export function seededRandom(seed) {
    let state = seed >>> 0;
    return () => {
        state = (state + 0x6d2b79f5) >>> 0;
        let t = state;
        t = imul(t ^ (t >>> 15), t | 1);
        t ^= t + imul(t ^ (t >>> 7), t | 61);
        return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
    };
}
/** A whole number from 0 to `count - 1`. */
export function pickIndex(random, count) {
    return floor(random() * count);
}
/** A draw of the standard normal distribution, of two numbers (Box and Muller 1958). */
export function standardNormal(random) {
    return Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
}
//# sourceMappingURL=random.js.map