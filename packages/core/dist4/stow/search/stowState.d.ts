/**
 * The state of a search for a stow: every thing's compartment, middle and turn, and the loading order. Whatever changes
 * it returns how to take that back.
 */
import type { Placement } from '../../trip/model.js';
import type { SearchFacts } from './searchFacts.js';
export type Undo = () => void;
/** A state to go back to. */
export interface KeptState {
    readonly compartments: Int16Array;
    readonly turns: Int16Array;
    readonly x: Float64Array;
    readonly y: Float64Array;
    readonly order: Int16Array;
}
export declare class StowState {
    private readonly facts;
    private readonly compartments;
    private readonly turns;
    private readonly x;
    private readonly y;
    /** Things in loading order. */
    private readonly order;
    /** By compartment: something in it changed since that was last cleared. */
    private readonly stale;
    /** @param placements in loading order; what they do not place is in no compartment, and last in the order */
    constructor(facts: SearchFacts, placements: readonly Placement[]);
    /** −1 for a thing that is nowhere. */
    compartmentOf(t: number): number;
    turnOf(t: number): number;
    /** Its middle, cm: the search's wish, not always where it comes to rest. */
    xOf(t: number): number;
    yOf(t: number): number;
    /** How many things are loaded: nested ones are not. */
    get count(): number;
    /** The k-th thing in loading order. */
    thingAt(k: number): number;
    /** Things of a compartment in loading order. */
    thingsIn(c: number): number[];
    /** Whether a thing is put so already. */
    isPut(t: number, c: number, xCm: number, yCm: number, turn: number): boolean;
    /** Put a thing somewhere. */
    put(t: number, c: number, xCm: number, yCm: number, turn: number): Undo;
    private set;
    /**
     * Where a thing came to rest is where it is from now on; its compartment holds what it did.
     *
     * @returns whether that is elsewhere
     */
    settle(t: number, xCm: number, yCm: number, turn: number): boolean;
    /** Load the thing at one place of the order at another, among those of its compartment. */
    reorder(from: number, to: number): Undo;
    private move;
    /** Two things change their turns in the loading order. */
    swapInOrder(t: number, u: number): Undo;
    /** @param things all that are loaded, each once */
    loadInOrder(things: readonly number[]): void;
    keep(): KeptState;
    restore(kept: KeptState): void;
    isStale(c: number): boolean;
    /** Everything is evaluated as it stands. */
    clearStale(): void;
    /** Everything may have changed. */
    touchAll(): void;
    private touch;
}
/** As placements are written down, so that nothing comes to lie elsewhere by the rounding. */
export declare function roundCm(value: number): number;
