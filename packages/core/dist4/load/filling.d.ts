/**
 * What rides in what on a day. First what the leader says, then what goes into its holder by itself: each food container
 * with its carrier's food, stove and gas in their pot, sleep things in the bag meant for them. A soft bag takes the room
 * of what is in it, a stiff one its own; nothing is counted twice.
 */
import type { Thing } from '../trip/model.js';
export interface Filling {
    /** Thing → what it rides in, each holder before what is in what it holds. */
    readonly inside: ReadonlyMap<string, string>;
    /** Thing → the holder that it was meant for and that has no room for it. */
    readonly leftOut: ReadonlyMap<string, string>;
    /** How big a thing is with all that is in it, litres. */
    readonly wholeL: (thing: Thing) => number;
    /** What it takes of the pack: nothing when it rides in another. */
    readonly takesL: (thing: Thing) => number;
}
/**
 * @param things all that one member carries
 * @param day day of the trip, from 1
 */
export declare function fillingOf(things: readonly Thing[], day: number): Filling;
/** What goes into the pack, litres: what rides outside takes none of it, with all that is in it. */
export declare function packedVolumeL(things: readonly Thing[], day: number): number;
