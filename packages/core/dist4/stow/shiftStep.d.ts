/** Loading what goes in with one step earlier or later. */
import type { Placement } from '../trip/model.js';
import type { StowAssessment } from './assessment.js';
import type { LoadingStep } from './loadingSteps.js';
/**
 * The placements of a stow with the things of a step loaded before those of the step before it, or after those of the
 * next one, in the same compartment; undefined where there is none, and for what goes into pockets.
 */
export declare function shiftStep(stow: Pick<StowAssessment, 'placed'>, placements: readonly Placement[], steps: readonly LoadingStep[], step: LoadingStep, by: -1 | 1): readonly Placement[] | undefined;
