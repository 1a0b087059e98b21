/** Where things go of which only zone and side are known. */
import type { Placement, Zone } from '../trip/model.js';
import type { Compartment } from './packGeometry.js';
import type { Solid } from './solids.js';
import type { StowProblem } from './stowProblem.js';
/**
 * Where a thing goes when only zone and side are known: in the middle of that part, soft things spread, rigid ones flat
 * against the back in the core, standing in open pockets, lying elsewhere.
 */
export declare function defaultSpot(compartment: Compartment, zone: Zone, side: Placement['side'], solid: Solid): NonNullable<Placement['spot']>;
/** Left, centre or right of its middle where a compartment has sides: a fifth of the width about the middle is its centre. */
export declare function sideIn(c: Compartment, xCm: number): Placement['side'];
/** Placements in the order in which they go in: as listed; lists without any exact place, from the bottom up. */
export declare function inLoadingOrder(problem: StowProblem, placements: readonly Placement[]): readonly Placement[];
