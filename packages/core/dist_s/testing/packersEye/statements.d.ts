import type { Statement } from './statement.js';
export declare const STATEMENTS: readonly Statement[];
