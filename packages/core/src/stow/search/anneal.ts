/** Simulated annealing over places, turns, loading order and compartments. */
import type { Random } from '../../units/random.js';
import { compareCost, energyOf, type StowCost, type StowWeights } from '../stowCost.js';
import { propose } from './moves/propose.js';
import type { Annealed, Come } from './annealed.js';
import type { StowSearch } from './stowSearch.js';
import { tidy } from './tidy.js';
import type { KeptState } from './stowState.js';
import { PROGRESS_EVERY, type Heat } from './tuning.js';

/** Taken once: a lookup on a global is not free everywhere. */
const { log } = Math;

/** One annealing, which may be seen through in parts. */
export class Annealing<T extends Come> {
  private done = 0;
  private best: { readonly cost: StowCost; readonly state: KeptState };
  private energy: number;

  constructor(
    private readonly search: StowSearch,
    private readonly annealed: Annealed<T>,
    private readonly random: Random,
    private readonly moves: number,
    private readonly heat: Heat,
    private readonly weights: StowWeights,
  ) {
    const { cost } = annealed.settle();
    this.best = { cost, state: search.state.keep() };
    this.energy = energyOf(cost, weights);
  }

  /** The energy of the best stow so far. */
  get least(): number {
    return energyOf(this.best.cost, this.weights);
  }

  /**
   * Make moves.
   *
   * @param part of all moves, made by the end of this
   * @param onProgress called every so many moves, with the search at the best stow so far
   */
  run(part: number, onProgress?: () => void): void {
    const { search, annealed, random, moves, weights } = this;
    const { hot, cold, wide } = this.heat;
    const { state } = search;
    if (search.facts.movable.length === 0) return;
    for (const end = Math.floor(part * moves); this.done < end; this.done += 1) {
      const at = this.done / moves;
      const temperature = hot * (cold / hot) ** at;
      const draw = { search, random, reach: wide * (1 - at) };
      const most = (): number => this.energy - temperature * log(random());
      const next = annealed.trial(() => propose(draw), { weights, most });
      if (next !== undefined) {
        annealed.commit(next);
        this.energy = energyOf(next.cost, weights);
        if (compareCost(next.cost, this.best.cost) < 0) this.best = { cost: next.cost, state: state.keep() };
      }
      if (onProgress !== undefined && this.done % PROGRESS_EVERY === PROGRESS_EVERY - 1) {
        const now = state.keep();
        state.restore(this.best.state);
        onProgress();
        state.restore(now);
        annealed.settle();
      }
    }
  }

  /** The search is at the best stow that was seen. */
  end(): void {
    this.search.state.restore(this.best.state);
  }
  /** The same, tidied; what it then comes to. */
  tidied(): StowCost {
    this.end();
    return tidy(this.search, this.annealed, this.weights);
  }
}

/** Anneal a search from beginning to end; it ends on the best stow it has seen. */
export function anneal(
  search: StowSearch,
  random: Random,
  moves: number,
  heat: Heat,
  weights: StowWeights,
  onProgress?: () => void,
): void {
  const annealing = new Annealing(search, search, random, moves, heat, weights);
  annealing.run(1, onProgress);
  annealing.end();
}
