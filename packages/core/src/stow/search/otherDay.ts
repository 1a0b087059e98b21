/**
 * A stow that is searched for on one day, as it is on another: the same places, but for the food that is fetched up then.
 */
import type { Placement } from '../../trip/model.js';
import type { StowOnDay } from '../movesUp.js';
import type { StowCost } from '../stowCost.js';
import type { StowProblem } from '../stowProblem.js';
import type { Lie } from './lie.js';
import { StowSearch, type Most } from './stowSearch.js';
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
  /** Things that are on no list; they are loaded last. */
  private readonly rest: readonly number[];
  /** The state of this day; a pack has the same compartments on all days. */
  private readonly own: StowState;
  /** By thing of the searched day, its place in the loading order when that was last looked at. */
  private readonly places: Int16Array;

  /**
   * @param main the search on its own day
   * @param on the stow on the other day, with what is fetched up
   */
  constructor(main: StowSearch, problem: StowProblem, on: StowOnDay, cellCm: number) {
    this.search = new StowSearch(problem, on.placements, cellCm, false);
    this.own = this.search.state;
    this.places = new Int16Array(main.facts.things.length).fill(-1);
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
    const placed = new Set(this.entries.map((e) => e.t));
    this.rest = Array.from({ length: this.own.count }, (_v, k) => this.own.thingAt(k)).filter(
      (t) => !placed.has(t),
    );
  }

  /**
   * What the stow costs on this day, were it as the searched state has it.
   *
   * @param lie where things come to lie there
   * @returns undefined when its energy is certain to be above a limit
   */
  costOf(state: StowState, lie: Lie, limit?: Most): StowCost | undefined {
    for (const { t, source } of this.entries) {
      if (source === undefined) continue;
      const c = state.compartmentOf(source);
      const [x, y, turn] = [lie.x[source]!, lie.y[source]!, lie.turns[source]!];
      if (!this.own.isPut(t, c, x, y, turn)) this.own.put(t, c, x, y, turn);
    }
    if (this.isReordered(state)) {
      const { places } = this;
      const placeOf = (t: number): number => (t < 0 ? -1 : places[t]!);
      const order = [...this.entries].sort((a, b) => placeOf(a.after) - placeOf(b.after) || a.rank - b.rank);
      this.own.loadInOrder([...order.map((e) => e.t), ...this.rest]);
    }
    return this.search.glance(limit);
  }

  /** Whether the loading order is another than when that was last asked. */
  private isReordered(state: StowState): boolean {
    let isOther = false;
    for (let k = 0; k < state.count; k += 1) {
      const t = state.thingAt(k);
      if (this.places[t] === k) continue;
      this.places[t] = k;
      isOther = true;
    }
    return isOther;
  }

  /** What was last looked at is what later states will mostly begin with. */
  keep(): void {
    this.search.keepLoaded();
  }
}
