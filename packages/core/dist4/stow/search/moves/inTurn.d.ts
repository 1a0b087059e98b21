import type { Move } from './move.js';
/** Earlier or later among the things of its compartment; out of the band, dense ones mostly go the way that helps. */
export declare const inTurn: Move;
