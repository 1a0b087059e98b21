import type { StowAssessment } from './assessment.js';
import type { StowProblem } from './stowProblem.js';
export interface LoadingStep {
    readonly id: string;
    readonly text: string;
    readonly hint?: string;
    /** The things that go in with this step; none for what is done to the pack itself. */
    readonly thingIds: readonly string[];
}
export declare function loadingSteps(problem: StowProblem, a: StowAssessment): readonly LoadingStep[];
