/**
 * How near a stow is to the best there is: bounds that no arrangement of the same things beats.
 *
 * Things take room along one axis: soft ones as fluids, stiff ones with the length and the cross-sections they have;
 * what each slice of a compartment holds is all that limits them (see `momentBound`). So a bound is proven, and not
 * always reached: gravity, reach and what lies beside what are left out.
 */
import type { StowAssessment } from './assessment.js';
import type { StowProblem } from './stowProblem.js';
type Bounded = Pick<StowAssessment, 'placed' | 'layout' | 'heavyCm'>;
/**
 * The least distance from the back, cm, that the centre of gravity can have on the grid on which things are placed.
 * Every thing stays in its compartment, pockets stay as they are, and nothing hard is felt in the back.
 */
export declare function leastOutCm(problem: StowProblem, a: Bounded): number;
/**
 * No arrangement with every thing in the compartment where it is, pockets as they are and nothing above a ceiling has
 * its heavy half lower, or higher, cm; undefined when nothing heavy is stowed.
 */
export declare function heavyBoundCm(problem: StowProblem, a: Bounded, which: 'lowest' | 'highest'): number | undefined;
/**
 * What a stow comes to at least, by distance and height together, as the planner weighs the two: runs trade one for the
 * other.
 */
export declare function jointBound(problem: StowProblem, a: Bounded): number;
/** Distance out and way outside the band, as the planner weighs them. */
export declare function jointFigure(outCm: number, bandMissCm: number): number;
export {};
