/** The reservoir: as big as the water in it, a slab in its sleeve against the back. */
import type { Pack, Zone } from '../trip/model.js';
import type { Slab } from './loaderMemory.js';
import type { StowThing } from './stowThing.js';
/** What a thing takes on the day; a soft reservoir is as big as the water in it. */
export declare function dayVolumeL(t: StowThing, day: number): number;
/** A reservoir's cloth gives into the pack by so much, litres (Graft's own number). */
export declare const SLEEVE_GIVE_L = 0.5;
/** A filled reservoir in its sleeve. */
export interface SleeveSlab extends Slab {
    readonly zone: Zone;
}
/** The filled reservoir as a slab in its sleeve; undefined when the sleeve is empty. */
export declare function sleeveSlab(pack: Pack, volumeL: number): SleeveSlab | undefined;
