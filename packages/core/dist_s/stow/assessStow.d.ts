import type { Placement, Trip } from '../trip/model.js';
import type { StowAssessment } from './assessment.js';
import { type StowProblem } from './stowProblem.js';
/**
 * Assess a member's stow.
 *
 * @param placements where things go, in loading order; by default what the trip's stow says. Food of the day is fetched up
 * @param day the day whose masses count
 */
export declare function assessStow(trip: Trip, memberId: string, day: number, placements?: readonly Placement[]): StowAssessment;
export declare function assess(problem: StowProblem, placements: readonly Placement[]): StowAssessment;
