/**
 * The loader once more, as plainly as it can be told: lists of numbers by column, every figure counted anew. What the
 * kernel does fast must come to the same; see `ColumnLoader` for what the words mean.
 */
import type { Slab } from '../stow/loaderMemory.js';
import type { Compartment } from '../stow/packGeometry.js';
import type { Turn } from '../stow/solids.js';
interface Part {
    readonly column: number;
    readonly low: number;
    high: number;
}
export interface PlainThing {
    readonly parts: Part[];
    slackCm3: number;
}
export interface Patch {
    readonly x: number;
    readonly y: number;
    readonly wide: number;
    readonly deep: number;
}
export declare class PlainLoader {
    private readonly c;
    readonly things: PlainThing[];
    readonly height: number[];
    voidCm3: number;
    overCm3: number;
    /** By column, the thing that is uppermost in it. */
    private readonly topmost;
    private readonly slabAt;
    private readonly area;
    constructor(c: Compartment, slab: Slab | undefined);
    /** A turned thing with its first cell in a column; how far above the lowest ceiling over it, cm, it would stand. */
    rest(turn: Turn, x: number, y: number): {
        readonly z: number;
        readonly aboveCm: number;
    };
    putRigid(turn: Turn, x: number, y: number): void;
    /** What goes nowhere. */
    leaveOut(cm3: number): void;
    /** Pour a soft thing over a patch, then what is left beside it. */
    pour(cm3: number, looseCm3: number, leastCm: number, patch: Patch): void;
    /** Gaps at the top that are too narrow for anything, cm³. */
    creviceCm3(creviceCm: number): number;
    private cellsOf;
    private flow;
    /** The level at which a volume is in: columns that would get too little leave, then those that would get too much. */
    private settle;
    private piecesOf;
    private isBeside;
    private neighbours;
    /** Heights with gaps narrower than k cells closed: the least, over the squares of k × k that hold a cell, of their greatest. */
    private closed;
    private roofOf;
    private fill;
    /** Space under what comes: what lies there swells into it as far as it does; the rest is lost. */
    private gap;
    private passSlab;
}
export {};
