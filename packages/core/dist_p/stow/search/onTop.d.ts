/** What in a loaded compartment lies on what it should not lie on. */
import type { ColumnLoader } from '../columnLoader.js';
import type { SearchFacts } from './searchFacts.js';
/**
 * How much food that is eaten later lies over the i-th thing, if that is food.
 *
 * @param things in loading order, as they are in the loader
 */
export declare function laterFoodOver(facts: SearchFacts, loader: ColumnLoader, things: readonly number[], i: number): number;
/** By place in the loading order, what can be crushed and the heavy thing that lies on it. */
export declare function crushedPairs(facts: SearchFacts, loader: ColumnLoader, things: readonly number[]): readonly (readonly [low: number, high: number])[];
