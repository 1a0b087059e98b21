/** The share that is being replaced, where every piece of it has a carrier who may carry it. */
export function currentAssignment(problem) {
    const carriers = problem.bundles.map((b) => {
        const [first, ...others] = b.carriedBy;
        const whole = b.carriedBy.length === b.pieceIds.length && others.every((m) => m === first);
        return whole && first !== undefined && b.allowed.includes(first) ? first : undefined;
    });
    return carriers.includes(undefined) ? undefined : Int32Array.from(carriers);
}
/**
 * Heaviest bundle first, each to the allowed carrier whose worst ratio stays lowest; the starting point of every
 * search, and the plain way that benchmarks compare with.
 */
export function greedyAssignment(problem) {
    const assignment = new Int32Array(problem.bundles.length);
    const load = problem.carriers.map((c) => [...c.baseKg]);
    const heaviest = (b) => Math.max(...problem.bundles[b].massKg);
    const order = problem.bundles.map((_b, i) => i).sort((a, b) => heaviest(b) - heaviest(a) || a - b);
    for (const b of order) {
        const bundle = problem.bundles[b];
        let chosen = bundle.allowed[0];
        let leastRatio = Infinity;
        for (const m of bundle.allowed) {
            const worst = Math.max(...load[m].map((kg, d) => (kg + bundle.massKg[d]) / problem.carriers[m].yardKg[d]));
            if (worst < leastRatio) {
                leastRatio = worst;
                chosen = m;
            }
        }
        assignment[b] = chosen;
        bundle.massKg.forEach((kg, d) => (load[chosen][d] += kg));
    }
    return assignment;
}
//# sourceMappingURL=startingShares.js.map