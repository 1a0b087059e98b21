/**
 * The running state of a search for a share: loads by carrier and day, kept up to date move by move, with the parts
 * of the objective. Symbols: r = load / limit, T = the target ratio the search chases.
 */
import type { ShareProblem } from './problem.js';

/** How much one broken keep-apart rule counts in the infeasibility, in kg or litres: more than any real excess. */
const APART_WEIGHT = 1000;

export interface ShareScore {
  /** Σ load above limits (kg, over members and days) + Σ volume above packs (L) + broken keep-apart rules. */
  readonly infeasibility: number;
  readonly overloadKg: number;
  readonly overVolumeL: number;
  readonly apartBroken: number;
  readonly largestRatio: number;
  /** Σ over days of squared deviations from that day's mean ratio. */
  readonly evenness: number;
}

export class ShareState {
  /** Carrier index of each bundle. */
  readonly carrierOf: Int32Array;
  private readonly load: Float64Array;
  private readonly volume: Float64Array;
  private readonly days: number;

  constructor(
    readonly problem: ShareProblem,
    assignment: ArrayLike<number>,
  ) {
    this.days = problem.dayCount;
    const cells = problem.carriers.length * this.days;
    this.load = new Float64Array(cells);
    this.volume = new Float64Array(cells);
    this.carrierOf = Int32Array.from(assignment);
    this.resum();
  }

  /** Recompute every sum from the assignment, which also clears rounding drift after many moves. */
  resum(): void {
    for (const [m, carrier] of this.problem.carriers.entries()) {
      for (let d = 0; d < this.days; d += 1) {
        this.load[m * this.days + d] = carrier.baseKg[d]!;
        this.volume[m * this.days + d] = -carrier.freeVolumeL[d]!;
      }
    }
    this.carrierOf.forEach((m, b) => this.add(b, m, 1));
  }

  private add(b: number, m: number, sign: number): void {
    const bundle = this.problem.bundles[b]!;
    for (let d = 0; d < this.days; d += 1) {
      this.load[m * this.days + d]! += sign * bundle.massKg[d]!;
      this.volume[m * this.days + d]! += sign * bundle.volumeL[d]!;
    }
  }

  move(b: number, to: number): void {
    this.add(b, this.carrierOf[b]!, -1);
    this.add(b, to, 1);
    this.carrierOf[b] = to;
  }

  ratio(m: number, d: number): number {
    return this.load[m * this.days + d]! / this.problem.carriers[m]!.limitKg[d]!;
  }

  apartBroken(): number {
    let broken = 0;
    for (const list of this.problem.apart) {
      for (let i = 0; i < list.length; i += 1) {
        for (let j = i + 1; j < list.length; j += 1) {
          if (this.carrierOf[list[i]!] === this.carrierOf[list[j]!]) broken += 1;
        }
      }
    }
    return broken;
  }

  /** The carrier of the largest ratio. */
  worstCarrier(): number {
    let worst = 0;
    let largest = -1;
    for (let m = 0; m < this.problem.carriers.length; m += 1) {
      for (let d = 0; d < this.days; d += 1) {
        const r = this.ratio(m, d);
        if (r > largest) {
          largest = r;
          worst = m;
        }
      }
    }
    return worst;
  }

  /** All parts of the objective, and the excess Σ max(0, r − target) that a search drives to nothing. */
  score(target = Infinity): ShareScore & { readonly excess: number } {
    const count = this.problem.carriers.length;
    let overloadKg = 0;
    let overVolumeL = 0;
    let largestRatio = 0;
    let evenness = 0;
    let excess = 0;
    for (let d = 0; d < this.days; d += 1) {
      let sum = 0;
      let squares = 0;
      for (let m = 0; m < count; m += 1) {
        const cell = m * this.days + d;
        const limit = this.problem.carriers[m]!.limitKg[d]!;
        const r = this.load[cell]! / limit;
        sum += r;
        squares += r * r;
        if (r > largestRatio) largestRatio = r;
        if (r > 1) overloadKg += this.load[cell]! - limit;
        if (r > target) excess += r - target;
        // Personal things that alone overfill a pack are nobody's choice: the excess still counts, as a constant.
        const over = this.volume[cell]!;
        if (over > 0) overVolumeL += over;
      }
      if (count > 0) evenness += Math.max(0, squares - (sum * sum) / count);
    }
    const apartBroken = this.apartBroken();
    const infeasibility = overloadKg + overVolumeL + APART_WEIGHT * apartBroken;
    return { infeasibility, overloadKg, overVolumeL, apartBroken, largestRatio, evenness, excess };
  }
}
