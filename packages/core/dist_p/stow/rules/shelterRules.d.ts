import type { HomeRule } from './homeRule.js';
export declare const SHELTER_RULES: readonly HomeRule[];
