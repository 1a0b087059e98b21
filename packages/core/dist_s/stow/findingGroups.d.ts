/** Findings of a stow as they are told: those of one rule in one line, the gravest first. */
import { type Finding } from './assessment.js';
export interface FindingGroup {
    readonly ruleId: string;
    readonly severity: Finding['severity'];
    /** In the order in which they were found; at least one. */
    readonly findings: readonly Finding[];
}
export declare function findingGroups(findings: readonly Finding[]): readonly FindingGroup[];
/** What is said of a pack in a word or two: the same wherever a pack is named. */
export declare function stowState(a: {
    readonly placed: readonly unknown[];
    readonly unplaced: readonly unknown[];
    readonly findings: readonly Finding[];
}): string;
