/**
 * A stow that is searched for on one day, as it is on another: the same places, but for the food that is fetched up then.
 */
import type { Placement } from '../../trip/model.js';
import type { StowOnDay } from '../movesUp.js';
import { FINE_CELL_CM } from '../packGeometry.js';
import type { StowCost } from '../stowCost.js';
import type { StowProblem } from '../stowProblem.js';
import { StowSearch } from './stowSearch.js';
import type { StowState } from './stowState.js';

/** A thing of the other day: where it is as the search has it. */
interface Entry {
  readonly t: number;
  /** The thing of the searched day in whose place it is; undefined for what has a place on the other day alone. */
  readonly source: number | undefined;
  /** What of the searched day it goes in after. */
  readonly after: number;
  /** Among those that go in after the same thing. */
  readonly rank: number;
}

export class OtherDay {
  private readonly search: StowSearch;
  private readonly entries: readonly Entry[];
  /** The state of this day; a pack has the same compartments on all days. */
  private readonly own: StowState;

  /**
   * @param main the search on its own day
   * @param on the stow on the other day, with what is fetched up
   */
  constructor(main: StowSearch, problem: StowProblem, on: StowOnDay) {
    this.search = new StowSearch(problem, on.placements, FINE_CELL_CM);
    this.own = this.search.state;
    const mainIndex = new Map(
      main.facts.things.map(({ thing, isNested }, i) => [thing.id, isNested ? undefined : i]),
    );
    const index = new Map(
      this.search.facts.things.map(({ thing, isNested }, i) => [thing.id, isNested ? undefined : i]),
    );
    const insteadOf = new Map(on.moves.map((m) => [m.thing.id, m.insteadOf?.id]));
    const sourceOf = ({ thingId }: Placement): number | undefined =>
      insteadOf.has(thingId) ? mainIndex.get(insteadOf.get(thingId) ?? '') : mainIndex.get(thingId);
    let after = -1;
    this.entries = on.placements.flatMap((p, rank): readonly Entry[] => {
      const t = index.get(p.thingId);
      if (t === undefined) return [];
      const source = sourceOf(p);
      if (source !== undefined) after = source;
      return [{ t, source, after, rank }];
    });
  }

  /** What the stow costs on this day, were it as the searched state has it. */
  costOf(state: StowState): StowCost {
    const turn = new Map<number, number>();
    for (let k = 0; k < state.count; k += 1) turn.set(state.thingAt(k), k);
    const order = [...this.entries].sort(
      (a, b) => (turn.get(a.after) ?? -1) - (turn.get(b.after) ?? -1) || a.rank - b.rank,
    );
    const placed = new Set(order.map((e) => e.t));
    for (const { t, source } of order)
      if (source !== undefined)
        this.own.put(
          t,
          state.compartmentOf(source),
          state.xOf(source),
          state.yOf(source),
          state.turnOf(source),
        );
    const rest = Array.from({ length: this.own.count }, (_v, k) => this.own.thingAt(k)).filter(
      (t) => !placed.has(t),
    );
    this.own.loadInOrder([...order.map((e) => e.t), ...rest]);
    return this.search.glance();
  }

  /** What was last looked at is what later states will mostly begin with. */
  keep(): void {
    this.search.keepLoaded();
  }
}
