import { type CheckedRule } from './checkedRule.js';
export declare const SAFETY_RULES: readonly CheckedRule[];
