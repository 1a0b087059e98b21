/** A thing as it is stowed on a day. */
import type { Thing } from '../trip/model.js';
export interface StowThing {
    /** A holder as it is with what rides in it; see `filledThing.ts`. */
    readonly thing: Thing;
    /** Its own mass on the day looked at, with the water it holds, kg. */
    readonly massKg: number;
    /** With all that rides in it, kg. */
    readonly wholeKg: number;
    readonly waterL: number;
    /** Volume on each day of the trip with what is in it, litres; nothing on days on which it rides in another. */
    readonly volumeL: readonly number[];
}
