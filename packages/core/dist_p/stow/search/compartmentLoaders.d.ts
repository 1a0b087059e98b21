/** The loaders of a search: one for each compartment, and for the main one another for each fill of the reservoir. */
import { ColumnLoader } from '../columnLoader.js';
import { TrialLoader, type Put } from '../trialLoader.js';
import type { SearchFacts } from './searchFacts.js';
import { type StowState } from './stowState.js';
export declare class CompartmentLoaders {
    private readonly facts;
    private readonly loaders;
    private readonly behindReservoir;
    constructor(facts: SearchFacts);
    /** The loader of a compartment beside the reservoir that the state has. */
    of(c: number, state: StowState): TrialLoader;
    /** Another loader of a compartment, with nothing in it. */
    fresh(c: number, state: StowState): ColumnLoader;
    /** Load a thing as the search does: what would stand out is mended, unless it is pinned. */
    readonly load: (loader: ColumnLoader, { t, turn, x, y }: Put) => void;
    /** Load a thing where it is put and nowhere else. */
    loadUnmended(loader: ColumnLoader, t: number, turn: number, xCm: number, yCm: number): void;
    /** Whether a thing would be put where it is: in the same cells, turned the same way. */
    isThere(state: StowState, t: number, c: number, xCm: number, yCm: number, turn: number): boolean;
    /** How far a thing keeps from the back, by turn; pinned ones stay where they were put. */
    private awayFor;
}
