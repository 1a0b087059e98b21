/**
 * Proof that no share has a lower level, by branch and bound over whole packs. Pack after pack is filled with every
 * choice of what is left. A choice is cut as soon as what it wastes cannot be spared.
 *
 * For a set S of carriers, pieces that only they may carry need the room of S: waste_S of a filled pack is its room
 * less what it holds of those pieces, and the waste of all filled packs of S may not exceed the room of S less all that
 * is confined to S. The same holds for volume. Bin completion after Korf 2003 (from memory), widened to days, volumes
 * and restricted sets.
 */
import { type ShareProblem } from './problem.js';
export interface LevelProof {
    /** The best assignment known at the end; better than the given one where the search found one. */
    readonly assignment: Int32Array;
    /** Whether its level is the lowest there is. */
    readonly proven: boolean;
    readonly nodes: number;
}
/**
 * @param assignment a share within all limits, packs and keep-apart rules, but for what personal things alone break
 * @param level its level
 * @param nodesMost how many choices may be tried
 */
export declare function proveLevel(problem: ShareProblem, assignment: Int32Array, level: number, nodesMost: number): LevelProof;
