import { type Move } from './move.js';
/** Where it is, turned or spread another way. */
export declare const turnOver: Move;
