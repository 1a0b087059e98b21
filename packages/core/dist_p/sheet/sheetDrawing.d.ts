/** A stowed pack as two small pictures for a sheet: every thing by the outline of its own middle, seen from the side and from behind. */
import type { StowAssessment } from '../stow/assessment.js';
import type { Pack } from '../trip/model.js';
/** Across the view and up, cm. */
export type OutlinePoint = readonly [h: number, z: number];
export interface SheetOutline {
    readonly thingId: string;
    /** Closed outlines: a soft thing may be cut in two places. */
    readonly outlines: readonly (readonly OutlinePoint[])[];
}
export interface SheetView {
    /** Ends of the picture, cm: across, from low to high, and up. */
    readonly h: readonly [number, number];
    readonly z: readonly [number, number];
    /** The pack's zones as boxes. */
    readonly zones: readonly {
        readonly name: string;
        readonly outline: readonly OutlinePoint[];
    }[];
    /** What is far from the eye comes first. */
    readonly things: readonly SheetOutline[];
    /** Centre of gravity. */
    readonly centre: OutlinePoint;
}
export interface SheetDrawing {
    /** The wearer's back is at the left. */
    readonly side: SheetView;
    /** Left is the wearer's left. */
    readonly behind: SheetView;
}
export declare function sheetDrawing(pack: Pack, stow: StowAssessment): SheetDrawing;
