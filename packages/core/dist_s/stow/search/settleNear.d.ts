import type { StowSearch } from './stowSearch.js';
/**
 * Move things by a cell or two, one after another, to where they lie lowest with the least lost under them. Where the
 * whole is then no better, all stays.
 */
export declare function settleNear(search: StowSearch): void;
