import type { Compartment } from './packGeometry.js';
import type { Turn } from './solids.js';
/** A filled reservoir in its sleeve: columns nearer to the back than `depthCm` have it between two heights, cm. */
export interface Slab {
    readonly widthCm: number;
    readonly depthCm: number;
    readonly low: number;
    readonly high: number;
}
/** What a thing fills of a column, between two heights, cm. */
export interface ColumnPart {
    readonly column: number;
    readonly low: number;
    high: number;
}
export declare class LoaderMemory {
    private readonly compartment;
    private readonly things;
    readonly heap: import("./columnKernel.js").Heap;
    private readonly scope;
    /** Address of the compartment. */
    private readonly at;
    private readonly columns;
    /** Most parts that a thing may have: one that is poured twice may come to lie under a reservoir and over it. */
    private readonly parts;
    private readonly turnsAt;
    constructor(compartment: Compartment, things: number, slab: Slab | undefined);
    private writeHead;
    private writeColumns;
    private writeSlab;
    /** Middle of a column, cm. */
    columnX(column: number): number;
    columnY(column: number): number;
    /** Room for what the compartment may hold at some stage; its address. */
    newStage(): number;
    /**
     * The area in which the j-th thing lies against the i-th, cm², as both are once all is loaded.
     *
     * @param stages by how many things are in
     */
    touchCm2(stages: readonly number[], i: number, j: number): number;
    /** Let the kernel work on one of the stages. */
    use(stage: number): void;
    /** A turn's address; its steps from its first column are as they are in this grid. */
    addressOf(turn: Turn): number;
    voidCm3(stage: number): number;
    overCm3(stage: number): number;
    /** So much did not go in. */
    addOver(stage: number, cm3: number): void;
    /** How many columns the last thing takes. */
    partCount(stage: number): number;
    /** Where the sums of the i-th thing begin, in numbers of 64 bits. */
    sumsOf(stage: number, i: number): number;
    /** Where the height that each column is filled to begins, in numbers of 64 bits. */
    heightsOf(stage: number): number;
    /** What a stage's last thing fills, column by column, when it was put there. */
    partsOf(stage: number): readonly ColumnPart[];
    /** By column, how far the i-th thing swelled under what came last, cm. */
    swellingsOf(stage: number, i: number): Generator<readonly [column: number, cm: number]>;
}
