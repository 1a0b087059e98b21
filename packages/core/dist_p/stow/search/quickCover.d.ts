import type { ColumnLoader } from '../columnLoader.js';
/** How many must come out before the i-th loaded thing. */
export declare function quickCover(loader: ColumnLoader): (i: number) => number;
