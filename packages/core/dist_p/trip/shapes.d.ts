import type { Shape } from './model.js';
/** No thing is turned in more ways than a box: what a trip file knows. */
export declare const MOST_TURNS = 6;
/** The volume of a shape's own outline, litres, or undefined for soft things that take any form. */
export declare function shapeVolumeL(shape: Shape): number | undefined;
/** Outer dimensions, longest first, cm; undefined for soft things. */
export declare function shapeSizeCm(shape: Shape): readonly [number, number, number] | undefined;
