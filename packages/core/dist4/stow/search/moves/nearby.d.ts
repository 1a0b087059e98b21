import { type Move } from './move.js';
/** Somewhere else in its compartment, nearer as the search cools; dense things to the back more often. */
export declare const nearby: Move;
