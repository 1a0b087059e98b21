/**
 * Simulated annealing over shifts and swaps of bundles, one tier of the objective at a time (Kirkpatrick, Gelatt &
 * Vecchi 1983, from memory). Half of the moves relieve the carrier furthest above the tier's target.
 */
import { type Random } from '../units/random.js';
import type { ShareState } from './shareState.js';
/** What a tier minimises and how it recognises something better. */
export interface Tier {
    readonly iterations: number;
    /** Temperatures at the start and the end of each cycle, in units of the energy. */
    readonly hot: number;
    readonly cold: number;
    readonly cycles: number;
    /** Energy of the state as it stands. */
    readonly energy: (state: ShareState) => number;
    /** Energy after a move, from what `state.weigh` has just said. */
    readonly energyAfter: (state: ShareState, b: number, to: number, back: number) => number;
    /** Called when a walk stands somewhere new; true when it was worth keeping (the tier keeps it). */
    readonly keep: (state: ShareState) => boolean;
    readonly enough: () => boolean;
    /** Called at the start of every cycle: put the state on the incumbent. */
    readonly restart: (state: ShareState) => void;
}
/**
 * @param movable bundles that more than one carrier may have
 * @param spend called every few thousand moves with how many; progress is told there
 */
export declare function anneal(state: ShareState, movable: readonly number[], tier: Tier, random: Random, spend: (moves: number) => void): void;
