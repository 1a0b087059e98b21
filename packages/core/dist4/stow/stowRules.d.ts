/**
 * The rules of stowing as a catalogue: what each asks, why, which camp holds it, and how grave a breach is; checked on
 * any stow, planned or made by hand. All of it is common practice, no source; numbers are Graft's own.
 */
import { type Finding } from './assessment.js';
import type { Parts, StowRule } from './rules/checkedRule.js';
import type { StowProblem } from './stowProblem.js';
export type { StowRule } from './rules/checkedRule.js';
/** The catalogue, without the checks themselves. */
export declare const STOW_RULES: readonly StowRule[];
/** Every rule that a stow breaks, the gravest first. */
export declare function stowFindings(problem: StowProblem, a: Parts): readonly Finding[];
