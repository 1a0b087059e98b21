/** Simulated annealing over places, turns, loading order and compartments. */
import type { Random } from '../../units/random.js';
import { type StowWeights } from '../stowCost.js';
import type { StowSearch } from './stowSearch.js';
import { type Heat } from './tuning.js';
/**
 * @param search ends on the best stow it has seen
 * @param onProgress called every so many moves, with the search at the best stow so far
 */
export declare function anneal(search: StowSearch, random: Random, moves: number, { hot, cold, wide }: Heat, weights: StowWeights, onProgress?: () => void): void;
