/** Putting one thing of a stow somewhere else: its new place in the list, and so in the loading order, with it. */
import type { Placement, Side } from '../trip/model.js';
import type { StowProblem } from './stowProblem.js';
export interface StowTarget {
    readonly zoneId: string;
    readonly side: Side;
    /** Where its middle should be, cm, pack frame; what is left out, zone and side decide. */
    readonly xCm?: number;
    readonly yCm?: number;
    readonly zCm?: number;
    /** How it is turned; as it suits its zone when left out. */
    readonly turn?: number;
    readonly pinned: boolean;
}
/**
 * A stow with one thing put somewhere. It goes in after everything of that compartment that lies lower than it should;
 * things that were placed only by zone keep to that.
 *
 * @param placements as they are, in loading order
 */
export declare function placeAt(problem: StowProblem, placements: readonly Placement[], thingId: string, target: StowTarget): readonly Placement[];
/** The same stow with an exact place for everything, so that a list sorted by zone becomes a loading order. */
export declare function exact(problem: StowProblem, placements: readonly Placement[]): readonly Placement[];
