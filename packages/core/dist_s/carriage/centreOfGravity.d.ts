/** Centre of gravity of point masses: Σ mᵢrᵢ / Σ mᵢ. */
import type { PointCm } from '../trip/model.js';
export interface PointMass {
    readonly massKg: number;
    readonly atCm: PointCm;
}
/**
 * @param masses at least one with a mass above 0
 * @returns the centre of gravity, cm, in the frame of the points
 * @throws RangeError when the masses add up to nothing
 */
export declare function centreOfGravity(masses: readonly PointMass[]): PointCm;
