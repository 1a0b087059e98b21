import { type CheckedRule } from './checkedRule.js';
export declare const CARRYING_RULES: readonly CheckedRule[];
