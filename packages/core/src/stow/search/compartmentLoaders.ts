/** The loaders of a search: one for each compartment, and for the main one another for each fill of the reservoir. */
import { ColumnLoader } from '../columnLoader.js';
import { sleeveSlab } from '../reservoir.js';
import { TrialLoader, type Put } from '../trialLoader.js';
import type { SearchFacts } from './searchFacts.js';
import { roundCm, type StowState } from './stowState.js';

export class CompartmentLoaders {
  private readonly loaders: readonly TrialLoader[];
  private readonly behindReservoir = new Map<string, TrialLoader>();

  constructor(private readonly facts: SearchFacts) {
    const most = facts.things.length;
    this.loaders = facts.compartments.map((c) => new TrialLoader(() => new ColumnLoader(c, most)));
  }

  /** The loader of a compartment beside the reservoir that the state has. */
  of(c: number, state: StowState): TrialLoader {
    const { main, sleeve, things, compartments, problem } = this.facts;
    if (c !== main || sleeve < 0) return this.loaders[c]!;
    let litres = 0;
    for (let t = 0; t < things.length; t += 1)
      if (state.compartmentOf(t) === sleeve) litres += things[t]!.volumeL;
    const slab = sleeveSlab(problem.pack, litres);
    if (slab === undefined) return this.loaders[c]!;
    const key = litres.toFixed(3);
    let loader = this.behindReservoir.get(key);
    if (loader === undefined) {
      loader = new TrialLoader(() => new ColumnLoader(compartments[c]!, things.length, slab));
      this.behindReservoir.set(key, loader);
    }
    return loader;
  }

  /** Another loader of a compartment, with nothing in it. */
  fresh(c: number, state: StowState): ColumnLoader {
    return this.of(c, state).fresh();
  }

  /** Load a thing as the search does: what would stand out is mended, unless it is pinned. */
  readonly load = (loader: ColumnLoader, { t, turn, x, y }: Put): void => {
    const { solid, isPinned } = this.facts.things[t]!;
    loader.load(solid, turn, x, y, !isPinned, this.awayFor(t, loader));
  };

  /** Load a thing where it is put and nowhere else. */
  loadUnmended(loader: ColumnLoader, t: number, turn: number, xCm: number, yCm: number): void {
    const { solid } = this.facts.things[t]!;
    loader.load(solid, turn, roundCm(xCm), roundCm(yCm), false, this.awayFor(t, loader));
  }

  /** Whether a thing would be put where it is: in the same cells, turned the same way. */
  isThere(state: StowState, t: number, c: number, xCm: number, yCm: number, turn: number): boolean {
    if (state.compartmentOf(t) !== c) return false;
    const { solid } = this.facts.things[t]!;
    if (solid.kind === 'rigid' && state.turnOf(t) !== turn) return false;
    if (this.facts.compartments[c]!.kind === 'sleeve') return true;
    const { loader } = this.of(c, state);
    const away = this.awayFor(t, loader);
    return (
      loader.patchOf(solid, turn, roundCm(xCm), roundCm(yCm), away) ===
      loader.patchOf(solid, state.turnOf(t), state.xOf(t), state.yOf(t), away)
    );
  }

  /** How far a thing keeps from the back, by turn; pinned ones stay where they were put. */
  private awayFor(t: number, { compartment, hasSlab }: ColumnLoader): readonly number[] | undefined {
    const { isPinned, awayCm } = this.facts.things[t]!;
    if (compartment.kind !== 'main' || isPinned) return undefined;
    return awayCm[hasSlab ? 1 : 0];
  }
}
