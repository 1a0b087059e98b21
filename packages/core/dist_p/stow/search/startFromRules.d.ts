import type { StowSearch } from './stowSearch.js';
/** Give every movable thing of a search a compartment, a place and its turn in the order. */
export declare function startFromRules(search: StowSearch): void;
