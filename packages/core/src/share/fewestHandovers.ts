/** The fewest handovers by annealing: a handover costs one, a kilogram above what is asked more and more. */
import { pickIndex, seededRandom, type Random } from '../units/random.js';
import { ShareState } from './shareState.js';
import type { Near } from './reshare.js';
import { handoversIn, handoverCost } from './reshare.js';
import { fewestConceivable } from './fewestConceivable.js';
import type { ShareProblem } from './problem.js';
import { FITS } from './fits.js';

const ROUNDS = 6;
/** Temperatures at the start and the end of a walk, in handovers. */
const HOT = 0.8;
const COLD = 0.016;
/**
 * What a kilogram or litre too many costs, in handovers, at the start of a walk, and how much more at its end: by then
 * a few grams must not be worth a handover. Then what a broken keep-apart rule costs.
 */
const OVER_COST = 2;
const OVER_RISE = 200;
/** Where a walk is mended, what is left above is a matter of grams: they count for more still. */
const COOL_RISE = 10;
const APART_COST = 5;

export interface FewestHandovers {
  readonly assignment: Int32Array;
  readonly count: number;
  /** No fewer will do. */
  readonly atLeast: number;
}

/**
 * Search for the fewest handovers.
 *
 * @param asked from `askedProblem`
 * @param reaching an assignment that keeps to it, to start from; the search only betters it
 * @param iterations search moves
 */
export function fewestHandovers(
  asked: ShareProblem,
  near: Near,
  reaching: ArrayLike<number>,
  seed: number,
  iterations: number,
): FewestHandovers {
  const atLeast = fewestConceivable(asked);
  const walk = new HandoverWalk(asked, near, reaching, seededRandom(seed));
  const moves = Math.floor(iterations / ROUNDS);
  for (let round = 0; round < ROUNDS && walk.movable.length > 0; round += 1) {
    // A bound that is met leaves only who gives to whom to better.
    if (handoversIn(asked, walk.best) <= atLeast && round >= 2) break;
    // From where everything is now; on from where that walk has ended; from the best.
    if (round % 3 === 0) walk.from(walk.stay, moves, false);
    else if (round % 3 === 1) walk.from(Int32Array.from(walk.state.carrierOf), moves, true);
    else walk.from(walk.best, moves, false);
  }
  return { assignment: walk.best, count: handoversIn(asked, walk.best), atLeast };
}

/** Walks over assignments, and the best they have met. */
class HandoverWalk {
  readonly movable: readonly number[];
  /** Everything as it is now, as far as that may be. */
  readonly stay: ArrayLike<number>;
  readonly state: ShareState;
  best: Int32Array;
  private bestCost: number;
  private readonly width: number;
  private readonly cost: Float64Array;
  private b = 0;
  private to = 0;
  private back = -1;

  constructor(
    private readonly asked: ShareProblem,
    near: Near,
    reaching: ArrayLike<number>,
    private readonly random: Random,
  ) {
    const { bundles, carriers } = asked;
    const width = carriers.length;
    this.width = width;
    this.cost = Float64Array.from({ length: bundles.length * width }, (_v, i) =>
      handoverCost(asked, near, Math.floor(i / width), i % width),
    );
    this.movable = bundles.flatMap((b, i) => (b.allowed.length > 1 ? [i] : []));
    this.stay = stayingPut(asked, reaching);
    this.state = new ShareState(asked, this.stay);
    this.state.restore(reaching);
    this.best = Int32Array.from(reaching);
    this.bestCost = this.total();
  }

  /** @param cool starts near the end of the cooling: to mend what a walk has left, not to leave it */
  from(start: ArrayLike<number>, moves: number, cool: boolean): void {
    const { state, random } = this;
    state.restore(start);
    let walked = this.total();
    if (walked < this.bestCost - FITS && this.fits()) this.keep();
    const changed = this.movable.filter((b) => state.carrierOf[b] !== this.stay[b]);
    for (let i = 0; i < moves; i += 1) {
      const along = cool ? 0.5 + (0.5 * i) / moves : i / moves;
      if (!this.draw(changed)) continue;
      const { b, to, back } = this;
      const effect = state.weigh(b, to, back);
      const costs = this.costOfMove();
      const overCost = OVER_COST * OVER_RISE ** along * (cool ? COOL_RISE : 1);
      const change = costs + overCost * effect.over + APART_COST * effect.apart;
      const temperature = HOT * (COLD / HOT) ** along;
      if (change > 0 && random() >= Math.exp(-change / temperature)) continue;
      state.move(b, to, back);
      walked += costs;
      changed.push(b);
      if (back >= 0) changed.push(back);
      if (walked < this.bestCost - FITS && this.fits()) this.keep();
    }
  }

  /**
   * A random move: back to where a bundle is now, to any carrier, or two that change carriers.
   *
   * @param changed bundles that were moved, some perhaps back again: those are taken off
   * @returns false when what was drawn may not be, or would change nothing
   */
  private draw(changed: number[]): boolean {
    const { random, state, movable } = this;
    const { bundles } = this.asked;
    this.b = movable[pickIndex(random, movable.length)]!;
    this.back = -1;
    const kind = random();
    if (kind < 0.35 && changed.length > 0) {
      const at = pickIndex(random, changed.length);
      this.b = changed[at]!;
      this.to = this.stay[this.b]!;
      if (state.carrierOf[this.b] === this.to) {
        changed[at] = changed[changed.length - 1]!;
        changed.pop();
        return false;
      }
    } else if (kind < 0.7) {
      const { allowed } = bundles[this.b]!;
      this.to = allowed[pickIndex(random, allowed.length)]!;
    } else {
      this.back = movable[pickIndex(random, movable.length)]!;
      this.to = state.carrierOf[this.back]!;
      if (!bundles[this.back]!.allowed.includes(state.carrierOf[this.b]!)) return false;
    }
    return this.to !== state.carrierOf[this.b] && bundles[this.b]!.allowed.includes(this.to);
  }

  private costOfMove(): number {
    const { cost, width, b, to, back } = this;
    const from = this.state.carrierOf[b]!;
    const there = cost[b * width + to]! - cost[b * width + from]!;
    return back < 0 ? there : there + cost[back * width + from]! - cost[back * width + to]!;
  }

  private total(): number {
    return this.state.carrierOf.reduce((sum, m, b) => sum + this.cost[b * this.width + m]!, 0);
  }

  private fits(): boolean {
    return this.state.over <= FITS && this.state.apart === 0;
  }

  private keep(): void {
    this.best = Int32Array.from(this.state.carrierOf);
    this.bestCost = this.total();
  }
}

/** Every bundle where its pieces are, or mostly are; elsewhere only where it must be. */
function stayingPut(problem: ShareProblem, otherwise: ArrayLike<number>): Int32Array {
  return Int32Array.from(problem.bundles, ({ carriedBy, allowed }, b) => {
    const staying = allowed
      .map((m) => ({ m, count: carriedBy.filter((at) => at === m).length }))
      .filter((s) => s.count > 0)
      .sort((x, y) => y.count - x.count)[0];
    return staying?.m ?? otherwise[b]!;
  });
}
