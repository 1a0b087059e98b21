/** A stow mended with an eye on several days at once. */
import type { Placement } from '../../trip/model.js';
import { seededRandom } from '../../units/random.js';
import { withLoaders } from '../columnKernel.js';
import { stowOnDay } from '../movesUp.js';
import { FINE_CELL_CM } from '../packGeometry.js';
import { STRICT_WEIGHTS } from '../stowCost.js';
import type { StowProblem } from '../stowProblem.js';
import { Annealing } from './anneal.js';
import { DaysTogether } from './daysTogether.js';
import { StowSearch } from './stowSearch.js';
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
    const list = others.map((problem) => ({ problem, on: stowOnDay(problem, placements) }));
    const days = new DaysTogether(search, list, FINE_CELL_CM, STRICT_WEIGHTS);
    const { moves, heat } = round === 1 ? OVER_DAYS.first : OVER_DAYS.later;
    const annealing = new Annealing(search, days, seededRandom(round), moves, heat, STRICT_WEIGHTS);
    annealing.run(1);
    annealing.end();
    return search.placements();
  });
}
