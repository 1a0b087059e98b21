import type { Thing } from '../trip/model.js';
import type { ColumnLoader } from './columnLoader.js';
/** Contact of less than this is an edge, cm² (Graft's own number). */
export declare const TOUCHES_CM2 = 12;
/** Slivers do not block: below this part of the way out a thing is pushed aside (Graft's own number). */
export declare const BLOCKS = 0.15;
/** Why one thing must not lie on another; undefined when it may. */
export declare function crush(low: Thing, onItKg: number): string | undefined;
/** Whether the j-th loaded thing lies on an earlier one: over a good part of it, and against it. @param i less than j */
export declare function liesOn(loader: ColumnLoader, i: number, j: number): boolean;
/** Why two things must not touch; undefined when they may. */
export declare function clash(a: Thing, b: Thing): string | undefined;
