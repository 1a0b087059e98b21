/**
 * Packs filled one after another, in every way that wastes no more of their room than can be spared; least waste first,
 * so that a share is found soon where there is one.
 *
 * For a set S of carriers, pieces that only they may carry need the room of S: waste_S of a filled pack is its room
 * less what it holds of those pieces, and the waste of all filled packs of S may not exceed the room of S less all that
 * is confined to S. The same holds for volume. Bin completion after Korf 2003 (from memory), widened to days, volumes
 * and restricted sets.
 */
import type { Fillings } from './packFillings.js';
import { DRIFT, type PackTable } from './packTable.js';
import { twinCarrierBefore } from './twins.js';

/** Sums of all amounts drift by less than this. */
const BULK_DRIFT = 1e-9;

/** A set of carriers with, by kind and day, how much waste it can still spare. */
interface SpareSet {
  readonly carriers: ReadonlySet<number>;
  readonly confined: Uint8Array;
  readonly spare: Float64Array;
}

/** A pack whose fillings are tried one after another. */
interface Filling {
  readonly m: number;
  /** What may go into it, and what is filled in now. */
  readonly mine: readonly number[];
  readonly fillings: Fillings;
  next: number;
  taken: readonly number[];
}

export interface PackSearchOptions {
  /** Whether what was found is a share: what is looked at is only what packs can hold. */
  readonly isShare?: (assignment: Int32Array) => boolean;
  /** Is told of the sums as they are looked at. */
  readonly tell?: (nodes: number) => void;
  /** Whose packs are filled, and who has what now: what others have stays with them; all packs when left out. */
  readonly among?: { readonly carriers: readonly number[]; readonly carrierOf: Int32Array };
}

/** Looks for any share of which the packs that are filled stay at or below a target ratio. */
export class PackSearch {
  nodes = 0;
  /** Whether something was left out. */
  isCut = false;
  private readonly room: Float64Array;
  /** A carrier with no more than their twin before: what is alike comes in one order only. */
  private readonly twinCarrier: Int32Array;
  /** All amounts in each filled pack. */
  private readonly filled: Float64Array;
  private readonly packs: readonly number[];
  /** The first is of all. */
  private readonly sets: readonly SpareSet[];
  private readonly carrierOf: Int32Array;
  /** Who of those whose packs are filled may carry each bundle. */
  private readonly allowed: readonly (readonly number[])[];
  /** How many packs that are still to be filled may carry a bundle. */
  private readonly chances: Int32Array;
  /** For one look at a time: what a pack has left, and what is in it. */
  private readonly left: Float64Array;
  private readonly isIn: Uint8Array;

  /**
   * @param target the ratio
   * @param nodesMost sums that may be looked at
   */
  constructor(
    private readonly table: PackTable,
    target: number,
    readonly nodesMost: number,
    private readonly options: PackSearchOptions = {},
  ) {
    const { among } = options;
    const { amount, dims, problem } = table;
    const { carriers, bundles } = problem;
    const everybody = among?.carriers ?? carriers.map((_c, m) => m);
    const isAmong = new Set(everybody);
    this.room = table.roomAt(target);
    this.carrierOf = Int32Array.from(bundles, (_b, b) => {
      const m = among?.carrierOf[b] ?? -1;
      return isAmong.has(m) ? -1 : m;
    });
    const open = bundles.flatMap((_b, b) => (this.carrierOf[b]! < 0 ? [b] : []));
    this.allowed = bundles.map((b) =>
      among === undefined ? b.allowed : b.allowed.filter((m) => isAmong.has(m)),
    );
    this.chances = Int32Array.from(this.allowed, (list) => list.length);
    // Packs that few pieces may go into leave few choices: they come first.
    const choices = carriers.map((_c, m) => open.filter((b) => this.allowed[b]!.includes(m)).length);
    this.packs = [...everybody].sort((a, b) => choices[a]! - choices[b]! || a - b);
    this.twinCarrier =
      among === undefined ? twinCarrierBefore(problem, this.packs) : new Int32Array(carriers.length).fill(-1);
    this.filled = new Float64Array(carriers.length);
    this.left = new Float64Array(dims);
    this.isIn = new Uint8Array(bundles.length);
    const families = new Map<string, readonly number[]>([[everybody.join(), everybody]]);
    for (const b of open) families.set(this.allowed[b]!.join(), this.allowed[b]!);
    this.sets = [...families.values()].map((members) => {
      const set = new Set(members);
      const confined = new Uint8Array(bundles.length);
      for (const b of open) confined[b] = this.allowed[b]!.every((m) => set.has(m)) ? 1 : 0;
      const spare = Float64Array.from({ length: dims }, (_v, k) => {
        let sum = 0;
        for (const m of members) sum += this.room[m * dims + k]!;
        for (const b of open) sum -= confined[b]! * amount[b * dims + k]!;
        return sum;
      });
      return { carriers: set, confined, spare };
    });
  }

  run(): Int32Array | undefined {
    if (this.sets.some((s) => s.spare.some((left) => left < -DRIFT))) return undefined;
    return this.search() ? this.carrierOf : undefined;
  }

  /** Depth first over packs, with a stack of its own: parties may be larger than calls may be deep. */
  private search(): boolean {
    const stack: Filling[] = [];
    for (;;) {
      if (stack.length < this.packs.length) stack.push(this.waysToFill(this.packs[stack.length]!));
      else if (this.carrierOf.every((m) => m >= 0)) {
        if (this.options.isShare?.(this.carrierOf) !== false) return true;
        this.isCut = true;
      }
      for (;;) {
        const top = stack[stack.length - 1];
        if (top === undefined) return false;
        if (this.nodes > this.nodesMost) {
          this.isCut = true;
          return false;
        }
        this.empty(top);
        if (this.fill(top)) break;
        stack.pop();
      }
    }
  }

  private waysToFill(m: number): Filling {
    const { dims, filler, order } = this.table;
    const mine = order.filter((b) => this.carrierOf[b]! < 0 && this.allowed[b]!.includes(m));
    const fillings = filler.all(
      {
        must: mine.filter((b) => this.chances[b] === 1),
        free: mine.filter((b) => this.chances[b]! > 1),
        room: this.room.subarray(m * dims, (m + 1) * dims),
        spare: this.sets[0]!.spare,
      },
      (bundles) => this.mayGoTogether(bundles, m) && !this.isOutdone(bundles, m, mine),
      this.nodesMost - this.nodes,
    );
    this.nodes += fillings.looks;
    this.options.tell?.(fillings.looks);
    this.isCut ||= fillings.isCut;
    return { m, mine, fillings, next: 0, taken: [] };
  }

  /** The next filling of a pack; false when there is none. */
  private fill(pack: Filling): boolean {
    const taken = pack.fillings.found[pack.next];
    if (taken === undefined) return false;
    const { m } = pack;
    pack.taken = taken;
    pack.next += 1;
    for (const b of pack.mine) this.chances[b]! -= 1;
    for (const b of pack.taken) this.carrierOf[b] = m;
    this.filled[m] = this.bulkOf(pack.taken);
    this.spend(m, pack.taken, 1);
    return true;
  }

  /** Takes back the filling that was tried last. */
  private empty(pack: Filling): void {
    if (pack.next === 0) return;
    for (const b of pack.mine) this.chances[b]! += 1;
    for (const b of pack.taken) this.carrierOf[b] = -1;
    this.spend(pack.m, pack.taken, -1);
  }

  /** What a filled pack wastes is taken from what its sets can spare, or given back. */
  private spend(m: number, taken: readonly number[], sign: number): void {
    for (const set of this.sets) {
      if (!set.carriers.has(m)) continue;
      for (let k = 0; k < this.table.dims; k += 1) set.spare[k]! -= sign * this.wasteOf(set, m, taken, k);
    }
  }

  private wasteOf({ confined }: SpareSet, m: number, taken: readonly number[], k: number): number {
    const { amount, dims } = this.table;
    let waste = this.room[m * dims + k]!;
    for (const b of taken) if (confined[b] === 1) waste -= amount[b * dims + k]!;
    return waste;
  }

  private mayGoTogether(bundles: readonly number[], m: number): boolean {
    const { sets } = this;
    const { apartFrom, dims, twin } = this.table;
    const before = this.twinCarrier[m]!;
    if (before >= 0 && this.bulkOf(bundles) > this.filled[before]! + BULK_DRIFT) return false;
    for (const b of bundles) {
      // Its twin was left out of this pack: with it instead it would be the same.
      const other = twin[b]!;
      if (other >= 0 && this.carrierOf[other]! < 0 && !bundles.includes(other)) return false;
      if (apartFrom[b]!.some((o) => bundles.includes(o))) return false;
    }
    // What is confined to a part of the party; the first set was looked at.
    for (let s = 1; s < sets.length; s += 1) {
      const set = sets[s]!;
      if (!set.carriers.has(m)) continue;
      for (let k = 0; k < dims; k += 1)
        if (this.wasteOf(set, m, bundles, k) > set.spare[k]! + DRIFT) return false;
    }
    return true;
  }

  /**
   * Whether a fuller pack does as well: with one more of what is left, or with one of those in place of a smaller one
   * that may go wherever it might have gone. Of all shares the one that fills the first packs most is never outdone, so
   * one of them is always left (dominance after Martello & Toth 1990, from memory).
   */
  private isOutdone(bundles: readonly number[], m: number, mine: readonly number[]): boolean {
    const { left, isIn } = this;
    const { amount, apartFrom, bulk, dims } = this.table;
    for (let k = 0; k < dims; k += 1) left[k] = this.room[m * dims + k]! - BULK_DRIFT;
    for (const b of bundles) {
      isIn[b] = 1;
      for (let k = 0; k < dims; k += 1) left[k]! -= amount[b * dims + k]!;
    }
    const isOne = mine.some((c) => {
      if (isIn[c] === 1 || bulk[c]! <= BULK_DRIFT) return false;
      const others = apartFrom[c]!;
      if (this.replaces(c, -1, left) && !others.some((o) => isIn[o] === 1)) return true;
      return (
        others.length === 0 &&
        bundles.some(
          (b) =>
            bulk[c]! > bulk[b]! + BULK_DRIFT &&
            apartFrom[b]!.length === 0 &&
            this.replaces(c, b, left) &&
            this.mayGoWhere(b, c),
        )
      );
    });
    for (const b of bundles) isIn[b] = 0;
    return isOne;
  }

  /** Whether bundle c is as large as b on every day, and fits in its place; or beside all, where b is none. */
  private replaces(c: number, b: number, left: Float64Array): boolean {
    const { dims, amount } = this.table;
    for (let k = 0; k < dims; k += 1) {
      const more = amount[c * dims + k]! - (b < 0 ? 0 : amount[b * dims + k]!);
      if (more < 0 || more > left[k]!) return false;
    }
    return true;
  }

  private mayGoWhere(b: number, c: number): boolean {
    return this.allowed[c]!.every((m) => this.allowed[b]!.includes(m));
  }

  private bulkOf(bundles: readonly number[]): number {
    return bundles.reduce((sum, b) => sum + this.table.bulk[b]!, 0);
  }
}
