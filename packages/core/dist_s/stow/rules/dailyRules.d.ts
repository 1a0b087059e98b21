import type { HomeRule } from './homeRule.js';
export declare const DAILY_RULES: readonly HomeRule[];
