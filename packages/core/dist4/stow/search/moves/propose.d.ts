import type { Undo } from '../stowState.js';
import type { Draw } from './move.js';
/** Make a random move of a search that has things to move; undefined when it would change nothing. */
export declare function propose(draw: Draw): Undo | undefined;
