import { seededRandom } from '../../units/random.js';
import { withLoaders } from '../columnKernel.js';
import { stowOnDay } from '../movesUp.js';
import { FINE_CELL_CM } from '../packGeometry.js';
import { energyOf, overAll, STRICT_WEIGHTS } from '../stowCost.js';
import { Annealing } from './anneal.js';
import { OtherDay } from './otherDay.js';
import { StowSearch } from './stowSearch.js';
import { OVER_DAYS } from './tuning.js';
/**
 * A stow mended on several days at once; never worse on them together.
 *
 * @param main the day whose places are searched; things that it does not have stay where they are
 * @param others further days
 * @param round how often it is mended with this one; the same one mends the same
 */
export function mendOverDays(main, others, placements, round) {
    return withLoaders(() => {
        const search = new StowSearch(main, stowOnDay(main, placements).placements, FINE_CELL_CM);
        const days = new DaysTogether(search, others.map((problem) => new OtherDay(search, problem, stowOnDay(problem, placements))));
        const { moves, heat } = round === 1 ? OVER_DAYS.first : OVER_DAYS.then;
        const annealing = new Annealing(search, days, seededRandom(round), moves, heat, () => STRICT_WEIGHTS);
        annealing.run(1);
        annealing.end();
        return search.placements();
    });
}
/** The day whose places are searched, and others beside it: half their worst and half their mean. */
class DaysTogether {
    search;
    others;
    /** What each day is taken to come to at least: nothing amiss, and a little nearer to the back than it is. */
    least = [];
    constructor(search, others) {
        this.search = search;
        this.others = others;
    }
    settle() {
        const together = this.look(this.search.settle(), Infinity);
        this.keep(together);
        return together;
    }
    trial(change, { weights, most }) {
        const limit = most();
        const alone = this.search.trial(change, { weights, most: () => this.mostOfNext(limit, []) });
        return alone === undefined ? undefined : this.look(alone, limit);
    }
    commit(together) {
        this.search.commit(together.alone);
        this.keep(together);
    }
    keep({ days }) {
        for (const day of this.others)
            day.keep();
        const { outCm: weight } = STRICT_WEIGHTS;
        this.least = days.map(({ outCm }) => weight * (outCm - OVER_DAYS.nearerCm));
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
    /** What the days come to together; undefined when that is above a limit. */
    look(alone, most) {
        const days = [alone.cost];
        const energies = [energyOf(alone.cost, STRICT_WEIGHTS)];
        for (const day of this.others) {
            const limit = this.mostOfNext(most, energies);
            const cost = day.costOf(this.search.state, { weights: STRICT_WEIGHTS, limit });
            if (cost === undefined)
                return undefined;
            days.push(cost);
            energies.push(energyOf(cost, STRICT_WEIGHTS));
        }
        const cost = overAll(days);
        return energyOf(cost, STRICT_WEIGHTS) > most ? undefined : { cost, alone, days };
    }
}
//# sourceMappingURL=overDays.js.map