/** The desks of a search: one for each compartment, and for the main one another for each fill of the reservoir. */
import type { ColumnLoader } from '../columnLoader.js';
import { Desk } from './desk.js';
import { FactsMemory } from './factsMemory.js';
import type { SearchFacts } from './searchFacts.js';
import { type StowState } from './stowState.js';
export declare class Desks {
    private readonly facts;
    readonly memory: FactsMemory;
    private readonly desks;
    private readonly behindReservoir;
    constructor(facts: SearchFacts);
    /** The desk of a compartment beside the reservoir that the state has. */
    of(c: number, state: StowState): Desk;
    /** Another loader of a compartment, with nothing in it. */
    fresh(c: number, state: StowState): ColumnLoader;
    /** Whether a thing would be put where it is: in the same cells, turned the same way. */
    isThere(state: StowState, t: number, c: number, xCm: number, yCm: number, turn: number): boolean;
}
