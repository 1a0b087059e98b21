/** How many things are found in a small pocket without emptying it (common practice; the numbers are Graft's own). */
import type { ZoneKind } from '../trip/model.js';
export declare const HANDFUL: Readonly<Partial<Record<ZoneKind, number>>>;
/** How many too many things a pocket of a kind holds. */
export declare function beyondHandful(kind: ZoneKind | undefined, count: number): number;
