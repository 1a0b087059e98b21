/** Cures by which others take over what is somebody's own: bag, mat, clothes, food. What is wanted at hand stays. */
import type { Trip } from '../trip/model.js';
import type { CureCandidate } from './cureCandidate.js';
import type { ShareProblem } from './problem.js';
import type { SolvedShare } from './solveShare.js';
/** A cure for each member who is above the limit in the best share and still carries things that others could. */
export declare function ownThingCures(trip: Trip, problem: ShareProblem, best: SolvedShare | undefined): readonly CureCandidate[];
