/**
 * A compartment that is loaded again and again with small changes. What was kept last stays loaded beside what is
 * tried. A trial therefore loads only from the first thing on that is not where it was.
 */
import type { ColumnLoader } from './columnLoader.js';
/** A thing as it was put: its index, its turn and its middle, cm. */
export interface Put {
    readonly t: number;
    readonly turn: number;
    readonly x: number;
    readonly y: number;
}
export declare class TrialLoader {
    /** Another loader of the compartment, with nothing in it. */
    readonly fresh: () => ColumnLoader;
    readonly loader: ColumnLoader;
    /** What was tried last, and what was kept, in loading order. */
    private readonly list;
    private kept;
    constructor(
    /** Another loader of the compartment, with nothing in it. */
    fresh: () => ColumnLoader);
    /**
     * Load a list.
     *
     * @param load puts one thing of it into a loader
     * @param isEnough asked after each thing; when it says so the rest is left
     * @returns whether all is loaded
     */
    try(list: readonly Put[], load: (loader: ColumnLoader, put: Put) => void, isEnough?: () => boolean): boolean;
    /** The i-th thing of what was tried last lies where it would have been put like this. */
    isAt(i: number, put: Put): void;
    /** What was tried last is what later trials will mostly begin with. */
    keep(): void;
}
