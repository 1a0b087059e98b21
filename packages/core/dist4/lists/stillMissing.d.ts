/** What a share that can be trusted still needs, in the order of the work. */
import type { Trip } from '../trip/model.js';
export interface StillMissing {
    readonly what: 'people' | 'bodies' | 'own' | 'kit' | 'masses' | 'food';
    /** The station where it is put in. */
    readonly at: 'people' | 'kit' | 'larder';
    /** Of how many; 0 where there is none at all yet. */
    readonly count: number;
}
/** Nothing is missing of a trip that has left: what it carries is in the packs. */
export declare function stillMissing(trip: Trip): readonly StillMissing[];
/** A trip in which nobody has done anything yet. */
export declare function isBlank({ members, kits, personalThings }: Trip): boolean;
