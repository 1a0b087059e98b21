/**
 * A pack as compartments in true size: the main compartment with its taper, bottom part and divider, and every pocket.
 *
 * Each compartment is a floor grid of columns that are filled from below. A column has a floor and a ceiling, cm in the
 * pack frame, so that walls may lean; a filled reservoir in its sleeve is a slab that some columns cannot pass.
 */
import type { MainCompartment, Pack, Zone, ZoneKind } from '../trip/model.js';
export interface Compartment {
    /** The zone it is; "main" or "bottom" for the parts of the main compartment. */
    readonly id: string;
    readonly kind: ZoneKind | 'main';
    /** The pocket's zone; undefined for the main compartment's parts, which hold several. */
    readonly zone: Zone | undefined;
    readonly cellCm: number;
    readonly nx: number;
    readonly ny: number;
    /** Corner of the grid with the smallest x and y, cm. */
    readonly x0: number;
    readonly y0: number;
    /** By column, iy · nx + ix; a column that is not there has its floor at its ceiling. */
    readonly floor: Float64Array;
    readonly ceiling: Float64Array;
    /** A stiff thing that starts no higher than this may stand out above the ceiling: an open pocket holds it. */
    readonly holdsFrom: number;
}
/** Edge of a cell on which stows are realised, cm. */
export declare const FINE_CELL_CM = 1;
/** Pocket cloth stretches by about this much, cm (Graft's own number). */
export declare const POCKET_GIVE_CM = 2;
/** The main compartment of a pack: its own, or the box around its main zones; undefined for a pack without any. */
export declare function mainOf(pack: Pack): MainCompartment | undefined;
/** Litres of the main compartment. */
export declare function mainVolumeL(main: MainCompartment): number;
/** Main compartment, or its two parts where a divider is between them, then each pocket inside or outside. */
export declare function compartmentsOf(pack: Pack, cellCm: number): readonly Compartment[];
/** Litres between floor and ceiling; for an open pocket what its zone holds. */
export declare function capacityL(c: Compartment): number;
/** The compartment that a placement's zone belongs to. */
export declare function compartmentIndex(compartments: readonly Compartment[], zone: Zone): number;
