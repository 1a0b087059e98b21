/**
 * How small a sum of moments can get: things of given mass and volume along an axis whose slices hold only so much.
 *
 * Lagrangian relaxation: every slice gets a price for its room, every thing takes its cheapest place at those prices,
 * and what the room sold for is taken off. Whatever the prices, no arrangement has a smaller sum (weak duality); the
 * prices are raised where things crowd and lowered where room is left, by Polyak's subgradient steps. Soft things are
 * fluids; a stiff one keeps its length along the axis and lies in one piece.
 */
import { type RoomOption, type SliceGroup } from './slicedRoom.js';
export interface BoundThing {
    readonly massKg: number;
    readonly options: readonly RoomOption[];
}
/**
 * @param known a sum that some arrangement has, kg·cm: steps are measured by it
 * @returns kg·cm that no arrangement is below, −Infinity when a thing has no option
 */
export declare function leastMomentBound(things: readonly BoundThing[], groups: readonly SliceGroup[], known: number): number;
