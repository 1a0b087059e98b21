import { type Move } from './move.js';
/** To the other side of its compartment. */
export declare const toOtherSide: Move;
