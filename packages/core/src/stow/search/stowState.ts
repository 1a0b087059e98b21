/**
 * The state of a search for a stow: every thing's compartment, middle and turn, and the loading order. Whatever changes
 * it returns how to take that back.
 */
import type { Placement } from '../../trip/model.js';
import { defaultSpot } from '../defaultSpot.js';
import { compartmentIndex } from '../packGeometry.js';
import type { SearchFacts } from './searchFacts.js';

/** Taken once: a lookup on a global is not free everywhere. */
const { round } = Math;

export type Undo = () => void;

/** A state to go back to. */
export interface KeptState {
  readonly compartments: Int16Array;
  readonly turns: Int16Array;
  readonly x: Float64Array;
  readonly y: Float64Array;
  readonly order: Int16Array;
}

export class StowState {
  private readonly compartments: Int16Array;
  private readonly turns: Int16Array;
  private readonly x: Float64Array;
  private readonly y: Float64Array;
  /** Things in loading order. */
  private readonly order: Int16Array;
  /** By compartment: something in it changed since that was last cleared. */
  private readonly stale: Uint8Array;

  /** @param placements in loading order; what they do not place is in no compartment, and last in the order */
  constructor(
    private readonly facts: SearchFacts,
    placements: readonly Placement[],
  ) {
    const { problem, compartments, things } = facts;
    const n = things.length;
    this.compartments = new Int16Array(n).fill(-1);
    this.turns = new Int16Array(n);
    this.x = new Float64Array(n);
    this.y = new Float64Array(n);
    this.stale = new Uint8Array(compartments.length).fill(1);
    const zones = new Map(problem.pack.zones.map((z) => [z.id, z]));
    const indexOf = new Map(things.map(({ thing }, i) => [thing.id, i]));
    const sequence = new Set<number>();
    for (const p of placements) {
      const i = indexOf.get(p.thingId);
      const zone = zones.get(p.zoneId);
      if (i === undefined || zone === undefined || things[i]!.isNested) continue;
      const c = compartmentIndex(compartments, zone);
      const spot = p.spot ?? defaultSpot(compartments[c]!, zone, p.side, things[i]!.solid);
      this.compartments[i] = c;
      [this.x[i], this.y[i], this.turns[i]] = [spot.xCm, spot.yCm, spot.turn];
      sequence.add(i);
    }
    const rest = things.flatMap(({ isNested }, i) => (sequence.has(i) || isNested ? [] : [i]));
    this.order = Int16Array.from([...sequence, ...rest]);
  }

  /** −1 for a thing that is nowhere. */
  compartmentOf(t: number): number {
    return this.compartments[t]!;
  }
  turnOf(t: number): number {
    return this.turns[t]!;
  }
  /** Its middle, cm: the search's wish, not always where it comes to rest. */
  xOf(t: number): number {
    return this.x[t]!;
  }
  yOf(t: number): number {
    return this.y[t]!;
  }
  /** How many things are loaded: nested ones are not. */
  get count(): number {
    return this.order.length;
  }
  /** The k-th thing in loading order. */
  thingAt(k: number): number {
    return this.order[k]!;
  }
  /** Its place in the loading order. */
  placeOf(t: number): number {
    return this.order.indexOf(t);
  }
  /** Things of a compartment in loading order. */
  thingsIn(c: number): number[] {
    const mine: number[] = [];
    for (let k = 0; k < this.order.length; k += 1) {
      const t = this.order[k]!;
      if (this.compartments[t] === c) mine.push(t);
    }
    return mine;
  }

  /** Whether a thing is put so already. */
  isPut(t: number, c: number, xCm: number, yCm: number, turn: number): boolean {
    return this.compartments[t] === c && this.x[t] === xCm && this.y[t] === yCm && this.turns[t] === turn;
  }

  /** Put a thing somewhere. */
  put(t: number, c: number, xCm: number, yCm: number, turn: number): Undo {
    const [oldC, oldX, oldY, oldTurn] = [this.compartments[t]!, this.x[t]!, this.y[t]!, this.turns[t]!];
    this.set(t, c, roundCm(xCm), roundCm(yCm), turn);
    return () => this.set(t, oldC, oldX, oldY, oldTurn);
  }
  private set(t: number, c: number, xCm: number, yCm: number, turn: number): void {
    this.touch(this.compartments[t]!);
    this.compartments[t] = c;
    this.x[t] = xCm;
    this.y[t] = yCm;
    this.turns[t] = turn;
    this.touch(c);
  }

  /**
   * Where a thing came to rest is where it is from now on; its compartment holds what it did.
   *
   * @returns whether that is elsewhere
   */
  settle(t: number, xCm: number, yCm: number, turn: number): boolean {
    const [x, y] = [roundCm(xCm), roundCm(yCm)];
    if (this.x[t] === x && this.y[t] === y && this.turns[t] === turn) return false;
    this.x[t] = x;
    this.y[t] = y;
    this.turns[t] = turn;
    return true;
  }

  /** Load the thing at one place of the order at another, among those of its compartment. */
  reorder(from: number, to: number): Undo {
    this.move(from, to);
    return () => this.move(to, from);
  }
  private move(from: number, to: number): void {
    const { order } = this;
    const t = order[from]!;
    if (to > from) order.copyWithin(from, from + 1, to + 1);
    else order.copyWithin(to + 1, to, from);
    order[to] = t;
    this.touch(this.compartments[t]!);
  }

  /** Two things change their turns in the loading order. */
  swapInOrder(t: number, u: number): Undo {
    const swap = (): void => {
      const [a, b] = [this.order.indexOf(t), this.order.indexOf(u)];
      this.order[a] = u;
      this.order[b] = t;
      this.touch(this.compartments[t]!);
      this.touch(this.compartments[u]!);
    };
    swap();
    return swap;
  }

  /** @param things all that are loaded, each once */
  loadInOrder(things: readonly number[]): void {
    const { order, compartments } = this;
    const before = new Int16Array(compartments.length);
    for (let k = 0; k < order.length; k += 1) before[order[k]!] = k;
    // A compartment is as it was where its own things follow each other as they did.
    const last = new Int16Array(this.stale.length).fill(-1);
    for (let k = 0; k < things.length; k += 1) {
      const t = things[k]!;
      const c = compartments[t]!;
      if (c < 0) continue;
      if (before[t]! < last[c]!) this.touch(c);
      last[c] = before[t]!;
    }
    order.set(things);
  }

  keep(): KeptState {
    return {
      compartments: this.compartments.slice(),
      turns: this.turns.slice(),
      x: this.x.slice(),
      y: this.y.slice(),
      order: this.order.slice(),
    };
  }
  restore(kept: KeptState): void {
    this.compartments.set(kept.compartments);
    this.turns.set(kept.turns);
    this.x.set(kept.x);
    this.y.set(kept.y);
    this.order.set(kept.order);
    this.touchAll();
  }

  isStale(c: number): boolean {
    return this.stale[c] === 1;
  }
  /** Everything is evaluated as it stands. */
  clearStale(): void {
    this.stale.fill(0);
  }
  /** Everything may have changed. */
  touchAll(): void {
    this.stale.fill(1);
  }
  private touch(c: number): void {
    if (c < 0) return;
    this.stale[c] = 1;
    // A reservoir takes room from the main compartment.
    if (c === this.facts.sleeve && this.facts.main >= 0) this.stale[this.facts.main] = 1;
  }
}

/** As placements are written down, so that nothing comes to lie elsewhere by the rounding. */
export function roundCm(value: number): number {
  return round(value * 100) / 100;
}
