/** Compartments and stiff things cut into slices: by rows from the back and by levels. */
import type { LaidCompartment } from './layout.js';
import type { Compartment } from './packGeometry.js';
import type { SliceGroup, StiffStep } from './slicedRoom.js';
import type { Turn } from './solids.js';
/** Rows of a turned thing, whose middle ones hold the most: one upon another, the outermost first. */
export declare function rowSteps(turn: Turn, cellCm: number): readonly StiffStep[];
/** Columns of a turned thing by how tall they are: each lies about its middle. */
export declare function levelSteps(turn: Turn, cellCm: number): readonly StiffStep[];
/** A main compartment's rows from the back outward. */
export declare function rowsOf({ compartment: c, capacityL }: LaidCompartment): SliceGroup;
/** A compartment's levels from the floor up, or from the ceiling down along an axis that points down. */
export declare function levelsOf(c: Compartment, sign: 1 | -1): SliceGroup;
