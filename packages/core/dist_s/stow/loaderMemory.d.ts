import type { Compartment } from './packGeometry.js';
import { type Solid, type Turn } from './solids.js';
/** A filled reservoir in its sleeve: columns nearer to the back than `depthCm` have it between two heights, cm. */
export interface Slab {
    readonly widthCm: number;
    readonly depthCm: number;
    readonly low: number;
    readonly high: number;
}
/** Where a rigid thing ended up, cm, pack frame. */
export interface RigidPlace {
    readonly turn: Turn;
    readonly xCm: number;
    readonly yCm: number;
    /** Its lowest point. */
    readonly zCm: number;
}
/** Where a rigid thing came to rest, and in which of its turns: not always where it was put. */
export interface Rest {
    readonly xCm: number;
    readonly yCm: number;
    readonly turn: number;
}
/** What a thing fills of a column, between two heights, cm. */
export interface ColumnPart {
    readonly column: number;
    readonly low: number;
    high: number;
}
/** No soft thing is taller than this many edges of a cube of its volume (Graft's own number). */
export declare const TALLEST_SPREAD = 2;
export declare class LoaderMemory {
    private readonly compartment;
    readonly things: number;
    readonly heap: import("./columnKernel.js").Heap;
    /** Address of the compartment. */
    readonly at: number;
    private readonly scope;
    private readonly columns;
    /** Most parts that a thing may have: one that is poured twice may come to lie under a reservoir and over it. */
    private readonly parts;
    private readonly patch;
    /** Stages that there is room for, by how many things are in. */
    private levels;
    private readonly turnsAt;
    private readonly turns;
    private readonly solidsAt;
    constructor(compartment: Compartment, things: number, slab: Slab | undefined, mayPart: boolean);
    private writeHead;
    private writeColumns;
    private slabRows;
    private writeSlab;
    /** Middle of a column, cm. */
    columnX(column: number): number;
    columnY(column: number): number;
    /** Address of the three lists of stages, one after the other. */
    private get lines();
    private setLine;
    private newStage;
    /** Room for so many things in: each level has a stage to write on and one that may be kept. */
    makeRoom(count: number): void;
    /** How many things are in. */
    get loaded(): number;
    /** Address of the stage with so many things in it. */
    stageAt(count: number): number;
    /**
     * A solid's address.
     *
     * @param awayCm by turn, how far a rigid thing stays from the back, where there is room for that
     */
    solidAt(solid: Solid, awayCm: readonly number[] | undefined): number;
    /** A turn's address; its steps from its first column are as they are in this grid. */
    private turnAt;
    /** Where a stage's last thing is, if it is a rigid one. */
    rigidOf(stage: number): RigidPlace | undefined;
    /** The same, which of its turns as a number. */
    restOf(i: number): Rest | undefined;
    voidCm3(stage: number): number;
    overCm3(stage: number): number;
    /** How many columns the last thing takes. */
    partCount(stage: number): number;
    /** Where the height that each column is filled to begins, in numbers of 64 bits. */
    heightsOf(stage: number): number;
    /** What a stage's last thing fills, column by column, when it was put there. */
    partsOf(stage: number): readonly ColumnPart[];
    /** By column, how far the i-th thing swelled under what came last, cm. */
    swellingsOf(stage: number, i: number): Generator<readonly [column: number, cm: number]>;
}
