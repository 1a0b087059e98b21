/**
 * The matching of rows to columns of least total cost, each row to a column of its own.
 *
 * The Hungarian method with potentials and shortest augmenting paths, after Kuhn (1955) and Munkres (1957); from memory,
 * checked against trying all matchings. Rows × rows × columns steps.
 *
 * @param costs rows × columns, no more rows than columns, all finite
 * @returns row → its column
 * @throws RangeError when there are more rows than columns
 */
export declare function leastCostMatching(costs: readonly (readonly number[])[]): readonly number[];
