import type { StowWeights } from '../stowCost.js';
import { type PartFigures } from './partFigures.js';
import type { SearchFacts } from './searchFacts.js';
export declare class FactsMemory {
    private readonly facts;
    /** Addresses. */
    readonly at: number;
    readonly limitAt: number;
    private readonly heap;
    constructor(facts: SearchFacts);
    private writeHead;
    private writePrices;
    private writeThing;
    private number;
    private count;
    /** A limit on what the whole comes to with one compartment more; its address. */
    limit(most: number, weights: StowWeights, others: Readonly<PartFigures>): number;
}
