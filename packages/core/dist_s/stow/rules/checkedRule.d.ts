/** A rule of stowing with its check. */
import type { Finding, PlacedThing, Severity, StowAssessment } from '../assessment.js';
import type { StowProblem } from '../stowProblem.js';
export interface StowRule {
    readonly id: string;
    readonly severity: Severity;
    readonly what: string;
    readonly why: string;
    /** Who holds it, where practitioners disagree; everybody otherwise. */
    readonly camp?: string;
}
/** What a rule looks at. */
export type Parts = Omit<StowAssessment, 'findings'>;
export interface CheckedRule extends StowRule {
    readonly check: (problem: StowProblem, a: Parts) => readonly Omit<Finding, 'ruleId' | 'severity'>[];
}
export declare const each: (a: Parts, broken: (p: PlacedThing) => string | undefined) => readonly Omit<Finding, 'ruleId' | 'severity'>[];
export declare const isHalfEmpty: ({ main }: Parts) => boolean;
export declare const inMain: (p: PlacedThing) => boolean;
export declare const has: (p: PlacedThing, flag: PlacedThing['thing']['flags'][number]) => boolean;
/** Whoever needs it does not unpack: it has a rule of its own. */
export declare const isAtHand: (p: PlacedThing) => boolean;
