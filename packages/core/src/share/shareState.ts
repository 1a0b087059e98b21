/**
 * The running state of a search for a share: loads by carrier and day, kept up to date move by move, with the parts
 * of the objective. A move is weighed before it is made, from the cells of its two carriers alone.
 *
 * Symbols: p = load before group pieces, y = yardstick (the ratio's denominator), r = load / y, f = p / y.
 * A cell is one carrier on one day. The level is the largest r among cells that carry something of the group's: where
 * personal things alone make the largest ratio, it is still what a share can do something about.
 */
import { Crowd } from './crowd.js';
import { PackRoom } from './packRoom.js';
import type { ShareProblem } from './problem.js';
import { above, scoreOf, type MoveEffect, type ShareScore } from './shareScore.js';
import { apartBroken, apartChange, apartFrom } from './keepApart.js';
import { carrierUntidiness, changedCarriers } from './tidiness.js';

/** A cell above its own floor by less than this carries nothing of the group's. */
const FLOOR_SLACK = 1e-9;

export class ShareState {
  /** Carrier index of each bundle. */
  readonly carrierOf: Int32Array;
  readonly carrierCount: number;
  readonly days: number;
  /** Of each carrier, in no order. */
  readonly held: number[][];
  /** Sums over all cells, for the cap that is set. */
  over = 0;
  apart = 0;
  excess = 0;
  crowding = 0;
  evenness = 0;
  untidiness = 0;
  /** Excess of each carrier above the cap. */
  readonly excessOf: Float64Array;
  readonly effect: MoveEffect = { over: 0, apart: 0, excess: 0, crowding: 0, evenness: 0, untidiness: 0 };
  private readonly place: Int32Array;
  private readonly load: Float64Array;
  private readonly room: PackRoom;
  private readonly crowd: Crowd;
  private readonly limit: Float64Array;
  private readonly overWeight: Float64Array;
  private readonly perYard: Float64Array;
  private readonly floor: Float64Array;
  private readonly cap: Float64Array;
  private readonly mass: Float64Array;
  private readonly daySum: Float64Array;
  private readonly dayShare: Float64Array;
  private readonly apartFrom: readonly (readonly number[])[];
  private target = Infinity;

  constructor(
    readonly problem: ShareProblem,
    assignment: ArrayLike<number>,
  ) {
    const { carriers, bundles, dayCount } = problem;
    this.days = dayCount;
    this.carrierCount = carriers.length;
    const cells = carriers.length * dayCount;
    const perCell = (of: (m: number, d: number) => number): Float64Array =>
      Float64Array.from({ length: cells }, (_v, i) => of(Math.floor(i / dayCount), i % dayCount));
    this.load = new Float64Array(cells);
    this.room = new PackRoom(problem);
    this.crowd = new Crowd(problem);
    this.limit = perCell((m, d) => carriers[m]!.limitKg[d]!);
    this.overWeight = Float64Array.from(carriers, (c) => c.overWeight);
    // An absent carrier's limit and yardstick are infinite: ratio 0, never over.
    this.perYard = perCell((m, d) => 1 / carriers[m]!.yardKg[d]!);
    this.floor = perCell((m, d) => carriers[m]!.baseKg[d]! / carriers[m]!.yardKg[d]!);
    this.cap = new Float64Array(cells).fill(Infinity);
    this.mass = Float64Array.from(bundles.flatMap((b) => [...b.massKg]));
    this.daySum = new Float64Array(dayCount);
    this.dayShare = Float64Array.from({ length: dayCount }, (_v, d) => {
      const present = carriers.filter((c) => c.limitKg[d] !== Infinity).length;
      return present === 0 ? 0 : 1 / present;
    });
    this.excessOf = new Float64Array(carriers.length);
    this.apartFrom = apartFrom(problem);
    this.carrierOf = Int32Array.from(assignment);
    this.place = new Int32Array(bundles.length);
    this.held = carriers.map(() => []);
    this.restore(assignment);
  }

  /** Take over an assignment and recompute every sum, which also clears rounding drift after many moves. */
  restore(assignment: ArrayLike<number>): void {
    const { carriers } = this.problem;
    for (const list of this.held) list.length = 0;
    this.load.set(carriers.flatMap((c) => [...c.baseKg]));
    this.room.empty();
    this.crowd.empty();
    for (let b = 0; b < this.carrierOf.length; b += 1) {
      const m = assignment[b]!;
      this.carrierOf[b] = m;
      this.place[b] = this.held[m]!.length;
      this.held[m]!.push(b);
      this.crowd.put(b, m, 1);
      for (let d = 0; d < this.days; d += 1) {
        this.load[m * this.days + d]! += this.mass[b * this.days + d]!;
        this.room.put(b, m, d, 1);
      }
    }
    this.setTarget(this.target);
    this.apart = this.apartBroken();
    this.crowding = this.crowdingNow();
    this.untidiness = this.untidinessNow();
  }

  /** Ratios above the target count as excess; where personal things alone are above it, above those. */
  setTarget(target: number): void {
    this.target = target;
    const { days } = this;
    this.over = 0;
    this.excess = 0;
    this.evenness = 0;
    this.daySum.fill(0);
    this.excessOf.fill(0);
    for (let d = 0; d < days; d += 1) {
      let squares = 0;
      for (let m = 0; m < this.carrierCount; m += 1) {
        const i = m * days + d;
        const r = this.load[i]! * this.perYard[i]!;
        this.cap[i] = Math.max(target, this.floor[i]! + FLOOR_SLACK);
        this.over +=
          this.overWeight[m]! * above(this.load[i]! - this.limit[i]!) + above(this.room.overVolumeL(m, d));
        const excess = above(r - this.cap[i]);
        this.excess += excess;
        this.excessOf[m]! += excess;
        this.daySum[d]! += r;
        squares += r * r;
      }
      this.evenness += squares - this.daySum[d]! ** 2 * this.dayShare[d]!;
    }
  }

  /**
   * What giving bundle b to a carrier would change, and bundle `back`, if not negative, the other way.
   * The answer is the state's own object: read it before the next question.
   */
  weigh(b: number, to: number, back: number): MoveEffect {
    const { days, load, limit, perYard, cap } = this;
    const from = this.carrierOf[b]!;
    const [weightI, weightJ] = [this.overWeight[from]!, this.overWeight[to]!];
    let over = 0;
    let excess = 0;
    let evenness = 0;
    for (let d = 0; d < days; d += 1) {
      let kg = this.mass[b * days + d]!;
      if (back >= 0) kg -= this.mass[back * days + d]!;
      over += this.room.weigh(b, from, to, back, d);
      if (kg === 0) continue;
      const i = from * days + d;
      const j = to * days + d;
      const loadI = load[i]!;
      const loadJ = load[j]!;
      over +=
        weightI * (above(loadI - kg - limit[i]!) - above(loadI - limit[i]!)) +
        weightJ * (above(loadJ + kg - limit[j]!) - above(loadJ - limit[j]!));
      const r1 = loadI * perYard[i]!;
      const r2 = (loadI - kg) * perYard[i]!;
      const q1 = loadJ * perYard[j]!;
      const q2 = (loadJ + kg) * perYard[j]!;
      excess += above(r2 - cap[i]!) - above(r1 - cap[i]!) + above(q2 - cap[j]!) - above(q1 - cap[j]!);
      const sum = this.daySum[d]!;
      const next = sum + (r2 - r1) + (q2 - q1);
      evenness += r2 * r2 - r1 * r1 + q2 * q2 - q1 * q1 - (next * next - sum * sum) * this.dayShare[d]!;
    }
    this.effect.over = over;
    this.effect.apart = apartChange(this.apartFrom, this.carrierOf, b, to, back);
    this.effect.crowding = this.crowd.weigh(b, from, to, back);
    this.effect.untidiness = 0;
    this.effect.excess = excess;
    this.effect.evenness = evenness;
    return this.effect;
  }

  /** By how much a move that has just been weighed would change the untidiness. */
  weighUntidiness(b: number, to: number, back: number): void {
    const from = this.carrierOf[b]!;
    const before = this.untidinessOf(from) + this.untidinessOf(to) + changedCarriers(this.problem, b, from);
    const backBefore = back < 0 ? 0 : changedCarriers(this.problem, back, to);
    this.shift(b, from, to);
    if (back >= 0) this.shift(back, to, from);
    const after = this.untidinessOf(from) + this.untidinessOf(to) + changedCarriers(this.problem, b, to);
    const backAfter = back < 0 ? 0 : changedCarriers(this.problem, back, from);
    this.shift(b, to, from);
    if (back >= 0) this.shift(back, from, to);
    this.effect.untidiness = after + backAfter - before - backBefore;
  }

  /** Make a move that has just been weighed. */
  move(b: number, to: number, back: number): void {
    const from = this.carrierOf[b]!;
    this.shift(b, from, to);
    if (back >= 0) this.shift(back, to, from);
    for (const m of [from, to]) {
      let excess = 0;
      for (let d = 0; d < this.days; d += 1) {
        const i = m * this.days + d;
        excess += above(this.load[i]! * this.perYard[i]! - this.cap[i]!);
      }
      this.excessOf[m] = excess;
    }
    this.over += this.effect.over;
    this.apart += this.effect.apart;
    this.untidiness += this.effect.untidiness;
    this.excess += this.effect.excess;
    this.crowding += this.effect.crowding;
    this.evenness += this.effect.evenness;
  }

  private shift(b: number, from: number, to: number): void {
    const { days } = this;
    for (let d = 0; d < days; d += 1) {
      const kg = this.mass[b * days + d]!;
      this.room.put(b, from, d, -1);
      this.room.put(b, to, d, 1);
      if (kg === 0) continue;
      const i = from * days + d;
      const j = to * days + d;
      const before = this.load[i]! * this.perYard[i]! + this.load[j]! * this.perYard[j]!;
      this.load[i]! -= kg;
      this.load[j]! += kg;
      this.daySum[d]! += this.load[i]! * this.perYard[i]! + this.load[j]! * this.perYard[j]! - before;
    }
    this.crowd.put(b, from, -1);
    this.crowd.put(b, to, 1);
    const list = this.held[from]!;
    const last = list.pop()!;
    if (last !== b) {
      list[this.place[b]!] = last;
      this.place[last] = this.place[b]!;
    }
    this.place[b] = this.held[to]!.length;
    this.held[to]!.push(b);
    this.carrierOf[b] = to;
  }

  loadKg(m: number, d: number): number {
    return this.load[m * this.days + d]!;
  }

  overVolumeL(m: number, d: number): number {
    return this.room.overVolumeL(m, d);
  }

  /** What a carrier may have on a day at the target, kg; what a kilogram adds to their ratio. */
  capKg(m: number, d: number): number {
    return this.cap[m * this.days + d]! / this.perYardOf(m, d);
  }
  perYardOf(m: number, d: number): number {
    return this.perYard[m * this.days + d]!;
  }

  /** The carrier furthest above the target, or a negative number when nobody is. */
  worstCarrier(): number {
    let worst = -1;
    let most = 0;
    for (let m = 0; m < this.carrierCount; m += 1) {
      if (this.excessOf[m]! > most) {
        most = this.excessOf[m]!;
        worst = m;
      }
    }
    return worst;
  }

  level(): number {
    let level = 0;
    for (let i = 0; i < this.load.length; i += 1) {
      const r = this.load[i]! * this.perYard[i]!;
      if (r > level && r > this.floor[i]! + FLOOR_SLACK) level = r;
    }
    return level;
  }

  apartBroken(): number {
    return apartBroken(this.apartFrom, this.carrierOf);
  }

  crowdingNow(): number {
    return this.crowd.sum();
  }

  untidinessNow(): number {
    const ofCarriers = this.held.reduce((sum, _list, m) => sum + this.untidinessOf(m), 0);
    return this.carrierOf.reduce((sum, m, b) => sum + changedCarriers(this.problem, b, m), ofCarriers);
  }

  private untidinessOf(m: number): number {
    const { packL } = this.problem.carriers[m]!;
    let fullestL = 0;
    for (let d = 0; d < this.days; d += 1) fullestL = Math.max(fullestL, this.overVolumeL(m, d) + packL);
    return carrierUntidiness(this.problem, this.held[m]!, packL, fullestL);
  }

  /** All parts of the objective, summed anew. */
  score(): ShareScore {
    return scoreOf(this);
  }
}
