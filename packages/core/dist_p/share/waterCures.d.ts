import type { Trip } from '../trip/model.js';
import type { CureCandidate } from './cureCandidate.js';
import type { ShareProblem } from './problem.js';
import type { SolvedShare } from './solveShare.js';
export declare function waterCures(trip: Trip, problem: ShareProblem, best: SolvedShare | undefined): readonly CureCandidate[];
