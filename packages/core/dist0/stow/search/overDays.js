import { seededRandom } from '../../units/random.js';
import { withLoaders } from '../columnKernel.js';
import { stowOnDay } from '../movesUp.js';
import { FINE_CELL_CM } from '../packGeometry.js';
import { compareCost, energyOf, overAll, STRICT_WEIGHTS } from '../stowCost.js';
import { propose } from './moves/propose.js';
import { OtherDay } from './otherDay.js';
import { StowSearch } from './stowSearch.js';
import { OVER_DAYS } from './tuning.js';
/**
 * A stow mended on several days at once; never worse on them together.
 *
 * @param main the day whose places are searched; things that it does not have stay where they are
 * @param others further days
 */
export function mendOverDays(main, others, placements, seed) {
    return withLoaders(() => {
        const search = new StowSearch(main, stowOnDay(main, placements).placements, FINE_CELL_CM);
        const days = others.map((problem) => new OtherDay(search, problem, stowOnDay(problem, placements)));
        const { state } = search;
        const random = seededRandom(seed);
        const whole = (own) => overAll([own, ...days.map((d) => d.costOf(state))]);
        const { hot, cold, wide } = OVER_DAYS.heat;
        let cost = whole(search.settle().cost);
        let energy = energyOf(cost, STRICT_WEIGHTS);
        let best = { cost, placements: search.placements() };
        for (let i = 0; i < OVER_DAYS.moves; i += 1) {
            const temperature = hot * (cold / hot) ** (i / OVER_DAYS.moves);
            const draw = { search, random, reach: wide * (1 - i / OVER_DAYS.moves) };
            const most = energy - temperature * Math.log(random());
            // Alone it counts for half of its part of the mean and more: what is above that is not worth a look at the others.
            const alone = most * (2 * (days.length + 1));
            const next = search.trial(() => propose(draw), { weights: STRICT_WEIGHTS, most: () => alone });
            if (next === undefined)
                continue;
            const then = whole(next.cost);
            const thenEnergy = energyOf(then, STRICT_WEIGHTS);
            if (thenEnergy > most)
                continue;
            search.commit(next);
            for (const day of days)
                day.keep();
            [cost, energy] = [then, thenEnergy];
            if (compareCost(cost, best.cost) < 0)
                best = { cost, placements: search.placements() };
        }
        return best.placements;
    });
}
//# sourceMappingURL=overDays.js.map