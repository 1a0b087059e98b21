import type { Member, Trip } from '../trip/model.js';
import type { StowAssessment } from './assessment.js';
export interface PackFigures {
    readonly memberId: string;
    readonly stow: StowAssessment;
    /** Everything has a place and nothing is wrong. */
    readonly done: boolean;
}
export declare function packFigures(trip: Trip, member: Member): PackFigures;
/** The same, made anew. */
export declare function packFiguresNow(trip: Trip, memberId: string): PackFigures;
