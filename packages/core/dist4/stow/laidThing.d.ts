/** A thing as it lies in its pack. */
import type { Placement, PointCm, Thing, Zone } from '../trip/model.js';
import type { ColumnLoader } from './columnLoader.js';
import type { RigidPlace } from './loaderMemory.js';
import type { Compartment } from './packGeometry.js';
import type { Solid, Turn } from './solids.js';
export interface Box {
    readonly x0: number;
    readonly x1: number;
    readonly y0: number;
    readonly y1: number;
    readonly z0: number;
    readonly z1: number;
}
/** A piece of a soft thing: one column of the grid between two heights. */
export interface Segment {
    /** Middle of the column, cm. */
    readonly x: number;
    readonly y: number;
    readonly z0: number;
    readonly z1: number;
}
export interface LaidThing {
    readonly thing: Thing;
    readonly placement: Placement;
    /** Where its middle is: for things in the main compartment that may be another zone than the placement says. */
    readonly zone: Zone;
    readonly compartmentId: string;
    /** Its place in the loading order of its compartment, from 0. */
    readonly order: number;
    readonly massKg: number;
    /** With all that rides in it, kg. */
    readonly wholeKg: number;
    readonly waterL: number;
    /** What it takes as it lies: a compressible thing swells into voids. */
    readonly volumeL: number;
    readonly centre: PointCm;
    readonly box: Box;
    /** How a rigid thing is turned; undefined for soft ones. */
    readonly turn: Turn | undefined;
    /** Columns of a soft thing; empty for rigid ones. */
    readonly segments: readonly Segment[];
    /** The thing it rides in. */
    readonly insideId: string | undefined;
}
export type Geometry = Pick<LaidThing, 'volumeL' | 'centre' | 'box' | 'turn' | 'segments'>;
/** Where the i-th loaded thing of a loader is. */
export declare function geometryOf(loader: ColumnLoader, i: number, solid: Solid, spot: Placement['spot'], c: Compartment): Geometry;
/** The outline of a rigid thing, cm. */
export declare function boxOf({ turn, xCm, yCm, zCm }: RigidPlace): Box;
