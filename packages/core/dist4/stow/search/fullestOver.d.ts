import type { SearchFacts } from './searchFacts.js';
/** Litres over on the fullest day: things join on the way, and every day's must go in. */
export declare function fullestOverL({ compartments, things }: SearchFacts, c: number, mine: readonly number[]): number;
