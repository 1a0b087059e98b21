/** Where the things of a search come to lie: as they come to rest, which is not always where they are put. */
import type { Evaluation } from './stowSearch.js';
import { roundCm, type StowState } from './stowState.js';

export class Lie {
  /** By thing: its middle, cm, and how it is turned. */
  readonly x: Float64Array;
  readonly y: Float64Array;
  readonly turns: Int16Array;

  /** @param count of things */
  constructor(count: number) {
    this.x = new Float64Array(count);
    this.y = new Float64Array(count);
    this.turns = new Int16Array(count);
  }

  /** Note how things lie when a state is adopted as it was evaluated last. */
  note(state: StowState, { loaded, views }: Evaluation): void {
    for (let t = 0; t < this.x.length; t += 1) {
      this.x[t] = state.xOf(t);
      this.y[t] = state.yOf(t);
      this.turns[t] = state.turnOf(t);
    }
    for (const c of loaded) {
      const { things, stands } = views[c]!;
      for (let i = 0; i < things.length; i += 1) {
        const rest = stands?.restOf(i);
        if (rest === undefined) continue;
        const t = things[i]!;
        this.x[t] = roundCm(rest.xCm);
        this.y[t] = roundCm(rest.yCm);
        this.turns[t] = rest.turn;
      }
    }
  }
}
