/**
 * @param values in the order of the loads they belong to
 * @returns as many values, none larger than the one before it
 */
export function nonIncreasingFit(values) {
    const blocks = [];
    for (const { value, weight } of values) {
        blocks.push({ sum: value * weight, weight, count: 1 });
        for (;;) {
            const last = blocks[blocks.length - 1];
            const before = blocks[blocks.length - 2];
            if (before === undefined || before.sum / before.weight >= last.sum / last.weight)
                break;
            blocks.splice(-2, 2, {
                sum: before.sum + last.sum,
                weight: before.weight + last.weight,
                count: before.count + last.count,
            });
        }
    }
    return blocks.flatMap((b) => Array.from({ length: b.count }, () => b.sum / b.weight));
}
//# sourceMappingURL=isotonic.js.map