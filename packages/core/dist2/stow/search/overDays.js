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
        const days = new DaysTogether(others.map((problem) => new OtherDay(search, problem, stowOnDay(problem, placements))));
        const { state } = search;
        const random = seededRandom(seed);
        const { hot, cold, wide } = OVER_DAYS.heat;
        let cost = days.look(search.settle().cost, state, Infinity);
        let energy = energyOf(cost, STRICT_WEIGHTS);
        let best = { cost, placements: search.placements() };
        for (let i = 0; i < OVER_DAYS.moves; i += 1) {
            const temperature = hot * (cold / hot) ** (i / OVER_DAYS.moves);
            const draw = { search, random, reach: wide * (1 - i / OVER_DAYS.moves) };
            const most = energy - temperature * Math.log(random());
            const alone = days.mostAlone(most);
            const next = search.trial(() => propose(draw), { weights: STRICT_WEIGHTS, most: () => alone });
            if (next === undefined)
                continue;
            const then = days.look(next.cost, state, most);
            if (then === undefined)
                continue;
            search.commit(next);
            days.keep();
            cost = then;
            energy = energyOf(then, STRICT_WEIGHTS);
            if (compareCost(cost, best.cost) < 0)
                best = { cost, placements: search.placements() };
        }
        return best.placements;
    });
}
/** The day whose places are searched, and others beside it: half their worst and half their mean. */
class DaysTogether {
    others;
    looked = [];
    /** What each day is taken to come to at least: nothing amiss, and a little nearer to the back than it is. */
    least = [];
    constructor(others) {
        this.others = others;
    }
    /** The most that the next day may come to, when some are known and those after it come to their least. */
    mostOfNext(most, known) {
        const n = this.others.length + 1;
        const rest = this.least.slice(known.length + 1);
        const sum = [...known, ...rest].reduce((a, b) => a + b, 0);
        const worst = Math.max(0, ...known);
        // By each measure the worst and the mean of the days are at least those of their energies.
        const asWorst = (most - sum / (2 * n)) / (0.5 + 0.5 / n);
        return asWorst >= worst ? asWorst : 2 * n * (most - worst / 2) - sum;
    }
    mostAlone(most) {
        return this.mostOfNext(most, []);
    }
    /** What was looked at last is what is changed from now on. */
    keep() {
        for (const day of this.others)
            day.keep();
        const { outCm: weight } = STRICT_WEIGHTS;
        this.least = this.looked.map(({ outCm }) => weight * (outCm - OVER_DAYS.nearerCm));
    }
    /** What the days come to together; undefined when that is above a limit. */
    look(own, state, most) {
        const costs = [own];
        const energies = [energyOf(own, STRICT_WEIGHTS)];
        for (const day of this.others) {
            const limit = this.mostOfNext(most, energies);
            const cost = day.costOf(state, { weights: STRICT_WEIGHTS, limit });
            if (cost === undefined)
                return undefined;
            costs.push(cost);
            energies.push(energyOf(cost, STRICT_WEIGHTS));
        }
        const whole = overAll(costs);
        if (energyOf(whole, STRICT_WEIGHTS) > most)
            return undefined;
        this.looked = costs;
        return whole;
    }
}
//# sourceMappingURL=overDays.js.map