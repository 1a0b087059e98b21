import type { Pack, Thing } from '../trip/model.js';
/** One of the contents with what it weighs and takes on the day. */
export interface Inner {
    readonly thing: Thing;
    readonly massKg: number;
    readonly volumeL: number;
}
/**
 * @param holder with its own mass on the day, and what it takes with all that is in it
 * @param inners what is in it; nothing leaves the holder as it is
 */
export declare function filledThing(holder: Inner, inners: readonly Inner[]): Thing;
/** A pack with its liner, which is no cargo: it weighs in the middle of the main compartment. */
export declare function withLiner(pack: Pack, linerKg: number): Pack;
