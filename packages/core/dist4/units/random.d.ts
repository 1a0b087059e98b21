/** A source of numbers in [0, 1); the seed that made it goes with every result. */
export type Random = () => number;
/**
 * Mulberry32: a 32-bit generator with a single word of state (Tommy Ettinger, public domain; from memory).
 * Good enough for search moves, and the same on every machine. Not for secrets.
 */
export declare function seededRandom(seed: number): Random;
/** A whole number from 0 to `count - 1`. */
export declare function pickIndex(random: Random, count: number): number;
/** A draw of the standard normal distribution, of two numbers (Box and Muller 1958). */
export declare function standardNormal(random: Random): number;
