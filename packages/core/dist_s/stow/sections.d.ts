/** What a plane shows of a thing that it cuts: true outlines, in centimetres across the view and up. */
import type { PlacedThing } from './assessment.js';
import type { Zone } from '../trip/model.js';
import type { Box } from './laidThing.js';
/** A cut across the wearer (`x` is fixed: seen from the side) or along the back (`y` is fixed: seen from behind). */
export interface Plane {
    readonly axis: 'x' | 'y';
    readonly at: number;
}
/** A column of a soft thing where the plane cuts it. */
export interface Column {
    readonly h: number;
    readonly low: number;
    readonly high: number;
}
export type Section = {
    readonly kind: 'box';
    readonly h0: number;
    readonly h1: number;
    readonly z0: number;
    readonly z1: number;
    /** Cut across its axis: a circle. */
    readonly circle: boolean;
} | {
    readonly kind: 'soft';
    readonly runs: readonly (readonly Column[])[];
    readonly cellCm: number;
};
/** The box of a zone. */
export declare function zoneBox(zone: Zone): Box;
/** The span of a box across a view. */
export declare function across(box: Box, axis: Plane['axis']): readonly [number, number];
/** Whether a plane meets a box. */
export declare function meets(box: Box, plane: Plane): boolean;
/** What a plane cuts of a thing; undefined where it passes it. What rides inside another thing is not seen. */
export declare function sectionOf(placed: PlacedThing, plane: Plane): Section | undefined;
/** A rectangle inside a section where its name has most room. */
export declare function roomFor(section: Section): Box2;
export interface Box2 {
    readonly h0: number;
    readonly h1: number;
    readonly z0: number;
    readonly z1: number;
}
