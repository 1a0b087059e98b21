import { type Statement } from './statement.js';
export declare const PLACES: readonly Statement[];
