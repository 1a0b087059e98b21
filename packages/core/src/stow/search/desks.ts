/** The desks of a search: one for each compartment, and for the main one another for each fill of the reservoir. */
import type { ColumnLoader } from '../columnLoader.js';
import { sleeveSlab } from '../reservoir.js';
import { Desk } from './desk.js';
import { FactsMemory } from './factsMemory.js';
import type { SearchFacts } from './searchFacts.js';
import { roundCm, type StowState } from './stowState.js';

/** Fills that differ by less than a thousandth of a litre are the same. */
const PER_LITRE = 1000;

export class Desks {
  readonly memory: FactsMemory;
  private readonly desks: readonly Desk[];
  private readonly behindReservoir = new Map<number, Desk>();

  /** @param isMended see `StowSearch` */
  constructor(
    private readonly facts: SearchFacts,
    isMended: boolean,
  ) {
    this.memory = new FactsMemory(facts, isMended);
    this.desks = facts.compartments.map((_c, c) => new Desk(facts, this.memory, c));
  }

  /** The desk of a compartment beside the reservoir that the state has. */
  of(c: number, state: StowState): Desk {
    const { main, sleeve, things, problem } = this.facts;
    if (c !== main || sleeve < 0) return this.desks[c]!;
    let litres = 0;
    for (let t = 0; t < things.length; t += 1)
      if (state.compartmentOf(t) === sleeve) litres += things[t]!.volumeL;
    const key = Math.round(litres * PER_LITRE);
    let desk = this.behindReservoir.get(key);
    if (desk === undefined) {
      const slab = sleeveSlab(problem.pack, litres);
      desk = slab === undefined ? this.desks[c]! : new Desk(this.facts, this.memory, c, slab);
      this.behindReservoir.set(key, desk);
    }
    return desk;
  }

  /** Another loader of a compartment, with nothing in it. */
  fresh(c: number, state: StowState): ColumnLoader {
    return this.of(c, state).fresh();
  }

  /** Whether a thing would be put where it is: in the same cells, turned the same way. */
  isThere(state: StowState, t: number, c: number, xCm: number, yCm: number, turn: number): boolean {
    if (state.compartmentOf(t) !== c) return false;
    if (this.facts.things[t]!.solid.kind === 'rigid' && state.turnOf(t) !== turn) return false;
    if (this.facts.compartments[c]!.kind === 'sleeve') return true;
    const desk = this.of(c, state);
    return (
      desk.patchOf(t, turn, roundCm(xCm), roundCm(yCm)) ===
      desk.patchOf(t, state.turnOf(t), state.xOf(t), state.yOf(t))
    );
  }
}
