import type { Move } from './move.js';
/** Two things change places: compartment, middle and turn in the order. */
export declare const exchange: Move;
