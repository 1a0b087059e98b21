import { type Statement } from './statement.js';
export declare const NEIGHBOURS: readonly Statement[];
