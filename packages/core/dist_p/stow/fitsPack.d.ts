/** Whether a thing goes into or onto a pack at all, by its true size and the ways it can be turned. */
import type { Pack, Thing, Zone } from '../trip/model.js';
import { type Compartment } from './packGeometry.js';
import { type Solid, type Turn } from './solids.js';
/** Whether some turn of a thing stands between the walls and under the ceiling of a compartment. */
export declare function goesInto(solid: Solid, c: Compartment): boolean;
/** Whether a thing turned like this stands between the walls and under the ceiling of a compartment. */
export declare function turnGoesInto(turn: Turn, c: Compartment): boolean;
/**
 * Whether a compartment takes a thing: its shape, its volume and its weight. The one test of that, for the planner, the
 * check and whatever names a place.
 *
 * @param volumeL what it takes up
 */
export declare function takes(c: Compartment, thing: Thing, solid: Solid, volumeL: number): boolean;
/** Whether a stiff thing goes into a compartment turned as it should stand. */
export declare function fitsUpright(thing: Thing, c: Compartment, stands: (turn: Turn) => boolean): boolean;
/** Zones of a pack that take a thing. */
export declare function zonesThatTake(thing: Thing, pack: Pack): readonly Zone[];
/** Whether some part of the pack, inside or out, takes the thing's shape; soft things fit everywhere. */
export declare function fitsPack(thing: Thing, pack: Pack): boolean;
