/** A search for a stow with an eye on other days of it: what its state comes to on all of them together. */
import type { Placement } from '../../trip/model.js';
import type { StowOnDay } from '../movesUp.js';
import { energyOf, overAll, type StowCost, type StowWeights } from '../stowCost.js';
import type { StowProblem } from '../stowProblem.js';
import { Lie } from './lie.js';
import { OtherDay } from './otherDay.js';
import type { Change, Evaluation, Limit, StowSearch } from './stowSearch.js';
import { OVER_DAYS } from './tuning.js';

/** A stow on another of its days. */
export interface OtherStow {
  readonly problem: StowProblem;
  readonly on: StowOnDay;
}
/** The other days that a stow is to be good on, those first on which it is worst. */
export type OthersOf = (placements: readonly Placement[]) => readonly OtherStow[];

/** What the days come to together, and what the searched one does alone. */
export interface Together {
  readonly cost: StowCost;
  readonly alone: Evaluation;
  readonly days: readonly StowCost[];
}

/** The day whose places are searched, and others beside it: half their worst and half their mean. */
export class DaysTogether {
  private readonly others: readonly OtherDay[];
  private readonly lie: Lie;
  /** What they came to together when that was last kept. */
  private energy = 0;
  /** What each day came to then: the searched one first. */
  private energies: readonly number[] = [];
  /** What each is taken to come to at least: nothing amiss, and a little nearer to the back than it was. */
  private least: readonly number[] = [];
  /** The others in the order in which they are looked at: the worst refuse soonest. */
  private order: readonly number[] = [];

  /** @param cellCm edge of a cell of the grid that the search is on */
  constructor(
    private readonly search: StowSearch,
    others: readonly OtherStow[],
    cellCm: number,
    private readonly weights: StowWeights,
  ) {
    this.others = others.map(({ problem, on }) => new OtherDay(search, problem, on, cellCm));
    this.lie = new Lie(search.facts.things.length);
  }

  settle(): Together {
    this.energies = [];
    this.order = this.others.map((_day, d) => d + 1);
    const together = this.look(this.search.settle(), Infinity)!;
    this.keep(together);
    return together;
  }

  trial(change: Change, { weights, most }: Limit): Together | undefined {
    const limit = most();
    const alone = this.search.trial(change, { weights, most: () => this.mostOf(0, limit, []) });
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

  private keep({ cost, days }: Together): void {
    for (const day of this.others) day.keep();
    this.energy = energyOf(cost, this.weights);
    this.energies = days.map((day) => energyOf(day, this.weights));
    this.least = days.map(({ outCm }) => this.weights.outCm * (outCm - OVER_DAYS.nearerCm));
    this.order = this.others
      .map((_day, d) => d + 1)
      .sort((a, b) => this.energies[b]! - this.energies[a]! || a - b);
  }

  /**
   * The most that a day may come to.
   *
   * @param most what all may come to together
   * @param found what other days come to, as far as that is known: the rest come to their least
   */
  private mostOf(d: number, most: number, found: readonly (number | undefined)[]): number {
    if (most === Infinity) return Infinity;
    const n = this.others.length + 1;
    let sum = 0;
    let worst = 0;
    for (let k = 0; k < n; k += 1) {
      if (k === d) continue;
      const energy = found[k] ?? this.least[k]!;
      sum += energy;
      worst = Math.max(worst, energy);
    }
    // By each measure the worst and the mean of the days are at least those of their energies.
    const asWorst = (most - sum / (2 * n)) / (0.5 + 0.5 / n);
    const exact = asWorst >= worst ? asWorst : 2 * n * (most - worst / 2) - sum;
    const { times, plus } = OVER_DAYS.worse;
    return Math.min(exact, this.energies[d]! + times * Math.max(0, most - this.energy) + plus);
  }

  /** What the days come to together; undefined when that is above a limit. */
  private look(alone: Evaluation, most: number): Together | undefined {
    const days: StowCost[] = [alone.cost];
    const found = [energyOf(alone.cost, this.weights)];
    const { state } = this.search;
    this.lie.note(state, alone);
    for (const d of this.order) {
      const limit = this.mostOf(d, most, found);
      const cost = this.others[d - 1]!.costOf(state, this.lie, {
        weights: this.weights,
        limit,
      });
      if (cost === undefined) return undefined;
      days[d] = cost;
      found[d] = energyOf(cost, this.weights);
      if (found[d] > limit) return undefined;
    }
    const cost = overAll(days);
    return energyOf(cost, this.weights) > most ? undefined : { cost, alone, days };
  }
}
