import { type CheckedRule } from './checkedRule.js';
export declare const HOUSE_RULES: readonly CheckedRule[];
