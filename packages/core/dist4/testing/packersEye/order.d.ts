import { type Statement } from './statement.js';
export declare const FOOD: readonly Statement[];
export declare const AT_HAND: readonly Statement[];
export declare const BALANCE: readonly Statement[];
export declare const ORDER: readonly Statement[];
export declare const STEPS: readonly Statement[];
