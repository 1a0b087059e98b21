import type { PointCm } from '../../trip/model.js';
import type { StowCost } from '../stowCost.js';
import type { StowProblem } from '../stowProblem.js';
import type { SearchFacts } from './searchFacts.js';
/** Aimed at inside the half centimetre that is promised, so that rounding does not spoil it. */
export declare const ASIDE_FREE_CM: number;
/** Side pockets that differ by no more weigh the same, kg; what each kg more costs, as a place of second choice does. */
export declare const SIDE_FREE_KG = 0.3;
export declare const PER_KG_UNEVEN = 200;
/** Voids up to this are nobody's fault. */
export declare const VOID_FREE_PERCENT = 2.5;
/** What one compartment adds to the whole: `StowCost` without what only the whole has. */
export interface PartFigures {
    misfit: number;
    safety: number;
    tooDeep: number;
    misplaced: number;
    /** In the side pockets, right ones less left ones, kg. */
    sideKg: number;
    voidL: number;
    filledL: number;
    massKg: number;
    /** Moments: mass times the middle, kg·cm. */
    mx: number;
    my: number;
    mz: number;
    /** Moment of the heavy half, kg·cm. */
    hz: number;
}
export declare function noFigures(): PartFigures;
/** How many there are. */
export declare const FIGURES: number;
/** The empty pack's figures. */
export declare function packFigures({ problem }: SearchFacts): PartFigures;
/**
 * @param isMain voids elsewhere are the pocket's own business
 * @param sign −1 takes them away
 */
export declare function addFigures(sum: PartFigures, part: Readonly<PartFigures>, isMain: boolean, sign?: number): void;
/** The centre of gravity, cm; the pack frame's corner where nothing has any mass. */
export declare function centreOf({ massKg, mx, my, mz }: Readonly<PartFigures>): PointCm;
/** How far the heavy half is above its band, cm; negative below, 0 inside and where nothing is heavy. */
export declare function bandMissOf(hz: number, { heavy, band: [low, high] }: Schooled): number;
export type Schooled = Pick<StowProblem, 'heavy' | 'band'>;
export declare function costOf(sum: Readonly<PartFigures>, schooled: Schooled): StowCost;
/** Voids beyond what is nobody's fault, percent of the space filled. */
export declare function voidPercentOf(voidL: number, filledL: number): number;
