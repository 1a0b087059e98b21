import type { StowSearch } from './stowSearch.js';
/** Put thing after thing where it lies lowest with the least lost under it; the dense ones nearer to the back. */
export declare function spreadOut({ state, facts }: StowSearch): void;
