import { type CheckedRule } from './checkedRule.js';
export declare const FORBIDDEN_RULES: readonly CheckedRule[];
