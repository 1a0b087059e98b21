/** The tiers of a search for a share, one after another, each holding what the earlier ones reached. */
import type { Tier } from './anneal.js';
import type { ShareBound } from './bound.js';
import type { ShareProblem } from './problem.js';
import type { ShareScore } from './shareScore.js';
import type { ShareState } from './shareState.js';
/** Differences below this are rounding. */
export declare const TINY = 1e-9;
/** Parts of the iterations that each tier may take. */
export declare const PART: {
    fit: number;
    level: number;
    crowd: number;
    even: number;
    tidy: number;
};
/** A search under way: where it walks, and the best share so far. */
export declare class Incumbent {
    readonly problem: ShareProblem;
    readonly state: ShareState;
    readonly bound: ShareBound;
    assignment: Int32Array;
    score: ShareScore;
    /** Energies are ratios; the temperatures of the tiers are for ratios about 1. */
    readonly unit: number;
    constructor(problem: ShareProblem, state: ShareState, bound: ShareBound);
    /** Where the walk stands is the best so far. */
    take(): true;
    /** Walk on from an assignment if it is better than the best so far. */
    takeIfBetter(other: Int32Array): void;
    /** Walk on from the best so far, with ratios above a target as excess. */
    restart(target: () => number): (state: ShareState) => void;
}
/** What the first tier reached, for the others to hold: load and volume over, and broken keep-apart rules. */
export declare class Floor {
    readonly over: number;
    readonly apart: number;
    /** Pieces too many: not looked at before their tier. */
    private crowding;
    constructor(score: ShareScore);
    /** From now on, no more pieces too many than this either. */
    holdCrowding(score: ShareScore): void;
    private beyond;
    /** How far the state is beyond it, and how far it would be after a move that has just been weighed. */
    beyondIn(s: ShareState): number;
    beyondAfter(s: ShareState): number;
    isHeld(s: ShareState): boolean;
}
/** Least infeasibility. */
export declare function fitTier(best: Incumbent, iterations: number): Tier;
/** Lowest level: a target just below the incumbent is chased. */
export declare function levelTier(best: Incumbent, floor: Floor, iterations: number): Tier;
export declare function isAtBound({ score, bound }: Incumbent): boolean;
/** Fewest pieces above a fair number, while the level stays within a cap. */
export declare function crowdTier(best: Incumbent, floor: Floor, levelCap: number, iterations: number): Tier;
/** Evenness, while the level stays within a cap. Two walks: the second starts cooler, from the best of the first. */
export declare function evenTiers(best: Incumbent, floor: Floor, levelCap: number, iterations: number): readonly Tier[];
/** Tidiness, while evenness stays within its give. */
export declare function tidyTier(best: Incumbent, floor: Floor, levelCap: number, evennessGives: boolean, iterations: number): Tier;
