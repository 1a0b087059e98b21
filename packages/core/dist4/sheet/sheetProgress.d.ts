/** How far a member is with their sheet, and what they wait for a leader to settle. */
import type { Trip } from '../trip/model.js';
import { type Answers } from './answers.js';
import { type KeptMark, type MarkValue } from './marks.js';
import { type SheetThing } from './memberSheet.js';
export declare const REPORT_KINDS: readonly ['weight', 'problem', 'veto'];
export type ReportKind = (typeof REPORT_KINDS)[number];
export interface SheetReport {
    readonly kind: ReportKind;
    readonly thingId: string | undefined;
    /** What it is about, by name; undefined for the load as a whole, and for what is no longer theirs. */
    readonly thing: SheetThing | undefined;
    readonly value: MarkValue;
    /** What other devices of the member say instead. */
    readonly others: readonly MarkValue[];
    readonly at: string;
    /** What a leader's mark on it takes the place of. */
    readonly heads: readonly string[];
    /** What a leader has said to it since. */
    readonly answer: string | undefined;
    readonly answerHeads: readonly string[];
}
export interface MemberProgress {
    readonly things: number;
    readonly packed: number;
    /** What comes from others, and what of it has come. */
    readonly due: number;
    readonly received: number;
    readonly knowsSafety: boolean;
    /** What is neither packed nor, where it comes from others, received; by name. */
    readonly unconfirmed: readonly string[];
    /** Things that two devices of the member tell differently; by name. */
    readonly conflicts: readonly string[];
    /** Not settled yet, oldest first: weights that differ from the plan, problems and vetoes. */
    readonly reports: readonly SheetReport[];
    /** What they have said of themselves. */
    readonly answers: Answers;
}
/** Measured and planned weights that differ by less are the same, kg: the last digit of a kitchen scale. */
export declare const SAME_WEIGHT_KG = 0.005;
export declare function sheetProgress(trip: Trip, memberId: string, marks: readonly KeptMark[]): MemberProgress;
