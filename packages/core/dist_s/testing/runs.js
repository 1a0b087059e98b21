/** `npm run test:deep` tries properties on all their cases; `npm test` on a part of them. */
export const IS_DEEP = process.env['GRAFT_TEST_DEEP'] === '1';
const USUAL_PART = 4;
/** The seeds that a search is tried with: one, or so many. */
export function seeds(deep) {
    return Array.from({ length: IS_DEEP ? deep : 1 }, (_v, i) => i + 1);
}
/**
 * How many random cases a property is tried on.
 *
 * @param deep all of them; usually it is a quarter
 */
export function runs(deep) {
    return IS_DEEP ? deep : Math.ceil(deep / USUAL_PART);
}
//# sourceMappingURL=runs.js.map