/**
 * Reach: how many other things must come out first to get one, through its nearest opening.
 *
 * A thing blocks another if it covers at least `BLOCKS` of the way out; what blocks a blocker comes out too. The way
 * out through the top is what lies over the thing's floor plan. Through the bottom zip it is what lies under the thing.
 * Through a side or front zip it is what lies between the thing and that wall. A pocket's things are had through the
 * pocket's own opening.
 */
import type { Needed, Opening, Pack } from '../trip/model.js';
import type { StowLayout } from './layout.js';
/** How many things may come out before one that is needed then. */
export declare const REACH_LIMIT: Readonly<Record<Needed, number>>;
export interface Reach {
    readonly thingId: string;
    /** How many come out first. */
    readonly count: number;
    readonly through: Opening | 'pocket' | 'outside';
    /** What comes out first, in the order in which it does. */
    readonly blockers: readonly string[];
}
/** All things that must come out before one of them: what blocks it, what blocks those, and so on. */
export declare function closure(start: number, blocks: (of: number, by: number) => boolean, count: number): readonly number[];
/** Reach of every placed thing. */
export declare function reachOf(pack: Pack, layout: StowLayout): readonly Reach[];
