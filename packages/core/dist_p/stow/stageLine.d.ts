/**
 * The stages of a loader, by how many things are in: the line that is in use, one that was kept to go back to, and room
 * to write on beside that.
 */
export declare class StageLine<T> {
    private readonly fresh;
    /** Later ones than `count` are of no meaning: they are written over. */
    private readonly stages;
    private readonly kept;
    private readonly spare;
    private inUse;
    /**
     * @param empty the stage with nothing in it
     * @param fresh makes another to write on
     */
    constructor(empty: T, fresh: () => T);
    /** How many things are in. */
    get count(): number;
    /** The stage with so many things in it. */
    at(count: number): T;
    /** Something of all that are in use, by how many things are in. */
    all<R>(of: (stage: T) => R): R[];
    get last(): T;
    /** A stage to write one thing more on; it is in use once that is added. */
    next(): T;
    added(): void;
    /** Take out all but the first so many. */
    rewind(count: number): void;
    /** What is in now can be gone back to, whatever is loaded instead. */
    keep(): void;
    /** The first so many that were in when it was last kept are in, and nothing else. */
    goBackToKept(count: number): void;
}
