import type { CheckedRule } from './checkedRule.js';
export declare const FIT_RULES: readonly CheckedRule[];
