import type { Shape } from '../trip/model.js';
/** One way to turn a rigid thing. */
export interface Turn {
    readonly nx: number;
    readonly ny: number;
    /** True outer size, cm; the floor plan's cells may stand a little over. */
    readonly widthCm: number;
    readonly depthCm: number;
    readonly heightCm: number;
    /** Columns it covers, as dx and dy from its first cell, with its lower and upper edge above its lowest point. */
    readonly dx: Int16Array;
    readonly dy: Int16Array;
    readonly low: Float64Array;
    readonly high: Float64Array;
    /** Its longest edge stands up. */
    readonly upright: boolean;
    /** What it is seen as from the side (looking along x) and from behind (along y). */
    readonly round: 'none' | 'upright' | 'alongX' | 'alongY';
}
/** How a soft thing spreads where it is put: over a patch as wide and deep as that, for one of its thicknesses. */
export interface Spread {
    /** Width of the patch over its depth. */
    readonly aspect: number;
    /** Thickness wished for, as a part of the cube root of the volume. */
    readonly thickness: number;
}
export type Solid = {
    readonly kind: 'rigid';
    readonly turns: readonly Turn[];
} | {
    readonly kind: 'soft';
    readonly volumeL: number;
    readonly looseL: number;
    readonly leastCm: number;
};
/** Turns of a soft thing, no more than a trip file knows; the last stands as a slab, as against the back. */
export declare const SPREADS: readonly Spread[];
/**
 * @param shape as the thing says
 * @param volumeL what it takes on the day, packed
 * @param cellCm edge of a cell
 */
export declare function solidOf(shape: Shape, volumeL: number, cellCm: number): Solid;
/** The first row of a floor plan in which a turned thing is so far from the back, as its true outline goes. */
export declare function firstRowOff(turn: Pick<Turn, 'ny' | 'depthCm'>, awayCm: number, cellCm: number): number;
