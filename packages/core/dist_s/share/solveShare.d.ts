import type { Assignment } from '../trip/model.js';
import { type ShareBound } from './bound.js';
import type { ShareProblem } from './problem.js';
import type { ShareScore } from './shareScore.js';
/** How much of the level the evenness tier may give back when nothing else is asked for: 0.02 %. */
export declare const LEVEL_GIVE = 0.0002;
/** What a leader may ask for instead: 1 % of the level, for much fairer later days. */
export declare const LEVEL_GIVE_FOR_DAYS = 0.01;
export interface ShareOptions {
    readonly seed: number;
    /** Search moves of the level tier; the others take parts of it. By the problem's size when left out. */
    readonly iterations?: number;
    /** Relative give of the level for evenness; 0 for strictly lexicographic. */
    readonly levelGive?: number;
    /** Whether tidiness may take a little evenness; false for strictly lexicographic. */
    readonly evennessGives?: boolean;
    /** Only look for a share within limits, packs and rules, as soon as there is one. */
    readonly tiers?: 'all' | 'fit';
    /** Choices that the proof may try; 0 for none. By the problem's size when left out. */
    readonly proofNodes?: number;
    readonly onProgress?: (progress: ShareProgress) => void;
}
export interface ShareProgress {
    /** From 0 to 1. */
    readonly done: number;
    readonly best: SolvedShare;
}
export interface SolvedShare {
    readonly kind: 'solved';
    readonly seed: number;
    readonly share: readonly Assignment[];
    readonly score: ShareScore;
    readonly bound: ShareBound;
    /** (level − bound) / bound, never negative. */
    readonly gap: number;
    /** The lowest level found, before evenness took its give. */
    readonly reachedLevel: number;
    /** No share has a lower level than `reachedLevel`: the bound meets it, or all others were ruled out. */
    readonly proven: boolean;
    readonly iterations: number;
}
export interface ContradictoryShare {
    readonly kind: 'contradiction';
    readonly seed: number;
    readonly reasons: readonly string[];
}
export type ShareResult = SolvedShare | ContradictoryShare;
/** Search moves by the number of choices there are. */
export declare function usualIterations(problem: ShareProblem): number;
/**
 * Divide all group pieces among the members.
 *
 * @param problem from `shareProblem`
 * @param options seed and budget
 * @returns a share with its score, bound and gap; or the contradicting rules, when no share can exist
 */
export declare function solveShare(problem: ShareProblem, options: ShareOptions): ShareResult;
/** How far a level is above the bound, relative to it; a zero bound has no gap. */
export declare function shareGap(level: number, boundLevel: number): number;
