/**
 * How a kit is split: its pieces in at most so many parts, each for one carrier, as even as they can be. Pieces that
 * carry the same word in `together` stay in one part; pieces that different people may carry never share one.
 */
import type { Kit, Piece } from './model.js';
/**
 * The parts of a kit, each carried by one member.
 *
 * @returns parts in the order of their first pieces; without `splitWays`, only what `together` joins
 */
export declare function kitParts(kit: Kit): readonly (readonly Piece[])[];
