/** The patch of a compartment's floor that a thing is put over: its first cell, and how many cells it takes. */
import type { Compartment } from './packGeometry.js';
import { type Solid, type Turn } from './solids.js';
/** One patch, found anew again and again: so many are looked for that none is made for each. */
export declare class FloorPatch {
    private readonly compartment;
    x: number;
    y: number;
    wide: number;
    deep: number;
    constructor(compartment: Compartment);
    /**
     * Under a turned thing with its middle over a point, as near as walls allow.
     *
     * @param awayCm how far it stays from the back, where there is room for that
     */
    findUnder(turn: Pick<Turn, 'nx' | 'ny' | 'depthCm'>, xCm: number, yCm: number, awayCm: number): void;
    /** Under a soft thing that spreads one way. */
    findSpread(volumeCm3: number, spread: number, xCm: number, yCm: number): void;
    private cellsOver;
    private find;
    /** Where a thing would be put: its patch of cells as one number, the same for the same patch. */
    of(solid: Solid, turn: number, xCm: number, yCm: number, awayCm?: readonly number[]): number;
}
