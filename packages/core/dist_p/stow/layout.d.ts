/**
 * A stow made real: every thing of a pack loaded into its compartment on a grid, by its placement, in the order of the
 * list. What is shown, weighed and checked is this, whether a plan or a hand made the placements.
 */
import type { Placement } from '../trip/model.js';
import { ColumnLoader } from './columnLoader.js';
import { type LaidThing } from './laidThing.js';
import { type Compartment } from './packGeometry.js';
import type { StowProblem } from './stowProblem.js';
import type { StowThing } from './stowThing.js';
export interface LaidCompartment {
    readonly compartment: Compartment;
    readonly capacityL: number;
    readonly filledL: number;
    /** Space lost under, between and over things. */
    readonly voidL: number;
    /** What is above the ceiling, or does not go in at all. */
    readonly overflowL: number;
    /** By loading order: the part of thing i's floor plan that thing j lies over, at [i][j]. */
    readonly over: readonly (readonly number[])[];
    readonly thingIds: readonly string[];
    /** Pairs that must not touch and do, with why. */
    readonly clashes: readonly (readonly [thingId: string, otherId: string, why: string])[];
}
export interface StowLayout {
    readonly things: readonly LaidThing[];
    readonly compartments: readonly LaidCompartment[];
    readonly unplaced: readonly StowThing[];
}
/**
 * Load a pack as its placements say.
 *
 * @param problem things with their masses and volumes on the problem's day
 * @param placements in loading order
 */
export declare function realise(problem: StowProblem, placements: readonly Placement[], cellCm?: number): StowLayout;
/** For each pair of loaded things, the part of the first one's floor plan that the second lies over. */
export declare function coverage(loader: ColumnLoader): number[][];
