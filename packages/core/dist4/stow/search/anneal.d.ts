/** Simulated annealing over places, turns, loading order and compartments. */
import type { Random } from '../../units/random.js';
import { type StowCost, type StowWeights } from '../stowCost.js';
import type { Change, Limit, StowSearch } from './stowSearch.js';
import { type Heat } from './tuning.js';
/** What a change comes to. */
interface Come {
    readonly cost: StowCost;
}
/** What is annealed: a search by itself, or with more that hangs on its state. */
export interface Annealed<T extends Come> {
    settle: () => Come;
    trial: (change: Change, limit: Limit) => T | undefined;
    commit: (next: T) => void;
}
/** One annealing, which may be seen through in parts. */
export declare class Annealing<T extends Come> {
    private readonly search;
    private readonly annealed;
    private readonly random;
    private readonly moves;
    private readonly heat;
    private readonly weights;
    private done;
    private best;
    private energy;
    constructor(search: StowSearch, annealed: Annealed<T>, random: Random, moves: number, heat: Heat, weights: StowWeights);
    /** The energy of the best stow so far. */
    get least(): number;
    /**
     * Make moves.
     *
     * @param part of all moves, made by the end of this
     * @param onProgress called every so many moves, with the search at the best stow so far
     */
    run(part: number, onProgress?: () => void): void;
    /** The search is at the best stow that was seen. */
    end(): void;
}
/** Anneal a search from beginning to end; it ends on the best stow it has seen. */
export declare function anneal(search: StowSearch, random: Random, moves: number, heat: Heat, weights: StowWeights, onProgress?: () => void): void;
export {};
