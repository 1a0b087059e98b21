/** A compartment that a search loads and looks at again and again; the kernel does both. */
import { ColumnLoader } from '../columnLoader.js';
import type { Slab } from '../loaderMemory.js';
import type { CompartmentView } from './compartmentView.js';
import type { FactsMemory } from './factsMemory.js';
import type { SearchFacts } from './searchFacts.js';
import { type StowState } from './stowState.js';
export declare class Desk {
    private readonly facts;
    private readonly slab?;
    readonly loader: ColumnLoader;
    private readonly at;
    /** By thing: whether its address as a solid is written down. */
    private readonly known;
    private readonly compartment;
    constructor(facts: SearchFacts, memory: FactsMemory, c: number, slab?: Slab | undefined);
    private writeHead;
    private number;
    private count;
    /** Another loader of the compartment, with nothing in it. */
    fresh(): ColumnLoader;
    /**
     * Load things as the state has them, and look at them.
     *
     * @param things in loading order
     * @param limit address of what the whole may come to; 0 when it may be anything
     * @returns undefined when the whole is certain to be above the limit
     */
    view(state: StowState, things: readonly number[], limit: number): CompartmentView | undefined;
    /** Told one by one: this is asked for with every move. */
    private figures;
    private writeSolid;
    /** How far a thing keeps from the back, by turn; pinned ones stay where they were put. */
    private awayOf;
    /** How the i-th thing stands that was looked at last. */
    zoneOf(i: number): number;
    heightOf(i: number): number;
    troubleOf(i: number): number;
    /** The i-th thing that is in lies where it would have been put like this. */
    isAt(i: number, xCm: number, yCm: number, turn: number): void;
    /** What is in is what later views will mostly begin with. */
    keep(): void;
    /** Load a thing into a loader where it is put and nowhere else. */
    loadUnmended(loader: ColumnLoader, t: number, turn: number, xCm: number, yCm: number): void;
    /** A number for the cells that a thing would take, the same for the same cells. */
    patchOf(t: number, turn: number, xCm: number, yCm: number): number;
}
