/** Annealing with an eye on several days at once: their worst and their mean. */
import type { Placement } from '../../trip/model.js';
import { seededRandom } from '../../units/random.js';
import { withLoaders } from '../columnKernel.js';
import { stowOnDay } from '../movesUp.js';
import { FINE_CELL_CM } from '../packGeometry.js';
import { energyOf, overAll, STRICT_WEIGHTS, type StowCost } from '../stowCost.js';
import type { StowProblem } from '../stowProblem.js';
import { Annealing } from './anneal.js';
import { OtherDay } from './otherDay.js';
import { StowSearch, type Change, type Evaluation, type Limit } from './stowSearch.js';
import { OVER_DAYS } from './tuning.js';

/**
 * A stow mended on several days at once; never worse on them together.
 *
 * @param main the day whose places are searched; things that it does not have stay where they are
 * @param others further days
 * @param round how often it is mended with this one; the same one mends the same
 */
export function mendOverDays(
  main: StowProblem,
  others: readonly StowProblem[],
  placements: readonly Placement[],
  round: number,
): readonly Placement[] {
  return withLoaders(() => {
    const search = new StowSearch(main, stowOnDay(main, placements).placements, FINE_CELL_CM);
    const days = new DaysTogether(
      search,
      others.map((problem) => new OtherDay(search, problem, stowOnDay(problem, placements))),
    );
    const { moves, heat } = round === 1 ? OVER_DAYS.first : OVER_DAYS.later;
    const annealing = new Annealing(search, days, seededRandom(round), moves, heat, STRICT_WEIGHTS);
    annealing.run(1);
    annealing.end();
    return search.placements();
  });
}

/** What the days come to together, and what the searched one does alone. */
interface Together {
  readonly cost: StowCost;
  readonly alone: Evaluation;
  readonly days: readonly StowCost[];
}

/** The day whose places are searched, and others beside it: half their worst and half their mean. */
class DaysTogether {
  /** What each day is taken to come to at least: nothing amiss, and a little nearer to the back than it is. */
  private least: readonly number[] = [];

  constructor(
    private readonly search: StowSearch,
    private readonly others: readonly OtherDay[],
  ) {}

  settle(): Together {
    const together = this.look(this.search.settle(), Infinity)!;
    this.keep(together);
    return together;
  }

  trial(change: Change, { weights, most }: Limit): Together | undefined {
    const limit = most();
    const alone = this.search.trial(change, { weights, most: () => this.mostOfNext(limit, []) });
    if (alone === undefined) return undefined;
    const together = this.look(alone, limit);
    // Else what is kept of the state would have it in.
    if (together === undefined) this.search.withdraw();
    return together;
  }

  commit(together: Together): void {
    this.search.commit(together.alone);
    this.keep(together);
  }

  private keep({ days }: Together): void {
    for (const day of this.others) day.keep();
    const { outCm: weight } = STRICT_WEIGHTS;
    this.least = days.map(({ outCm }) => weight * (outCm - OVER_DAYS.nearerCm));
  }

  /** The most that the next day may come to, when some are known and those after it come to their least. */
  private mostOfNext(most: number, known: readonly number[]): number {
    const n = this.others.length + 1;
    const rest = this.least.slice(known.length + 1);
    const sum = [...known, ...rest].reduce((a, b) => a + b, 0);
    const worst = Math.max(0, ...known);
    // By each measure the worst and the mean of the days are at least those of their energies.
    const asWorst = (most - sum / (2 * n)) / (0.5 + 0.5 / n);
    return asWorst >= worst ? asWorst : 2 * n * (most - worst / 2) - sum;
  }

  /** What the days come to together; undefined when that is above a limit. */
  private look(alone: Evaluation, most: number): Together | undefined {
    const days = [alone.cost];
    const energies = [energyOf(alone.cost, STRICT_WEIGHTS)];
    for (const day of this.others) {
      const limit = this.mostOfNext(most, energies);
      const cost = day.costOf(this.search.state, { weights: STRICT_WEIGHTS, limit });
      if (cost === undefined) return undefined;
      days.push(cost);
      energies.push(energyOf(cost, STRICT_WEIGHTS));
    }
    const cost = overAll(days);
    return energyOf(cost, STRICT_WEIGHTS) > most ? undefined : { cost, alone, days };
  }
}
