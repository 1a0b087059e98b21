/**
 * Simulated annealing over shifts and swaps of bundles, one tier of the objective at a time (Kirkpatrick, Gelatt &
 * Vecchi 1983, from memory). Half of the moves relieve the carrier furthest above the tier's target.
 */
import { pickIndex, type Random } from '../units/random.js';
import { fullness } from './leastRoom.js';
import { mayCarryTable } from './problem.js';
import type { ShareState } from './shareState.js';

/** Taken once: a lookup on a global is not free everywhere. */
const { abs, exp, floor, max } = Math;

/** What a tier minimises and how it recognises something better. */
export interface Tier {
  readonly iterations: number;
  /** Temperatures at the start and the end of each cycle, in units of the energy. */
  readonly hot: number;
  readonly cold: number;
  readonly cycles: number;
  /** Energy of the state as it stands. */
  readonly energy: (state: ShareState) => number;
  /** Energy after a move, from what `state.weigh` has just said. */
  readonly energyAfter: (state: ShareState, b: number, to: number, back: number) => number;
  /** Called when a walk stands somewhere new; true when it was worth keeping (the tier keeps it). */
  readonly keep: (state: ShareState) => boolean;
  readonly enough: () => boolean;
  /** Called at the start of every cycle: put the state on the incumbent. */
  readonly restart: (state: ShareState) => void;
  /** Called as a cycle goes on, with how far it is from 0 to 1: the energy may be another from then on. */
  readonly cool?: (part: number) => void;
}

/**
 * @param movable bundles that more than one carrier may have
 * @param spend called every few thousand moves with how many; progress is told there
 */
export function anneal(
  state: ShareState,
  movable: readonly number[],
  tier: Tier,
  random: Random,
  spend: (moves: number) => void,
): void {
  const move = new Proposal(state, movable, random);
  const perCycle = max(1, floor(tier.iterations / tier.cycles));
  const cooling = (tier.cold / tier.hot) ** (STEP / perCycle);
  for (let cycle = 0; cycle < tier.cycles && !tier.enough(); cycle += 1) {
    tier.restart(state);
    tier.cool?.(0);
    let energy = tier.energy(state);
    let temperature = tier.hot;
    let worst = state.worstCarrier();
    for (let i = 0; i < perCycle; i += 1) {
      if (i % STEP === 0 && i > 0) {
        temperature *= cooling;
        worst = state.worstCarrier();
        if (tier.cool !== undefined) {
          tier.cool(i / perCycle);
          energy = tier.energy(state);
        }
        spend(STEP);
        if (tier.enough()) break;
      }
      if (!move.draw(worst)) continue;
      const next = move.chain > 0 ? move.follow(tier) : move.weigh(tier);
      if (next > energy && random() >= exp((energy - next) / temperature)) {
        if (move.chain > 0) move.retrace(tier);
        continue;
      }
      if (move.chain === 0) state.move(move.b, move.to, move.back);
      energy = next;
      worst = state.worstCarrier();
      if (tier.keep(state)) {
        energy = tier.energy(state);
        worst = state.worstCarrier();
        if (tier.enough()) break;
      }
    }
  }
}

/** How often a move is a shift; of the others, how many are chains where packs are full. */
const SHIFTS = 0.5;
const CHAINS = 0.3;
/** From so full on, packs as wholes are looked at as full. */
const FULL = 0.75;
/** Bundles this near in volume are like; so many of the full packs' swaps are of such. */
const NEAR_RANKS = 6;
const LIKE = 0.5;
/** Of a pack's bundles so many are looked at for the one most like what comes in. */
const LOOKED_AT = 3;

/**
 * A random move: a bundle to another carrier, or two bundles that change carriers; where packs are full, two of like volume,
 * or a chain: one goes to a second carrier, who gives one to a third, who may give one to the first.
 */
class Proposal {
  b = 0;
  to = 0;
  /** The bundle that goes the other way; negative for none. */
  back = -1;
  /** Steps of a chain; 0 for a plain move. */
  chain = 0;
  private readonly chainOf = new Int32Array(3);
  private readonly chainTo = new Int32Array(3);
  private readonly chainFrom = new Int32Array(3);
  private readonly isMovable: Uint8Array;
  private readonly mayCarry: Uint8Array;
  /** Movable bundles by volume, and where each is among them. */
  private readonly byVolume: Int32Array;
  private readonly rank: Int32Array;
  private readonly volume: Float64Array;
  /** Packs are so full, all together, that volume is in the way. */
  private readonly isFull: boolean;

  constructor(
    private readonly state: ShareState,
    private readonly movable: readonly number[],
    private readonly random: Random,
  ) {
    const { bundles } = state.problem;
    this.isMovable = new Uint8Array(bundles.length);
    for (const b of movable) this.isMovable[b] = 1;
    this.mayCarry = mayCarryTable(state.problem);
    this.volume = Float64Array.from(bundles, (b) => max(0, ...b.volumeL));
    this.byVolume = Int32Array.from([...movable].sort((a, b) => this.volume[a]! - this.volume[b]!));
    this.rank = new Int32Array(bundles.length);
    this.byVolume.forEach((b, i) => (this.rank[b] = i));
    this.isFull = fullness(state.problem) > FULL;
  }

  /** @returns false when what was drawn may not be, or would change nothing */
  draw(worst: number): boolean {
    const { state, movable, random } = this;
    this.chain = 0;
    this.b = movable[pickIndex(random, movable.length)]!;
    if (worst >= 0 && random() < 0.5) {
      const list = state.held[worst]!;
      if (list.length === 0) return false;
      this.b = list[pickIndex(random, list.length)]!;
      if (this.isMovable[this.b] === 0) return false;
    }
    const from = state.carrierOf[this.b]!;
    this.back = -1;
    if (random() < SHIFTS) {
      const { allowed } = state.problem.bundles[this.b]!;
      this.to = allowed[pickIndex(random, allowed.length)]!;
      return this.to !== from;
    }
    if (this.isFull && random() < CHAINS) return this.drawChain(from);
    this.back = this.partner();
    this.to = state.carrierOf[this.back]!;
    return this.to !== from && this.may(this.b, this.to) && this.may(this.back, from);
  }

  /** What changes carriers with the bundle. */
  private partner(): number {
    const { movable, random } = this;
    if (!this.isFull || random() >= LIKE) return movable[pickIndex(random, movable.length)]!;
    const away = 1 + pickIndex(random, NEAR_RANKS);
    const at = this.rank[this.b]! + (random() < 0.5 ? away : -away);
    return this.byVolume[at < 0 ? at + this.byVolume.length : at % this.byVolume.length]!;
  }

  private drawChain(from: number): boolean {
    const { state, random } = this;
    const { allowed } = state.problem.bundles[this.b]!;
    const second = allowed[pickIndex(random, allowed.length)]!;
    if (second === from) return false;
    const given = this.likeOf(this.b, second);
    if (given < 0) return false;
    const open = state.problem.bundles[given]!.allowed;
    const third = open[pickIndex(random, open.length)]!;
    if (third === second || third === from) return false;
    this.put(0, this.b, from, second);
    this.put(1, given, second, third);
    this.chain = 2;
    if (random() < 0.5) return true;
    const last = this.likeOf(given, third);
    if (last < 0 || !this.may(last, from)) return true;
    this.put(2, last, third, from);
    this.chain = 3;
    return true;
  }

  private put(k: number, b: number, from: number, to: number): void {
    this.chainOf[k] = b;
    this.chainFrom[k] = from;
    this.chainTo[k] = to;
  }

  /** Of what a carrier has, something movable about as large; negative when nothing is drawn. */
  private likeOf(b: number, m: number): number {
    const list = this.state.held[m]!;
    let best = -1;
    let least = Infinity;
    for (let k = 0; k < LOOKED_AT && list.length > 0; k += 1) {
      const other = list[pickIndex(this.random, list.length)]!;
      const apart = abs(this.volume[other]! - this.volume[b]!);
      if (this.isMovable[other] === 1 && apart < least) {
        least = apart;
        best = other;
      }
    }
    return best;
  }

  /** The energy after a plain move, which is not made yet. */
  weigh(tier: Tier): number {
    this.state.weigh(this.b, this.to, this.back);
    return tier.energyAfter(this.state, this.b, this.to, this.back);
  }

  /** Makes the chain's steps; the energy after them. */
  follow(tier: Tier): number {
    let energy = 0;
    for (let k = 0; k < this.chain; k += 1) {
      this.state.weigh(this.chainOf[k]!, this.chainTo[k]!, -1);
      energy = tier.energyAfter(this.state, this.chainOf[k]!, this.chainTo[k]!, -1);
      this.state.move(this.chainOf[k]!, this.chainTo[k]!, -1);
    }
    return energy;
  }

  /** Takes a chain's steps back. */
  retrace(tier: Tier): void {
    for (let k = this.chain - 1; k >= 0; k -= 1) {
      this.state.weigh(this.chainOf[k]!, this.chainFrom[k]!, -1);
      tier.energyAfter(this.state, this.chainOf[k]!, this.chainFrom[k]!, -1);
      this.state.move(this.chainOf[k]!, this.chainFrom[k]!, -1);
    }
  }

  private may(b: number, m: number): boolean {
    return this.mayCarry[b * this.state.carrierCount + m] === 1;
  }
}

/** Moves between two steps of cooling. */
const STEP = 1024;
