/** A move: one way in which a search may change its state. */
import type { Random } from '../../../units/random.js';
import type { Undo } from '../stowState.js';
import type { StowSearch } from '../stowSearch.js';
/** What a move is drawn from. */
export interface Draw {
    readonly search: StowSearch;
    readonly random: Random;
    /** From 1 at a wide search's beginning to 0 at its end: how far things are moved. */
    readonly reach: number;
}
/** Move a thing; what it returns takes it back. Undefined when it would change nothing. */
export type Move = (draw: Draw, t: number) => Undo | undefined;
/** Put a thing somewhere; undefined when it is there. */
export declare function place({ search }: Draw, t: number, c: number, xCm: number, yCm: number, turn: number): Undo | undefined;
