/** Hard things against the back: what pokes and what lies flat (common practice, no source; the numbers are Graft's own). */
import type { Thing } from '../trip/model.js';
import type { StowLayout } from './layout.js';
import type { Turn } from './solids.js';
/** Points go through what gives: they stay further off, cm. */
export declare const POINTS_WITHIN_CM = 3;
/**
 * Whether a rigid thing is felt in the back: hard or sharp, near the panel, with an edge or a small face to it.
 *
 * @param fromPanelCm distance of its nearest point from the back panel
 * @param reservoirBetween a filled reservoir lies in the sleeve and pads
 */
export declare function isHardAtBack(thing: Thing, turn: Turn, fromPanelCm: number, reservoirBetween: boolean): boolean;
/** Whether points in a soft bag, such as pegs, are so near to the back panel that they are driven in. */
export declare function arePointsAtBack(thing: Thing, fromPanelCm: number): boolean;
/** How far a turned thing stays from the back panel so that it is not felt, cm. */
export declare function keptFromBackCm(thing: Thing, turn: Turn, reservoirBetween: boolean): number;
/** Whether a reservoir in its sleeve lies between the back and the rest of a stow. */
export declare function isReservoirBetween(a: Pick<StowLayout, 'things'>): boolean;
