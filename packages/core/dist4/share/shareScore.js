/** How much one broken keep-apart rule counts in the infeasibility, in kg or litres: more than any real excess. */
const APART_WEIGHT = 1000;
/** All parts of the objective, summed anew. */
export function scoreOf(loads) {
    const { carriers, dayCount } = loads.problem;
    let overloadKg = 0;
    let overVolumeL = 0;
    let strain = 0;
    let largestRatio = 0;
    let evenness = 0;
    for (let d = 0; d < dayCount; d += 1) {
        let sum = 0;
        let squares = 0;
        let present = 0;
        for (const [m, carrier] of carriers.entries()) {
            if (carrier.limitKg[d] !== Infinity)
                present += 1;
            const kg = loads.loadKg(m, d);
            // As the running state reckons it, so that both come to the same.
            const r = kg * (1 / carrier.yardKg[d]);
            sum += r;
            squares += r * r;
            largestRatio = Math.max(largestRatio, r);
            const aboveKg = above(kg - carrier.limitKg[d]);
            overloadKg += aboveKg;
            strain += carrier.overWeight * aboveKg;
            // Personal things that alone overfill a pack are nobody's choice: the excess still counts, as a constant.
            overVolumeL += above(loads.overVolumeL(m, d));
        }
        evenness += Math.max(0, squares - sum * sum * (present === 0 ? 0 : 1 / present));
    }
    const apartBroken = loads.apartBroken();
    return {
        infeasibility: strain + overVolumeL + APART_WEIGHT * apartBroken,
        over: strain + overVolumeL,
        overloadKg,
        overVolumeL,
        apartBroken,
        level: loads.level(),
        largestRatio,
        crowding: loads.crowdingNow(),
        evenness,
        untidiness: loads.untidinessNow(),
    };
}
export function above(x) {
    return x > 0 ? x : 0;
}
//# sourceMappingURL=shareScore.js.map