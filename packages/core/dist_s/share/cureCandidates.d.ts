import type { Member, Trip } from '../trip/model.js';
import type { CureCandidate } from './cureCandidate.js';
import type { ShareProblem } from './problem.js';
import type { SolvedShare } from './solveShare.js';
/** Every cure worth trying, in the order of the gentler first within a kind. */
export declare function cureCandidates(trip: Trip, problem: ShareProblem, best: SolvedShare | undefined): readonly CureCandidate[];
/** The member with a limit one kilogram higher on every day; undefined where that must not or cannot be. */
export declare function raisedLimit(trip: Trip, member: Member): Member | undefined;
