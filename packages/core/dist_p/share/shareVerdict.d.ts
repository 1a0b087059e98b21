import type { Trip } from '../trip/model.js';
import { type MassUnit } from '../units/format.js';
import type { ShareBound } from './bound.js';
import type { ShareFigures } from './shareFigures.js';
export interface ShareVerdict {
    /** From whose load to whose, and whether that is even. */
    readonly spread: string;
    /** What makes the largest load. */
    readonly peak: string;
    /** How near the largest load is to the best; of those who carry for the group, where own things are the largest. */
    readonly distance: string;
}
/**
 * @param bound the best that is known, when that is more than the figures have
 * @param digits of the distance
 */
export declare function shareVerdict(trip: Trip, figures: ShareFigures, unit?: MassUnit, bound?: ShareBound, digits?: number): ShareVerdict;
