/** `npm run test:deep` tries properties on all their cases; `npm test` on a part of them. */
export declare const IS_DEEP: boolean;
/** The seeds that a search is tried with: one, or so many. */
export declare function seeds(deep: number): readonly number[];
/**
 * How many random cases a property is tried on.
 *
 * @param deep all of them; usually it is a quarter
 */
export declare function runs(deep: number): number;
