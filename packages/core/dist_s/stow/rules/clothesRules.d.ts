import type { HomeRule } from './homeRule.js';
export declare const CLOTHES_RULES: readonly HomeRule[];
