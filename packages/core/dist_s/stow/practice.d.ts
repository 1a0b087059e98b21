import type { StowAssessment } from './assessment.js';
export declare const PRACTICE_PARTS: {
    readonly fit: {
        readonly name: 'Everything in';
        readonly most: 20;
    };
    readonly safety: {
        readonly name: 'Safety';
        readonly most: 25;
    };
    readonly access: {
        readonly name: 'Access';
        readonly most: 20;
    };
    readonly balance: {
        readonly name: 'Balance';
        readonly most: 25;
    };
    readonly gaps: {
        readonly name: 'No hollows';
        readonly most: 10;
    };
};
export type PracticePart = keyof typeof PRACTICE_PARTS;
export interface LostPoints {
    readonly part: PracticePart;
    readonly points: number;
    readonly why: string;
}
export interface PracticeScore {
    /** Of 100. */
    readonly points: number;
    readonly parts: Readonly<Record<PracticePart, number>>;
    readonly lost: readonly LostPoints[];
}
/**
 * @param tried the learner's stow
 * @param best a planned stow of the same load
 */
export declare function practiceScore(tried: StowAssessment, best: StowAssessment): PracticeScore;
