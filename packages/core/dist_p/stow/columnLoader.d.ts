import { LoaderMemory, type ColumnPart, type RigidPlace, type Slab } from './loaderMemory.js';
import type { Compartment } from './packGeometry.js';
import type { Solid } from './solids.js';
/** Gaps at the top narrower than this are lost, cm (Graft's own number). */
export declare const CREVICE_CM = 3;
export declare class ColumnLoader {
    readonly compartment: Compartment;
    private readonly slab?;
    readonly memory: LoaderMemory;
    private readonly patch;
    /** @param most things that will be loaded at once */
    constructor(compartment: Compartment, most: number, slab?: Slab | undefined, 
    /** What finds no room beside the rest of a soft thing may lie apart from it, and else does not go in. */
    mayPart?: boolean);
    /** Middle of a column, cm. */
    columnX(column: number): number;
    columnY(column: number): number;
    /** How many things are in. */
    get loaded(): number;
    private get last();
    /** Height that each column is filled to. */
    get height(): Float64Array;
    get voidCm3(): number;
    get overflowCm3(): number;
    /** A filled reservoir lies at the back. */
    get hasSlab(): boolean;
    /** Take out all but the first things that were loaded. */
    rewind(count: number): void;
    /**
     * Load a thing with its middle over a point of the floor, as near as walls allow.
     *
     * @param mend a rigid thing that would stand out above its ceiling goes to the lowest place there is instead
     * @param awayCm by turn, how far a rigid thing stays from the back, where there is room for that
     */
    load(solid: Solid, turn: number, xCm: number, yCm: number, mend?: boolean, awayCm?: readonly number[]): void;
    /** Where a thing would be put: its patch of cells as one number, the same for the same patch. */
    patchOf(solid: Solid, turn: number, xCm: number, yCm: number, awayCm?: readonly number[]): number;
    /** What of the i-th loaded thing did not go in, cm³. */
    overflowOf(i: number): number;
    /** Where the i-th loaded thing is, if it is a rigid one. */
    rigidAt(i: number): RigidPlace | undefined;
    /** What the i-th loaded thing fills, column by column, swollen as it is. */
    partsOf(i: number): readonly ColumnPart[];
    /** How many columns the i-th loaded thing takes. */
    columnsOf(i: number): number;
    /** Over how many of the i-th thing's columns each later one lies, by place in the loading order. */
    coversOf(i: number): Uint16Array;
    /** The area in which the j-th loaded thing lies against an earlier one, cm². @param i less than j */
    touchCm2(i: number, j: number): number;
    /**
     * Find the middle of the i-th loaded thing: `middleX`, `middleY`, `middleZ`.
     *
     * @returns false when nothing of it is in
     */
    measure(i: number): boolean;
    get middleX(): number;
    get middleY(): number;
    get middleZ(): number;
    private measured;
    /** Gaps at the top that are too narrow for anything, cm³: part of the voids once all is loaded. */
    creviceCm3(): number;
}
