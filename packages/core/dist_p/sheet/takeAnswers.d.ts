import type { Trip } from '../trip/model.js';
import { type MassUnit } from '../units/format.js';
import { type Answers } from './answers.js';
export interface AnswerProposal {
    readonly id: string;
    readonly label: string;
    /** It gives a body weight away. */
    readonly isPrivate: boolean;
    readonly apply: (trip: Trip) => Trip;
}
/** @returns what of the answers the trip does not have yet, in the order in which it is asked */
export declare function answerProposals(trip: Trip, memberId: string, answers: Answers, unit?: MassUnit): readonly AnswerProposal[];
/** All proposals into the trip, one after another. */
export declare function takeAnswers(trip: Trip, memberId: string, answers: Answers): Trip;
