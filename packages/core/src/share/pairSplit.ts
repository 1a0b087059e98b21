/**
 * What two carriers have, divided anew between them: of all divisions, one with the least above the target and above packs.
 * Sums of both halves of the things are merged in order (Horowitz & Sahni 1974, from memory), and only divisions are
 * looked at that bring the heaviest day's mass and the fullest day's volume within what both may have.
 */
import { pickIndex, type Random } from '../units/random.js';
import { mayCarryTable } from './problem.js';
import { above } from './shareScore.js';
import type { ShareState } from './shareState.js';

/** Things that are divided at most; what is more stays where it is. */
const MOST_THINGS = 20;
/** Divisions that are looked at on all days. */
const MOST_TRIED = 48;
/** What a litre above a pack counts beside a ratio of 1. */
const LITRE = 0.5;
const SLACK = 1e-9;
/** Things that are moved at random at once. */
const KICKED = 3;
const { abs, max, min } = Math;

/** What is divided for: a lower level, or less above limits and packs. */
export type SplitAim = 'level' | 'over';

/** All sums of some things, by mass. */
class Sums {
  readonly massKg: Float64Array;
  readonly volumeL: Float64Array;
  readonly mask: Int32Array;
  count = 1;
  private readonly spare: readonly [Float64Array, Float64Array, Int32Array];

  constructor(things: number) {
    const size = 1 << things;
    this.massKg = new Float64Array(size);
    this.volumeL = new Float64Array(size);
    this.mask = new Int32Array(size);
    this.spare = [new Float64Array(size), new Float64Array(size), new Int32Array(size)];
  }

  empty(): void {
    this.count = 1;
    this.massKg[0] = 0;
    this.volumeL[0] = 0;
    this.mask[0] = 0;
  }

  /** Every sum once without the thing and once with it, merged by mass. */
  add(kg: number, litres: number, bit: number): void {
    const { massKg, volumeL, mask, count } = this;
    const [mass, volume, bits] = this.spare;
    let [a, b] = [0, 0];
    for (let k = 0; k < 2 * count; k += 1) {
      const isWithout = b >= count || (a < count && massKg[a]! <= massKg[b]! + kg);
      const from = isWithout ? a : b;
      mass[k] = massKg[from]! + (isWithout ? 0 : kg);
      volume[k] = volumeL[from]! + (isWithout ? 0 : litres);
      bits[k] = mask[from]! | (isWithout ? 0 : bit);
      if (isWithout) a += 1;
      else b += 1;
    }
    this.count = 2 * count;
    massKg.set(mass.subarray(0, this.count));
    volumeL.set(volume.subarray(0, this.count));
    mask.set(bits.subarray(0, this.count));
  }
}

export class PairSplit {
  private readonly low = new Sums(MOST_THINGS / 2);
  private readonly high = new Sums(MOST_THINGS / 2);
  private readonly things: number[] = [];
  private readonly mayCarry: Uint8Array;
  private readonly litre: number;

  constructor(
    private readonly state: ShareState,
    private readonly random: Random,
    private readonly aim: SplitAim,
  ) {
    this.litre = aim === 'over' ? 1 : LITRE;
    this.mayCarry = mayCarryTable(state.problem);
  }

  /** Divides what two carriers have; where nothing is better, another division that is as good. */
  divide(i: number, j: number): void {
    const { state, things } = this;
    this.pick(i, j);
    if (things.length < 2) return;
    const before = this.cost(i, j, undefined, 0);
    const [d, v] = this.tightestDays(i, j);
    const bundles = state.problem.bundles;
    const kgOf = (b: number): number => bundles[b]!.massKg[d]!;
    const litresOf = (b: number): number => bundles[b]!.volumeL[v]!;
    let [kg, litres, kgI, litresI] = [0, 0, 0, 0];
    for (const b of things) {
      kg += kgOf(b);
      litres += litresOf(b);
      if (state.carrierOf[b] === i) {
        kgI += kgOf(b);
        litresI += litresOf(b);
      }
    }
    // What the first may get: up to what it may have, and as much as the second may not.
    const roomKg = (m: number, has: number): number => this.mostKg(m, d) - state.loadKg(m, d) + has;
    const roomL = (m: number, has: number): number => -state.overVolumeL(m, v) + has;
    const wide = before + SLACK;
    const [fromKg, toKg] = range(
      roomKg(i, kgI),
      kg - roomKg(j, kg - kgI),
      wide / min(this.perKg(i, d), this.perKg(j, d)),
    );
    const [fromL, toL] = range(roomL(i, litresI), litres - roomL(j, litres - litresI), wide / this.litre);
    const half = things.length >> 1;
    this.low.empty();
    this.high.empty();
    for (let k = 0; k < things.length; k += 1) {
      const b = things[k]!;
      if (k < half) this.low.add(kgOf(b), litresOf(b), 1 << k);
      else this.high.add(kgOf(b), litresOf(b), 1 << (k - half));
    }
    const mask = this.best(i, j, half, before, [fromKg, toKg, fromL, toL]);
    if (mask !== undefined) this.take(i, j, mask);
  }

  /** What a carrier may have on a day, kg, and what a kilogram above counts. */
  private mostKg(m: number, d: number): number {
    return this.aim === 'over' ? this.state.problem.carriers[m]!.limitKg[d]! : this.state.capKg(m, d);
  }
  private perKg(m: number, d: number): number {
    return this.aim === 'over' ? this.state.problem.carriers[m]!.overWeight : this.state.perYardOf(m, d);
  }

  /** Moves a few things to others at random, so that there is something else to divide. */
  kick(): void {
    const { state, random } = this;
    const { bundles } = state.problem;
    for (let k = 0; k < KICKED; k += 1) {
      const b = pickIndex(random, bundles.length);
      const { allowed } = bundles[b]!;
      const to = allowed[pickIndex(random, allowed.length)]!;
      if (to === state.carrierOf[b]) continue;
      state.weigh(b, to, -1);
      if (state.effect.apart > 0) continue;
      state.move(b, to, -1);
    }
  }

  /** What both may carry of what they have. */
  private pick(i: number, j: number): void {
    const { state, things, random } = this;
    things.length = 0;
    for (const m of [i, j])
      for (const b of state.held[m]!)
        if (
          this.mayCarry[b * state.carrierCount + i] === 1 &&
          this.mayCarry[b * state.carrierCount + j] === 1
        )
          things.push(b);
    for (let k = things.length - 1; k > 0; k -= 1) {
      const other = pickIndex(random, k + 1);
      [things[k], things[other]] = [things[other]!, things[k]!];
    }
    if (things.length > MOST_THINGS) things.length = MOST_THINGS;
  }

  /** The days on which the two together have least room, for mass and for volume. */
  private tightestDays(i: number, j: number): readonly [number, number] {
    const { state } = this;
    let [d, v, leastKg, leastL] = [0, 0, Infinity, Infinity];
    for (let day = 0; day < state.days; day += 1) {
      const perKg = max(this.perKg(i, day), this.perKg(j, day));
      const kg =
        (this.mostKg(i, day) - state.loadKg(i, day) + this.mostKg(j, day) - state.loadKg(j, day)) * perKg;
      const litres = -state.overVolumeL(i, day) - state.overVolumeL(j, day);
      if (kg < leastKg) [d, leastKg] = [day, kg];
      if (litres < leastL) [v, leastL] = [day, litres];
    }
    return [d, v];
  }

  /** Among divisions within the ranges the one that costs least; undefined when what was there is no worse. */
  private best(
    i: number,
    j: number,
    half: number,
    before: number,
    [fromKg, toKg, fromL, toL]: readonly [number, number, number, number],
  ): number | undefined {
    const { low, high, random } = this;
    const now = this.maskNow(i);
    let tried = 0;
    let least = before + SLACK;
    let found: number | undefined;
    const start = pickIndex(random, low.count);
    for (let n = 0; n < low.count && tried < MOST_TRIED; n += 1) {
      const a = (start + n) % low.count;
      let b = firstFrom(high.massKg, high.count, fromKg - low.massKg[a]!);
      for (; b < high.count && low.massKg[a]! + high.massKg[b]! <= toKg; b += 1) {
        const litres = low.volumeL[a]! + high.volumeL[b]!;
        if (litres < fromL || litres > toL) continue;
        const mask = low.mask[a]! | (high.mask[b]! << half);
        if (mask === now) continue;
        tried += 1;
        const cost = this.cost(i, j, mask, least);
        if (cost < least) {
          least = cost;
          found = mask;
          if (cost <= SLACK) return mask;
        }
        if (tried >= MOST_TRIED) break;
      }
    }
    return found;
  }

  private maskNow(i: number): number {
    let mask = 0;
    this.things.forEach((b, k) => {
      if (this.state.carrierOf[b] === i) mask |= 1 << k;
    });
    return mask;
  }

  /** What is above the target and above packs, over all days, with a division or as it is. */
  private cost(i: number, j: number, mask: number | undefined, most: number): number {
    const { state, things } = this;
    const { bundles } = state.problem;
    let cost = 0;
    for (let d = 0; d < state.days; d += 1) {
      let [kg, litres] = [0, 0];
      if (mask !== undefined)
        for (let k = 0; k < things.length; k += 1) {
          const b = things[k]!;
          const goes = (mask >> k) & 1;
          const isThere = state.carrierOf[b] === i ? 1 : 0;
          if (goes === isThere) continue;
          kg += (goes - isThere) * bundles[b]!.massKg[d]!;
          litres += (goes - isThere) * bundles[b]!.volumeL[d]!;
        }
      cost +=
        above(state.loadKg(i, d) + kg - this.mostKg(i, d)) * this.perKg(i, d) +
        above(state.loadKg(j, d) - kg - this.mostKg(j, d)) * this.perKg(j, d) +
        this.litre * (above(state.overVolumeL(i, d) + litres) + above(state.overVolumeL(j, d) - litres));
      if (mask !== undefined && cost >= most) return cost;
    }
    return cost;
  }

  /** Makes a division, unless rules, limits or containers make more of it than its sums say. */
  private take(i: number, j: number, mask: number): void {
    const { state, things } = this;
    const moved: number[] = [];
    const [apart, over] = [state.apart, state.over];
    things.forEach((b, k) => {
      const to = ((mask >> k) & 1) === 1 ? i : j;
      if (state.carrierOf[b] === to) return;
      moved.push(b);
      state.weigh(b, to, -1);
      state.move(b, to, -1);
    });
    if (state.apart <= apart && state.over <= max(over, 0) + 1e-9) return;
    for (const b of moved) {
      const to = state.carrierOf[b] === i ? j : i;
      state.weigh(b, to, -1);
      state.move(b, to, -1);
    }
  }
}

/** From the lower of two ends to the higher, and so much more on both sides. */
function range(one: number, other: number, wide: number): readonly [number, number] {
  return [min(one, other) - wide - abs(one) * SLACK, max(one, other) + wide + abs(one) * SLACK];
}

/** The first index of an ascending list at which it is no less. */
function firstFrom(list: Float64Array, count: number, least: number): number {
  let [from, to] = [0, count];
  while (from < to) {
    const middle = (from + to) >> 1;
    if (list[middle]! < least) from = middle + 1;
    else to = middle;
  }
  return from;
}
