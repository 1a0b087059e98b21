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
export function leastCostMatching(costs) {
    const rows = costs.length;
    const columns = costs[0]?.length ?? 0;
    if (rows > columns)
        throw new RangeError(`expected at most ${columns} rows, one a column, got ${rows}`);
    // Row and column 0 stand for "not matched yet".
    const rowPotential = new Float64Array(rows + 1);
    const columnPotential = new Float64Array(columns + 1);
    const rowOf = new Int32Array(columns + 1);
    for (let row = 1; row <= rows; row++) {
        const from = new Int32Array(columns + 1);
        const least = new Float64Array(columns + 1).fill(Infinity);
        const done = new Uint8Array(columns + 1);
        rowOf[0] = row;
        let at = 0;
        do {
            done[at] = 1;
            const current = rowOf[at];
            let [step, next] = [Infinity, 0];
            for (let c = 1; c <= columns; c++) {
                if (done[c] === 1)
                    continue;
                const cost = costs[current - 1][c - 1] - rowPotential[current] - columnPotential[c];
                if (cost < least[c]) {
                    least[c] = cost;
                    from[c] = at;
                }
                if (least[c] < step)
                    [step, next] = [least[c], c];
            }
            for (let c = 0; c <= columns; c++) {
                if (done[c] === 1) {
                    rowPotential[rowOf[c]] += step;
                    columnPotential[c] -= step;
                }
                else
                    least[c] -= step;
            }
            at = next;
        } while (rowOf[at] !== 0);
        for (; at !== 0; at = from[at])
            rowOf[at] = rowOf[from[at]];
    }
    const matched = new Array(rows).fill(-1);
    for (let c = 1; c <= columns; c++)
        if (rowOf[c] !== 0)
            matched[rowOf[c] - 1] = c - 1;
    return matched;
}
//# sourceMappingURL=leastCostMatching.js.map