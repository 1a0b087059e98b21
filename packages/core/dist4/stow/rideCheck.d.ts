import type { Placement } from '../trip/model.js';
import type { StowAssessment } from './assessment.js';
import { type StowMove } from './stowMoves.js';
import type { StowProblem } from './stowProblem.js';
export declare const SYMPTOMS: {
    readonly neck: 'sore neck or shoulders';
    readonly lowerBack: 'sore lower back';
    readonly pulledBack: 'pulled backward';
    readonly toOneSide: 'pulled to one side';
    readonly numbHands: 'numb hands, tingling arms';
    readonly sways: 'sways or rattles';
    readonly pokes: 'something pokes';
    readonly emptied: 'had to empty it for something';
};
export type Symptom = keyof typeof SYMPTOMS;
export interface RideAdvice {
    readonly symptom: Symptom;
    /** The likely cause, with the number that speaks for it. */
    readonly cause: string;
    /** Whether this stow shows that cause; otherwise a strap is the first guess. */
    readonly found: boolean;
    /** The strap to adjust. */
    readonly strap: string;
    readonly moves: readonly StowMove[];
}
/** @param about the thing that it had to be emptied for, where that was it */
export declare function rideAdvice(problem: StowProblem, a: StowAssessment, placements: readonly Placement[], symptom: Symptom, about?: string): RideAdvice;
