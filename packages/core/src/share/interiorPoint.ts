/**
 * Linear programs of dealing out: every item goes to its places, in parts if need be; a row of a place has room for so
 * much; some rows are together kept under one level that is to be as low as can be. Solved by Mehrotra's
 * predictor–corrector (Mehrotra 1992, from memory). The items' own equations are taken out of the normal equations
 * first: what is left is as large as there are rows.
 */
import { edge, factored, largest, solved } from './linear.js';

export interface DealRow {
  readonly place: number;
  /** By item, what it takes of the row where it goes to its place. */
  readonly take: Float64Array;
  readonly room: number;
  /** What is taken, less the level, is within the room. */
  readonly isLevel: boolean;
  /** What a unit above the room costs; nothing may be above where this is left out. */
  readonly overCost?: number;
}
export interface DealProgram {
  /** Where each item may go, at least one place. */
  readonly places: readonly (readonly number[])[];
  /** What an item costs at each of its places, in their order; nothing where it is left out. */
  readonly cost?: readonly (readonly number[])[];
  readonly rows: readonly DealRow[];
}
export interface DealSolution {
  /** What a unit of each row's room is worth, none below zero. */
  readonly prices: Float64Array;
  /** What of each item goes to each of its places, in their order. */
  readonly parts: Float64Array;
}

const MOST_STEPS = 60;
/** Relative distance of the two sides at which it is done. */
const CLOSE = 1e-7;
/** How much of the way to the edge a step goes. */
const TO_EDGE = 0.9995;
/** Parts of an item below this are left out of the normal equations. */
const NOTHING = 1e-10;

export function solveDeal(program: DealProgram): DealSolution {
  const point = new Point(program);
  for (let k = 0; k < MOST_STEPS && point.step(); k += 1);
  return point.solution();
}

/** Variables are parts of pairs, the level, slack of rows, and what is above rows; equations are items', then rows'. */
class Point {
  private readonly items: number;
  private readonly rows: number;
  private readonly begin: Int32Array;
  private readonly pairs: number;
  /** By pair, its rows and what it takes of each: those of pair p begin at `entry[p]`. */
  private readonly entry: Int32Array;
  private readonly entryRow: Int32Array;
  private readonly entryTake: Float64Array;
  /** Rows in which something may be above, in the order of those variables. */
  private readonly overRow: Int32Array;
  private readonly isLevel: Uint8Array;
  private readonly cost: Float64Array;
  private readonly right: Float64Array;
  private readonly x: Float64Array;
  private readonly z: Float64Array;
  private readonly y: Float64Array;
  private readonly d: Float64Array;
  private readonly normal: Float64Array;
  private readonly perItem: Float64Array;

  constructor({ places, rows, cost }: DealProgram) {
    this.items = places.length;
    this.rows = rows.length;
    this.begin = new Int32Array(places.length + 1);
    places.forEach((list, b) => (this.begin[b + 1] = this.begin[b]! + list.length));
    this.pairs = this.begin[places.length]!;
    const rowsOf = new Map<number, number[]>();
    rows.forEach((row, r) => {
      const list = rowsOf.get(row.place);
      if (list === undefined) rowsOf.set(row.place, [r]);
      else list.push(r);
    });
    const entries: number[] = [];
    const takes: number[] = [];
    this.entry = new Int32Array(this.pairs + 1);
    let p = 0;
    places.forEach((list, b) => {
      for (const place of list) {
        for (const r of rowsOf.get(place) ?? []) {
          const take = rows[r]!.take[b]!;
          if (take === 0) continue;
          entries.push(r);
          takes.push(take);
        }
        p += 1;
        this.entry[p] = entries.length;
      }
    });
    this.entryRow = Int32Array.from(entries);
    this.entryTake = Float64Array.from(takes);
    this.overRow = Int32Array.from(rows.flatMap((row, r) => (row.overCost === undefined ? [] : [r])));
    this.isLevel = Uint8Array.from(rows, (row) => (row.isLevel ? 1 : 0));
    this.cost = Float64Array.from([
      ...(cost === undefined ? new Float64Array(this.pairs) : cost.flat()),
      1,
      ...new Float64Array(rows.length),
      ...Array.from(this.overRow, (r) => rows[r]!.overCost!),
    ]);
    this.right = Float64Array.from([...places.map(() => 1), ...rows.map((row) => row.room)]);
    const vars = this.cost.length;
    this.x = new Float64Array(vars).fill(1);
    this.z = new Float64Array(vars).fill(1);
    this.y = new Float64Array(this.items + this.rows);
    this.d = new Float64Array(vars);
    this.normal = new Float64Array(this.rows * this.rows);
    this.perItem = new Float64Array(this.items);
    this.start();
  }

  /** Items in equal parts; slack and level, which are in what was used, so that most rows hold; prices so that nothing costs less than nothing. */
  private start(): void {
    const { x, z, y, items, rows, pairs } = this;
    for (let b = 0; b < items; b += 1) {
      const [from, to] = [this.begin[b]!, this.begin[b + 1]!];
      for (let p = from; p < to; p += 1) x[p] = 1 / (to - from);
    }
    const used = this.times(x).subarray(items);
    let highest = 0;
    for (let r = 0; r < rows; r += 1) {
      used[r]! -= 1 - this.isLevel[r]!;
      if (this.isLevel[r] === 1) highest = Math.max(highest, used[r]! - this.right[items + r]!);
    }
    x[pairs] = 1.1 * highest + 0.01;
    const levels = this.isLevel.reduce((sum, one) => sum + one, 0);
    for (let r = 0; r < rows; r += 1) {
      const left = this.right[items + r]! - used[r]! + (this.isLevel[r] === 1 ? x[pairs] : 0);
      x[pairs + 1 + r] = Math.max(left, 0.05 * Math.abs(this.right[items + r]!) + 0.01);
      y[items + r] = -(this.isLevel[r] === 1 ? 0.9 / levels : 0.1 / rows);
    }
    const priced = this.timesBack(y);
    for (let b = 0; b < items; b += 1) {
      let least = Infinity;
      for (let p = this.begin[b]!; p < this.begin[b + 1]!; p += 1)
        least = Math.min(least, this.cost[p]! - priced[p]!);
      y[b] = least - 0.1 * Math.abs(least) - 1e-4;
    }
    const now = this.timesBack(y);
    for (let i = 0; i < z.length; i += 1) z[i] = Math.max(this.cost[i]! - now[i]!, 1e-4);
  }

  /** @returns whether there is more to be gained */
  step(): boolean {
    const { x, z, y, d, cost, right } = this;
    const vars = x.length;
    const used = this.times(x);
    const missing = right.map((v, i) => v - used[i]!);
    const priced = this.timesBack(y);
    const unpriced = cost.map((v, i) => v - priced[i]! - z[i]!);
    let [gap, worth, price] = [0, 0, 0];
    for (let i = 0; i < vars; i += 1) {
      gap += x[i]! * z[i]!;
      worth += cost[i]! * x[i]!;
      d[i] = x[i]! / z[i]!;
    }
    for (let i = 0; i < right.length; i += 1) price += right[i]! * y[i]!;
    const off = Math.max(largest(missing), largest(unpriced));
    if (Math.abs(worth - price) < CLOSE * (1 + Math.abs(worth)) && off < CLOSE) return false;
    this.factor();
    // First straight towards the edge, to see how far that goes; then with that taken into account.
    const product = x.map((v, i) => -v * z[i]!);
    const ahead = this.direction(missing, unpriced, product);
    const [aheadX, aheadZ] = [edge(x, ahead.dx), edge(z, ahead.dz)];
    let after = 0;
    for (let i = 0; i < vars; i += 1)
      after += (x[i]! + aheadX * ahead.dx[i]!) * (z[i]! + aheadZ * ahead.dz[i]!);
    const centre = (after / gap) ** 3 * (gap / vars);
    for (let i = 0; i < vars; i += 1) product[i]! += centre - ahead.dx[i]! * ahead.dz[i]!;
    const { dx, dy, dz } = this.direction(missing, unpriced, product);
    const [stepX, stepZ] = [TO_EDGE * edge(x, dx), TO_EDGE * edge(z, dz)];
    if (!(stepX > 1e-8) && !(stepZ > 1e-8)) return false;
    for (let i = 0; i < vars; i += 1) {
      x[i] = Math.max(x[i]! + stepX * dx[i]!, 1e-14);
      z[i] = Math.max(z[i]! + stepZ * dz[i]!, 1e-14);
    }
    for (let i = 0; i < y.length; i += 1) y[i]! += stepZ * dy[i]!;
    return true;
  }

  solution(): DealSolution {
    const prices = Float64Array.from({ length: this.rows }, (_v, r) => Math.max(0, -this.y[this.items + r]!));
    return { prices, parts: this.x.slice(0, this.pairs) };
  }

  /** Newton's direction for what is missing on each side, and what products should change by. */
  private direction(missing: Float64Array, unpriced: Float64Array, product: Float64Array) {
    const { x, z, d } = this;
    const push = x.map((_v, i) => d[i]! * unpriced[i]! - product[i]! / z[i]!);
    const pushed = this.times(push);
    const dy = this.normalSolved(missing.map((v, i) => v + pushed[i]!));
    const back = this.timesBack(dy);
    const dz = unpriced.map((v, i) => v - back[i]!);
    const dx = x.map((v, i) => (product[i]! - v * dz[i]!) / z[i]!);
    return { dx, dy, dz };
  }

  /** What the equations come to for variables. */
  private times(x: Float64Array): Float64Array {
    const { items, rows, pairs, entry, entryRow, entryTake } = this;
    const sum = new Float64Array(items + rows);
    for (let b = 0; b < items; b += 1)
      for (let p = this.begin[b]!; p < this.begin[b + 1]!; p += 1) {
        sum[b]! += x[p]!;
        for (let e = entry[p]!; e < entry[p + 1]!; e += 1)
          sum[items + entryRow[e]!]! += entryTake[e]! * x[p]!;
      }
    for (let r = 0; r < rows; r += 1)
      sum[items + r]! += x[pairs + 1 + r]! - (this.isLevel[r] === 1 ? x[pairs]! : 0);
    this.overRow.forEach((r, k) => (sum[items + r]! -= x[pairs + 1 + rows + k]!));
    return sum;
  }

  /** What variables cost at prices of the equations. */
  private timesBack(y: Float64Array): Float64Array {
    const { items, rows, pairs, entry, entryRow, entryTake } = this;
    const sum = new Float64Array(this.x.length);
    for (let b = 0; b < items; b += 1)
      for (let p = this.begin[b]!; p < this.begin[b + 1]!; p += 1) {
        let cost = y[b]!;
        for (let e = entry[p]!; e < entry[p + 1]!; e += 1) cost += entryTake[e]! * y[items + entryRow[e]!]!;
        sum[p] = cost;
      }
    for (let r = 0; r < rows; r += 1) {
      sum[pairs + 1 + r] = y[items + r]!;
      if (this.isLevel[r] === 1) sum[pairs]! -= y[items + r]!;
    }
    this.overRow.forEach((r, k) => (sum[pairs + 1 + rows + k] = -y[items + r]!));
    return sum;
  }

  /** The normal equations of rows, with items' taken out, factored. */
  private factor(): void {
    const { rows, items, pairs, d, normal, perItem, entry, entryRow, entryTake } = this;
    normal.fill(0);
    const weights = new Float64Array(entryRow.length);
    const listRow = new Int32Array(2 * rows);
    const listWeight = new Float64Array(2 * rows);
    for (let b = 0; b < items; b += 1) {
      const [from, to] = [this.begin[b]!, this.begin[b + 1]!];
      let all = 0;
      for (let p = from; p < to; p += 1) {
        all += d[p]!;
        for (let e = entry[p]!; e < entry[p + 1]!; e += 1) {
          weights[e] = d[p]! * entryTake[e]!;
          for (let f = entry[p]!; f < entry[p + 1]!; f += 1)
            normal[entryRow[e]! * rows + entryRow[f]!]! += weights[e]! * entryTake[f]!;
        }
      }
      perItem[b] = all;
      // What hardly goes anywhere any more changes nothing.
      let count = 0;
      for (let e = entry[from]!; e < entry[to]!; e += 1)
        if (weights[e]! > NOTHING * all * entryTake[e]!) {
          listRow[count] = entryRow[e]!;
          listWeight[count] = weights[e]!;
          count += 1;
        }
      for (let e = 0; e < count; e += 1) {
        const [at, weight] = [listRow[e]!, listWeight[e]! / all];
        for (let f = 0; f < count; f += 1)
          if (listRow[f]! <= at) normal[at * rows + listRow[f]!]! -= weight * listWeight[f]!;
      }
    }
    for (let r = 0; r < rows; r += 1) {
      normal[r * rows + r]! += d[pairs + 1 + r]!;
      if (this.isLevel[r] === 1)
        for (let s = 0; s <= r; s += 1) if (this.isLevel[s] === 1) normal[r * rows + s]! += d[pairs]!;
    }
    this.overRow.forEach((r, k) => (normal[r * rows + r]! += d[pairs + 1 + rows + k]!));
    factored(normal, rows);
  }

  private normalSolved(right: Float64Array): Float64Array {
    const { items, rows, d, perItem, entry, entryRow, entryTake } = this;
    const answer = Float64Array.from(right);
    const ofRows = answer.subarray(items);
    for (let b = 0; b < items; b += 1)
      for (let p = this.begin[b]!; p < this.begin[b + 1]!; p += 1) {
        const weight = (d[p]! * right[b]!) / perItem[b]!;
        for (let e = entry[p]!; e < entry[p + 1]!; e += 1) ofRows[entryRow[e]!]! -= weight * entryTake[e]!;
      }
    solved(this.normal, rows, ofRows);
    for (let b = 0; b < items; b += 1) {
      let sum = right[b]!;
      for (let p = this.begin[b]!; p < this.begin[b + 1]!; p += 1)
        for (let e = entry[p]!; e < entry[p + 1]!; e += 1)
          sum -= d[p]! * entryTake[e]! * ofRows[entryRow[e]!]!;
      answer[b] = sum / perItem[b]!;
    }
    return answer;
  }
}
