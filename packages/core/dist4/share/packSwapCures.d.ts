/** Cures by which packs change hands: those that anybody may have, and those that nobody has yet. */
import type { Trip } from '../trip/model.js';
import type { CureCandidate } from './cureCandidate.js';
import { type ShareProblem } from './problem.js';
import type { SolvedShare } from './solveShare.js';
/** A cure for each pack that could go to somebody for whom it is too much, too small or too weak. */
export declare function packSwapCures(trip: Trip, problem: ShareProblem, best: SolvedShare | undefined): readonly CureCandidate[];
