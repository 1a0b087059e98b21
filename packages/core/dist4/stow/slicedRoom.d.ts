/**
 * Room along an axis, in slices that have a price each: the cheapest place for a thing, and what it takes there. Soft
 * things are fluids; a stiff one keeps its length along the axis and lies in one piece.
 */
/** A stretch of the axis cut into slices of equal thickness. */
export interface SliceGroup {
    readonly fromCm: number;
    readonly sliceCm: number;
    /** What each slice holds, cm³. */
    readonly capacityCm3: Float64Array;
    /** Slices are rows of a grid: what is in one counts at its middle, and stiff things begin where one begins. */
    readonly gridded?: boolean;
}
/** A part of a stiff thing that is as thick all along: so much volume, over a length about the thing's middle. */
export interface StiffStep {
    readonly lengthCm: number;
    readonly volumeCm3: number;
}
/** One way to take room in a group. */
export type RoomOption = {
    readonly kind: 'fluid';
    readonly group: number;
    readonly volumeCm3: number;
    /** Not more than this in one centimetre of the axis. */
    readonly mostPerCm: number;
} | {
    readonly kind: 'stiff';
    readonly group: number;
    readonly lengthCm: number;
    readonly steps: readonly StiffStep[];
    /** Where its lower end may be. */
    readonly startCm: readonly [number, number];
};
export interface Found {
    readonly price: number;
    /** A fluid's threshold price; where a stiff thing's lower end is. */
    readonly at: number;
}
export type Fluid = Extract<RoomOption, {
    kind: 'fluid';
}>;
export type Stiff = Extract<RoomOption, {
    kind: 'stiff';
}>;
/**
 * A fluid fills whatever costs less than a threshold, which is found by halving. The price is that of what is in at a
 * threshold where a little is still left out, with the rest at the threshold. It is never more than the true one.
 */
export declare function cheapestFluid(massKg: number, o: Fluid, group: SliceGroup, prices: Float64Array): Found;
/** Adds what a fluid takes: all below its threshold, the rest where it is the next. */
export declare function takeFluid(massKg: number, o: Fluid, group: SliceGroup, prices: Float64Array, threshold: number, used: Float64Array): void;
/** The price is straight between places where an end of the thing or of a step meets a slice's: the least is at one. */
export declare function cheapestStiff(massKg: number, o: Stiff, group: SliceGroup, sums: Float64Array): Found;
export declare function takeStiff(o: Stiff, group: SliceGroup, start: number, used: Float64Array): void;
