/**
 * How stiff things stand (common practice, no source). A bottle stands on the floor of its pocket with nothing stiff
 * under it; else it tips and is lost at the first bend. In a pocket nothing beside a thing holds it: one that rests
 * wholly to one side of its middle falls over. In the main compartment what lies beside it holds it.
 */
import type { Box } from './laidThing.js';
import type { Thing } from '../trip/model.js';
/** Stiff, and full of what runs out. */
export declare function isBottle({ waterCapacityL, flags, shape }: Thing): boolean;
export interface Standing {
    readonly bottle: boolean;
    /** Its outline, cm; undefined for soft things, which give. */
    readonly stiff: Box | undefined;
}
export type BadStand = 'on stiff' | 'off the floor' | 'to one side';
/**
 * What is wrong with how a thing stands.
 *
 * @param i which of the things
 * @param things of one compartment, in the order in which they are loaded
 * @param pocketFloorCm where the floor of a pocket is; undefined in the main compartment
 */
export declare function badStand(i: number, things: readonly Standing[], pocketFloorCm: number | undefined): BadStand | undefined;
