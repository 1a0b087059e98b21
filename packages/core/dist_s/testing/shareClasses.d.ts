import type { Trip } from '../trip/model.js';
export interface ShareClass {
    readonly members: number;
    readonly pieces: number;
    readonly days: number;
    /** Water from half a litre to one and a half, leg by leg, instead of one litre on all: no two days bind alike. */
    readonly waterByLeg?: boolean;
    /** Own things that others may carry, in all: bags, mats, clothes. */
    readonly ownMovable?: number;
}
export declare const SHARE_CLASSES: readonly ShareClass[];
export declare function randomShareTrip({ members: n, pieces: p, days, waterByLeg, ownMovable }: ShareClass, seed: number): Trip;
