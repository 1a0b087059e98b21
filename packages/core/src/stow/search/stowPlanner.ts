/**
 * The course of one planning. A usable stow is made at once. Then several searches start from the placement rules, by a
 * long annealing on a coarse grid. The best of them goes on with an eye on the other days of the trip, and then to a short
 * annealing on the grid on which stows are realised.
 */
import type { Placement } from '../../trip/model.js';
import { seededRandom, type Random } from '../../units/random.js';
import { withLoaders } from '../columnKernel.js';
import { FINE_CELL_CM } from '../packGeometry.js';
import {
  COARSE_WEIGHTS,
  compareCost,
  HOLLOW_PERCENT,
  isAmiss,
  isWanting,
  STRICT_WEIGHTS,
  WEIGHTS,
  type StowCost,
  type StowWeights,
} from '../stowCost.js';
import type { StowPlan, StowProgress } from '../stowPlan.js';
import type { StowProblem } from '../stowProblem.js';
import { anneal, Annealing } from './anneal.js';
import { settleNear } from './settleNear.js';
import { startFromRules } from './startFromRules.js';
import { DaysTogether, type OthersOf, type Together } from './daysTogether.js';
import { StowSearch, type Evaluation } from './stowSearch.js';
import {
  COARSE_CELL_CM,
  COARSE_HEAT,
  COARSE_PART,
  FINE_HEAT,
  FIRST,
  GLIMPSE,
  MORE_HEAT,
  MORE_TRIES,
  PROGRESS_EVERY,
  OVER_DAYS,
  STARTS,
  type Heat,
} from './tuning.js';

/** A long annealing on the coarse grid, from the placement rules. */
interface Start {
  readonly search: StowSearch;
  readonly annealing: Course;
}
/** An annealing of the day alone, or of all days together. */
type Course = Annealing<Evaluation> | Annealing<Together>;

export class StowPlanner {
  private readonly random: Random;
  /** Moves of one start that is seen through. */
  private readonly moves: number;
  private spent = 0;
  /** The best so far of what is kept; what is made only to be shown is not: nobody's watching may change the result. */
  private best: StowPlan | undefined;

  /** @param othersOf the other days that the stow is to be good on; left out where there are none */
  constructor(
    private readonly problem: StowProblem,
    private readonly pinned: readonly Placement[],
    private readonly seed: number,
    private readonly iterations: number,
    private readonly onProgress?: (progress: StowProgress) => void,
    private readonly othersOf?: OthersOf,
  ) {
    this.random = seededRandom(seed);
    // One is seen through, and the others as far as they go.
    this.moves = Math.floor(iterations / (1 + (STARTS.count - 1) * STARTS.part * COARSE_PART));
  }

  plan(): StowPlan {
    this.showFirst();
    const starts = Array.from({ length: STARTS.count }, () => this.begun());
    for (const start of starts) this.goOn(start, STARTS.part);
    starts.sort((a, b) => a.annealing.least - b.annealing.least);
    let last = this.seenThrough(starts[0]!);
    // More tries mend what is near. Where something is still wrong, other starts go on too.
    for (let k = 1; k < STARTS.count + STARTS.more && isWorthAnother(last.cost); k += 1) {
      const again = this.seenThrough(starts[k] ?? this.begun());
      if (compareCost(again.cost, last.cost) < 0) last = again;
    }
    // What was shown on the way was shown for one day; where there is only that, the result is never worse.
    const plan = this.othersOf === undefined ? this.better(last)! : last;
    return { ...plan, iterations: this.spent };
  }

  /** A usable stow is shown at once, before the search itself begins. */
  private showFirst(): void {
    const chances = seededRandom(this.seed);
    for (let k = 0; k < FIRST.tries && (this.best === undefined || isAmiss(this.best.cost)); k += 1) {
      const times = FIRST.more ** k;
      const coarseMoves = times * Math.min(FIRST.coarseMost, Math.round(FIRST.coarsePart * this.iterations));
      const fineMoves = times * Math.min(FIRST.fineMost, Math.round(FIRST.finePart * this.iterations));
      const first = withLoaders(() => {
        const coarse = this.started();
        anneal(coarse, chances, coarseMoves, MORE_HEAT, STRICT_WEIGHTS);
        const fine = this.settledFrom(coarse.placements());
        anneal(fine, chances, fineMoves, MORE_HEAT, STRICT_WEIGHTS);
        return this.planOf(fine);
      });
      this.consider(first);
    }
  }

  private begun(): Start {
    const search = this.started();
    const moves = Math.floor(this.moves * COARSE_PART);
    const annealing = new Annealing(search, search, this.random, moves, COARSE_HEAT, COARSE_WEIGHTS);
    return { search, annealing };
  }
  private goOn({ search, annealing }: Start, part: number): void {
    annealing.run(part, () => this.coarseStep(search));
  }

  /** A start goes on to its end, with an eye on the other days, and then on the fine grid. */
  private seenThrough(start: Start): StowPlan {
    const { search } = start;
    this.goOn(start, STARTS.part);
    const rest = this.othersOf === undefined ? start : { search, annealing: this.overDays(search) };
    this.goOn(rest, 1);
    rest.annealing.end();
    const fine = this.settledFrom(search.placements());
    let cost = this.annealed(fine, this.moves - Math.floor(this.moves * COARSE_PART), FINE_HEAT, WEIGHTS);
    for (let more = 0; more < triesFor(cost); more += 1)
      cost = this.annealed(fine, Math.floor(this.iterations * MORE_TRIES.part), MORE_HEAT, STRICT_WEIGHTS);
    return { ...this.planOf(fine), cost };
  }

  /** A coarse search goes on with an eye on the other days, from where it is. */
  private overDays(search: StowSearch): Course {
    const moves = Math.floor(this.moves * COARSE_PART * (1 - STARTS.part));
    return this.course(search, COARSE_CELL_CM, moves, OVER_DAYS.coarse, COARSE_WEIGHTS);
  }

  /** A fine search is annealed and tidied; what it comes to then. */
  private annealed(fine: StowSearch, moves: number, heat: Heat, weights: StowWeights): StowCost {
    const course = this.course(fine, FINE_CELL_CM, moves, heat, weights);
    course.run(1, () => this.fineStep(fine));
    return course.tidied();
  }

  /** @param cellCm edge of a cell of the grid that the search is on */
  private course(
    search: StowSearch,
    cellCm: number,
    moves: number,
    heat: Heat,
    weights: StowWeights,
  ): Course {
    const { othersOf, random } = this;
    if (othersOf === undefined)
      return new Annealing<Evaluation>(search, search, random, moves, heat, weights);
    const days = new DaysTogether(search, othersOf(search.placements()), cellCm, weights);
    return new Annealing<Together>(search, days, random, moves, heat, weights);
  }

  private coarseStep(coarse: StowSearch): void {
    this.spent += PROGRESS_EVERY;
    if (this.spent % GLIMPSE.every === 0) this.consider(this.glimpse(coarse));
    else this.show();
  }

  private fineStep(fine: StowSearch): void {
    this.spent += PROGRESS_EVERY;
    if (this.onProgress !== undefined) this.show(this.planOf(fine));
  }

  /** A coarse stow, mended a little. It draws its own random numbers, so that the search goes on as if it were not. */
  private glimpse(coarse: StowSearch): StowPlan {
    // Looked at before the scope opens: what the coarse search still has to load is given memory of its own.
    const placements = coarse.placements();
    return withLoaders(() => {
      const fine = this.settledFrom(placements);
      anneal(fine, seededRandom(this.seed + this.spent), GLIMPSE.moves, FINE_HEAT, STRICT_WEIGHTS);
      return this.planOf(fine);
    });
  }

  private started(): StowSearch {
    const coarse = new StowSearch(this.problem, this.pinned, COARSE_CELL_CM);
    startFromRules(coarse);
    return coarse;
  }

  /** A search on the fine grid that starts from a stow of the coarse one. */
  private settledFrom(coarse: readonly Placement[]): StowSearch {
    const fine = new StowSearch(this.problem, coarse, FINE_CELL_CM);
    settleNear(fine);
    return fine;
  }

  private planOf(search: StowSearch): StowPlan {
    return {
      seed: this.seed,
      stow: { memberId: this.problem.member.id, placements: search.placements() },
      iterations: this.spent,
      cost: search.look().cost,
    };
  }

  private better(plan: StowPlan | undefined): StowPlan | undefined {
    const { best } = this;
    return plan !== undefined && (best === undefined || compareCost(plan.cost, best.cost) < 0) ? plan : best;
  }
  private show(plan?: StowPlan): void {
    const best = this.better(plan);
    if (best !== undefined)
      this.onProgress?.({ done: Math.min(1, this.spent / Math.max(1, this.iterations)), best });
  }
  private consider(plan: StowPlan): void {
    this.best = this.better(plan);
    this.show();
  }
}

/** Whether another start may be much better: something is wanting, or much of it is out of place. */
function isWorthAnother(cost: StowCost): boolean {
  return isWanting(cost) || cost.misplaced > STARTS.misplaced;
}
/** How many tries more a stow is worth. */
function triesFor(cost: StowCost): number {
  if (isAmiss(cost)) return MORE_TRIES.ifOut;
  return isWanting(cost) || cost.voidPercent > HOLLOW_PERCENT ? MORE_TRIES.ifWanting : 0;
}
