/** What filling whole packs looks up, of one problem: amounts by kind and day, likeness, rules, room. */
import { apartFrom } from './keepApart.js';
import { leastVolumeL, mostRoomL } from './leastRoom.js';
import { PackFiller } from './packFillings.js';
import type { ShareProblem } from './problem.js';
import { heaviestFirst, twinBefore } from './twins.js';
import { massStepKg } from './waterFill.js';

/** Sums of masses and volumes drift by less than this, kg and litres. */
export const DRIFT = 1e-10;

export class PackTable {
  /** Kinds (mass, volume) times days. */
  readonly dims: number;
  /** Amounts of each bundle: mass by day, then volume by day. */
  readonly amount: Float64Array;
  /** All amounts of a bundle together. */
  readonly bulk: Float64Array;
  /** Bundles, heaviest first, and for each the one alike before it. */
  readonly order: readonly number[];
  readonly twin: Int32Array;
  readonly apartFrom: readonly (readonly number[])[];
  readonly filler: PackFiller;
  /** By day: the step of masses, and what packs have free. */
  private readonly stepsKg: readonly number[];
  private readonly roomL: readonly (readonly number[])[];

  constructor(readonly problem: ShareProblem) {
    const { bundles, dayCount } = problem;
    const days = Array.from({ length: dayCount }, (_v, d) => d);
    this.dims = 2 * dayCount;
    this.amount = Float64Array.from(
      bundles.flatMap((b) => [...b.massKg, ...b.massKg.map((_kg, d) => leastVolumeL(b, d))]),
    );
    this.bulk = Float64Array.from(bundles, (_b, b) =>
      this.amount.subarray(b * this.dims, (b + 1) * this.dims).reduce((sum, x) => sum + x, 0),
    );
    this.order = heaviestFirst(problem);
    this.twin = twinBefore(problem, this.order);
    this.apartFrom = apartFrom(problem);
    this.filler = new PackFiller(this.amount, this.dims, DRIFT);
    this.stepsKg = days.map((d) => massStepKg(bundles.map((b) => b.massKg[d]!)));
    this.roomL = days.map((d) => mostRoomL(problem, d));
  }

  /** What each carrier may take at a target ratio: mass by day, then volume by day. */
  roomAt(target: number): Float64Array {
    return Float64Array.from(
      this.problem.carriers.flatMap((c, m) => [
        ...c.yardKg.map((yard, d) => {
          if (c.limitKg[d] === Infinity) return 0;
          const roomKg = Math.max(0, Math.min(target * yard, c.limitKg[d]!) - c.baseKg[d]!);
          const step = this.stepsKg[d]!;
          // Room for part of a step is room for nothing.
          return step === 0 ? roomKg : Math.floor(roomKg / step + DRIFT) * step;
        }),
        ...this.roomL.map((of) => of[m]!),
      ]),
    );
  }
}
