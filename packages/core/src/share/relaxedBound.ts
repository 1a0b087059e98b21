/**
 * Lower bounds from the sharing problem with pieces that could be divided: volume, limits and rules that keep apart count
 * beside mass. Rows are added as they are broken (cutting planes); the bound is then taken from the rows' prices by
 * Lagrangian relaxation (Geoffrion 1974, from memory): with any prices, no share costs less than every bundle where it is
 * cheapest. It is true whatever the program's solver has found.
 */
import { leastVolumeL, mostRoomL } from './leastRoom.js';
import type { ShareProblem } from './problem.js';
import { solveDeal, type DealRow } from './interiorPoint.js';
import { waterFillLevel } from './waterFill.js';

/** What is minimised. */
export type RelaxedAim =
  /** The largest load by the yardstick among shares that keep limits, packs and rules; none is below `atLeast`. */
  | { readonly kind: 'level'; readonly atLeast: number }
  /** Load above limits (kg, by what it counts) and volume above packs (L), beyond what own things make alone. */
  | { readonly kind: 'over' }
  /** The costs of bundles going to carriers, among shares that keep limits, packs and rules. */
  | { readonly kind: 'cost'; readonly cost: (b: number, m: number) => number };

export interface RelaxedBound {
  readonly value: number;
  /** What of it each kind of row makes, in parts of the whole worth of all prices. */
  readonly volumePart: number;
  readonly apartPart: number;
  /** The day, from 0, whose rows are worth most. */
  readonly day: number;
}

type Kind = 'load' | 'volume' | 'limit' | 'apart';
interface Row {
  readonly kind: Kind;
  readonly m: number;
  /** The day; of rows that keep apart, the rule. */
  readonly d: number;
}

const MOST_ROUNDS = 12;
/** Rows that are broken by less than this part of their room are kept. */
const BROKEN = 1e-5;
/** So much more makes another round worth it, relative. */
const WORTH_IT = 1e-6;

export function relaxedBound(problem: ShareProblem, aim: RelaxedAim): RelaxedBound {
  const relaxation = new Relaxation(problem, aim);
  let best: RelaxedBound = { value: 0, volumePart: 0, apartPart: 0, day: 0 };
  for (let round = 0; round < MOST_ROUNDS; round += 1) {
    const found = relaxation.round();
    const more = found.value - best.value;
    if (more > 0) best = found;
    const grew = relaxation.grow(found.value);
    if (!grew || (round > 1 && more <= WORTH_IT * Math.abs(best.value) && more > 0)) break;
  }
  return best;
}

class Relaxation {
  private readonly days: number;
  private rows: Row[] = [];
  private readonly taken = new Set<string>();
  private parts: Float64Array = new Float64Array(0);
  /** Places left open to each bundle: those whose own things are above the level take nothing. */
  private open: readonly (readonly number[])[] = [];
  private closedAbove: number;
  private readonly roomL: readonly (readonly number[])[];
  private readonly volume: readonly (readonly number[])[];
  private readonly floor: readonly (readonly number[])[];
  private readonly rulesOf: readonly (readonly number[])[];

  constructor(
    private readonly problem: ShareProblem,
    private readonly aim: RelaxedAim,
  ) {
    const { bundles, carriers, dayCount, apart } = problem;
    this.days = dayCount;
    const days = Array.from({ length: dayCount }, (_v, d) => d);
    this.roomL = days.map((d) => mostRoomL(problem, d));
    this.volume = bundles.map((b) => days.map((d) => leastVolumeL(b, d)));
    this.floor = carriers.map((c) => c.baseKg.map((kg, d) => kg / c.yardKg[d]!));
    const rulesOf: number[][] = bundles.map(() => []);
    apart.forEach((list, r) => list.forEach((b) => rulesOf[b]!.push(r)));
    this.rulesOf = rulesOf;
    this.closedAbove = aim.kind === 'level' ? aim.atLeast : Infinity;
    this.begin();
  }

  /** The day that is heaviest for all together, and the one on which packs are fullest. */
  private begin(): void {
    const { problem, days } = this;
    const { bundles, carriers } = problem;
    const sum = (list: readonly number[]): number => list.reduce((a, b) => a + b, 0);
    const here = (d: number) => carriers.filter((c) => c.limitKg[d] !== Infinity);
    const heavy = (d: number): number =>
      (sum(bundles.map((b) => b.massKg[d]!)) + sum(here(d).map((c) => c.baseKg[d]!))) /
      sum(here(d).map((c) => c.yardKg[d]!));
    const full = (d: number): number => sum(this.volume.map((l) => l[d]!)) / sum(this.roomL[d]!);
    const top = (of: (d: number) => number): number => {
      let best = 0;
      for (let d = 1; d < days; d += 1) if (of(d) > of(best)) best = d;
      return best;
    };
    const [heaviest, fullest] = [top(heavy), top(full)];
    carriers.forEach((_c, m) => {
      this.add({ kind: this.aim.kind === 'level' ? 'load' : 'limit', m, d: heaviest });
      this.add({ kind: 'volume', m, d: fullest });
    });
    this.reopen();
  }

  private add(row: Row): boolean {
    const key = `${row.kind} ${row.m} ${row.d}`;
    if (this.taken.has(key)) return false;
    if (row.kind !== 'apart' && this.problem.carriers[row.m]!.limitKg[row.d] === Infinity) return false;
    this.taken.add(key);
    this.rows.push(row);
    return true;
  }

  /** @returns whether something is open that was not */
  private reopen(): boolean {
    const { problem, floor } = this;
    const before = this.open.reduce((sum, list) => sum + list.length, 0);
    this.open = problem.bundles.map((b) => {
      const open = b.allowed.filter((m) =>
        b.massKg.every((kg, d) => kg === 0 || floor[m]![d]! < this.closedAbove + 1e-12),
      );
      return open.length > 0 ? open : b.allowed;
    });
    return this.open.reduce((sum, list) => sum + list.length, 0) > before;
  }

  /** What bundle b takes of a row. */
  private takes({ kind, m, d }: Row, b: number): number {
    const { bundles, carriers, apart } = this.problem;
    if (kind === 'apart') return apart[d]!.includes(b) ? 1 : 0;
    if (kind === 'volume') return this.volume[b]![d]!;
    const kg = bundles[b]!.massKg[d]!;
    return kind === 'load' ? kg / carriers[m]!.yardKg[d]! : kg;
  }

  private roomOf({ kind, m, d }: Row): number {
    if (kind === 'apart') return 1;
    if (kind === 'volume') return this.roomL[d]![m]!;
    if (kind === 'load') return -this.floor[m]![d]!;
    const { limitKg, baseKg } = this.problem.carriers[m]!;
    return Math.max(0, limitKg[d]! - baseKg[d]!);
  }

  private overCostOf({ kind, m }: Row): number | undefined {
    if (this.aim.kind !== 'over' || kind === 'apart') return undefined;
    return kind === 'volume' ? 1 : this.problem.carriers[m]!.overWeight;
  }

  /** The program with the rows that are there, and the bound by its prices. */
  round(): RelaxedBound {
    const { open, aim } = this;
    const rows = this.rows.map((row): DealRow => {
      const overCost = this.overCostOf(row);
      return {
        place: row.m,
        take: Float64Array.from(this.problem.bundles, (_b, b) => this.takes(row, b)),
        room: this.roomOf(row),
        isLevel: row.kind === 'load',
        ...(overCost === undefined ? {} : { overCost }),
      };
    });
    const { prices, parts } = solveDeal({
      places: open,
      rows,
      ...(aim.kind === 'cost' ? { cost: open.map((list, b) => list.map((m) => aim.cost(b, m))) } : {}),
    });
    this.parts = parts;
    // No row's price is above what being over it costs: rounding must not make the bound untrue.
    const capped = prices.map((price, r) => Math.min(price, rows[r]!.overCost ?? Infinity));
    return this.boundAt(capped, rows);
  }

  /** What no share costs less than, at given prices. */
  private boundAt(prices: Float64Array, rows: readonly DealRow[]): RelaxedBound {
    const { aim, open, problem } = this;
    const byPlace: number[][] = problem.carriers.map(() => []);
    this.rows.forEach((row, r) => {
      if (prices[r]! > 0) byPlace[row.m]!.push(r);
    });
    let worth = 0;
    open.forEach((list, b) => {
      let least = Infinity;
      for (const m of list) {
        let cost = aim.kind === 'cost' ? aim.cost(b, m) : 0;
        for (const r of byPlace[m]!) cost += prices[r]! * rows[r]!.take[b]!;
        if (cost < least) least = cost;
      }
      worth += least;
    });
    const perDay = new Float64Array(this.days);
    const perKind = { load: 0, volume: 0, limit: 0, apart: 0 };
    /** What a level is worth by the price of each load, and what that is less for what was there before. */
    const yards: number[] = [];
    const bases: number[] = [];
    this.rows.forEach((row, r) => {
      const price = prices[r]!;
      const spent = price * Math.abs(rows[r]!.room);
      perKind[row.kind] += spent;
      if (row.kind !== 'apart') perDay[row.d]! += spent;
      if (row.kind === 'load' && price > 0) {
        yards.push(price);
        bases.push(-price * rows[r]!.room);
      } else if (row.kind !== 'load') worth -= price * rows[r]!.room;
    });
    // What somebody's own things are above takes nothing: as where mass is poured over carriers.
    const level = yards.length === 0 && worth > 0 ? Infinity : waterFillLevel(yards, bases, worth);
    const value = aim.kind === 'level' ? Math.min(level, this.lowestClosed()) : worth;
    const all = perKind.load + perKind.volume + perKind.limit + perKind.apart;
    const part = (kind: Kind): number => (all > 0 ? perKind[kind] / all : 0);
    return {
      value: Math.max(0, value),
      volumePart: part('volume'),
      apartPart: part('apart'),
      day: perDay.indexOf(Math.max(...perDay)),
    };
  }

  /** The lowest of the own things that closed a place: above it the place would be open. */
  private lowestClosed(): number {
    let lowest = Infinity;
    this.problem.bundles.forEach((b, i) => {
      if (this.open[i]!.length === b.allowed.length) return;
      for (const m of b.allowed) {
        if (this.open[i]!.includes(m)) continue;
        const highest = Math.max(...b.massKg.map((kg, d) => (kg === 0 ? 0 : this.floor[m]![d]!)));
        lowest = Math.min(lowest, highest);
      }
    });
    return lowest;
  }

  /** Adds what the divided share breaks, and opens what is no longer above the level; whether there was any. */
  grow(value: number): boolean {
    const { problem, days, open, parts } = this;
    const { carriers, bundles } = problem;
    const kg = carriers.map(() => new Float64Array(days));
    const litres = carriers.map(() => new Float64Array(days));
    const apart = problem.apart.map(() => new Float64Array(carriers.length));
    let p = 0;
    open.forEach((list, b) => {
      for (const m of list) {
        const part = parts[p]!;
        p += 1;
        if (part < 1e-9) continue;
        for (let d = 0; d < days; d += 1) {
          kg[m]![d]! += part * bundles[b]!.massKg[d]!;
          litres[m]![d]! += part * this.volume[b]![d]!;
        }
        for (const r of this.rulesOf[b]!) apart[r]![m]! += part;
      }
    });
    let grew = false;
    const offer = (row: Row, used: number): void => {
      const room = this.roomOf(row);
      if (used > room + BROKEN * (Math.abs(room) + 1)) grew = this.add(row) || grew;
    };
    carriers.forEach((c, m) => {
      for (let d = 0; d < days; d += 1) {
        if (c.limitKg[d] === Infinity) continue;
        if (this.aim.kind === 'level') offer({ kind: 'load', m, d }, kg[m]![d]! / c.yardKg[d]! - value);
        if (this.aim.kind !== 'level' || c.limitKg[d] !== c.yardKg[d] || value > 1)
          offer({ kind: 'limit', m, d }, kg[m]![d]!);
        offer({ kind: 'volume', m, d }, litres[m]![d]!);
      }
      problem.apart.forEach((_list, r) => offer({ kind: 'apart', m, d: r }, apart[r]![m]!));
    });
    if (this.aim.kind === 'level' && value >= this.lowestClosed() - 1e-9) {
      this.closedAbove = value + 1e-3;
      grew = this.reopen() || grew;
    }
    return grew;
  }
}
