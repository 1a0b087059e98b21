import type { Undo } from '../stowState.js';
import { type Draw, type Move } from './move.js';
/** Into another compartment that it may go into, or anywhere in its own. */
export declare const elsewhere: Move;
/** Anywhere in a compartment, turned anyhow. */
export declare function into(draw: Draw, t: number, c: number): Undo | undefined;
