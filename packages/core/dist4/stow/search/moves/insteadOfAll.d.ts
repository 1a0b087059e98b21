import type { Move } from './move.js';
/** Into another pocket, and everything out of that which may go elsewhere. */
export declare const insteadOfAll: Move;
