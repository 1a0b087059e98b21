import type { Move } from './move.js';
/** Loaded at another turn, and where that suits. */
export declare const loadedAnew: Move;
