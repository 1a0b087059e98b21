/**
 * Proof that no share has a lower level, by branch and bound over whole packs. Pack after pack is filled with every
 * choice of what is left. A choice is cut as soon as what it wastes cannot be spared.
 *
 * For a set S of carriers, pieces that only they may carry need the room of S: waste_S of a filled pack is its room
 * less what it holds of those pieces, and the waste of all filled packs of S may not exceed the room of S less all that
 * is confined to S. The same holds for volume. Bin completion after Korf 2003 (from memory), widened to days, volumes
 * and restricted sets.
 */
import { leastVolumeL, mostRoomL } from './leastRoom.js';
import type { ShareProblem } from './problem.js';
import { apartFrom } from './keepApart.js';
import { ShareState } from './shareState.js';
import { heaviestFirst, twinBefore, twinCarrierBefore } from './twins.js';
import { massStepKg } from './waterFill.js';

export interface LevelProof {
  /** The best assignment known at the end; better than the given one where the search found one. */
  readonly assignment: Int32Array;
  /** Whether its level is the lowest there is. */
  readonly proven: boolean;
  readonly nodes: number;
}

/** Room below the target is cut by this part of it, so that an equal level is no find. */
const STRICT = 1e-9;
/** Sums of masses and volumes drift by less than this, kg and litres. */
const DRIFT = 1e-10;

/**
 * @param assignment a share within all limits, packs and keep-apart rules, but for what personal things alone break
 * @param level its level
 * @param nodesMost how many choices may be tried
 */
export function proveLevel(
  problem: ShareProblem,
  assignment: Int32Array,
  level: number,
  nodesMost: number,
): LevelProof {
  let best = assignment;
  let target = level;
  let nodes = 0;
  const { over } = new ShareState(problem, assignment);
  for (;;) {
    const search = new PackSearch(problem, target * (1 - STRICT), nodesMost - nodes);
    const found = search.run();
    nodes += search.nodes;
    if (found === undefined) return { assignment: best, proven: search.nodes < search.nodesMost, nodes };
    const state = new ShareState(problem, found);
    // Containers of others are taken to have room for everybody here: such a find may be none.
    if (state.over > over + DRIFT) return { assignment: best, proven: false, nodes };
    best = found;
    target = state.level();
  }
}

/** A set of carriers with, by day and kind (mass, volume), how much waste it can still spare. */
interface SpareSet {
  readonly carriers: ReadonlySet<number>;
  readonly confined: Uint8Array;
  readonly spare: Float64Array;
}

/** A pack that is being filled: what may go into it, what room is left, and what it wastes of each set's room. */
interface Filling {
  /** Its place in the order of packs, and whose it is. */
  readonly at: number;
  readonly m: number;
  readonly mine: readonly number[];
  readonly sets: readonly SpareSet[];
  readonly hope: readonly Float64Array[];
  readonly left: Float64Array;
  readonly waste: readonly Float64Array[];
}
/** Whether the i-th of what may go into a pack does; with it first, then without. */
interface Choice {
  readonly pack: Filling;
  readonly i: number;
  state: 'new' | 'with' | 'without' | 'filled';
  /** Nobody after this pack may carry it. */
  lastChance: boolean;
}

/** Looks for any share whose loads stay at or below a target ratio. */
class PackSearch {
  nodes = 0;
  private readonly dims: number;
  /** Amounts of each bundle: mass by day, then volume by day. */
  private readonly amount: Float64Array;
  private readonly room: Float64Array;
  private readonly order: readonly number[];
  private readonly rank: Int32Array;
  /** What is alike comes in one order only: a bundle after its twin, a carrier's first bundle after their twin's. */
  private readonly twin: Int32Array;
  private readonly twinCarrier: Int32Array;
  /** The rank of the first bundle of each filled pack. */
  private readonly firstIn: Int32Array;
  private readonly packs: readonly number[];
  private readonly sets: readonly SpareSet[];
  private readonly carrierOf: Int32Array;
  /** How many packs that are still to be filled may carry a bundle. */
  private readonly chances: Int32Array;
  private readonly apartFrom: readonly (readonly number[])[];

  constructor(
    readonly problem: ShareProblem,
    target: number,
    readonly nodesMost: number,
  ) {
    const { carriers, bundles, dayCount } = problem;
    this.dims = 2 * dayCount;
    this.amount = Float64Array.from(
      bundles.flatMap((b) => [...b.massKg, ...b.massKg.map((_kg, d) => leastVolumeL(b, d))]),
    );
    const roomL = Array.from({ length: dayCount }, (_v, d) => mostRoomL(problem, d));
    const stepsKg = carriers[0]!.yardKg.map((_y, d) => massStepKg(bundles.map((b) => b.massKg[d]!)));
    this.room = Float64Array.from(
      carriers.flatMap((c, m) => [
        ...c.yardKg.map((yard, d) => {
          if (c.limitKg[d] === Infinity) return 0;
          const roomKg = Math.max(0, Math.min(target * yard, c.limitKg[d]!) - c.baseKg[d]!);
          // Room for part of a step is room for nothing.
          return stepsKg[d] === 0 ? roomKg : Math.floor(roomKg / stepsKg[d]! + DRIFT) * stepsKg[d]!;
        }),
        ...roomL.map((of) => of[m]!),
      ]),
    );
    this.order = heaviestFirst(problem);
    this.rank = new Int32Array(bundles.length);
    this.order.forEach((b, i) => (this.rank[b] = i));
    this.twin = twinBefore(problem, this.order);
    this.chances = Int32Array.from(bundles, (b) => b.allowed.length);
    // Packs that few pieces may go into leave few choices: they come first.
    const choices = carriers.map((_c, m) => bundles.filter((b) => b.allowed.includes(m)).length);
    this.packs = carriers.map((_c, m) => m).sort((a, b) => choices[a]! - choices[b]! || a - b);
    this.twinCarrier = twinCarrierBefore(problem, this.packs);
    this.firstIn = new Int32Array(carriers.length).fill(bundles.length);
    this.carrierOf = new Int32Array(bundles.length).fill(-1);
    this.apartFrom = apartFrom(problem);
    const families = new Map<string, readonly number[]>();
    families.set(
      'all',
      carriers.map((_c, m) => m),
    );
    for (const b of bundles) families.set(b.allowed.join(), b.allowed);
    this.sets = [...families.values()].map((members) => {
      const set = new Set(members);
      const confined = Uint8Array.from(bundles, (b) => (b.allowed.every((m) => set.has(m)) ? 1 : 0));
      const spare = Float64Array.from({ length: this.dims }, (_v, k) => {
        let sum = 0;
        for (const m of members) sum += this.room[m * this.dims + k]!;
        bundles.forEach((_b, b) => (sum -= confined[b]! * this.amount[b * this.dims + k]!));
        return sum;
      });
      return { carriers: set, confined, spare };
    });
  }

  run(): Int32Array | undefined {
    if (this.sets.some((s) => s.spare.some((left) => left < -DRIFT))) return undefined;
    return this.search() ? this.carrierOf : undefined;
  }

  /** Depth first, with a stack of its own: a choice for every piece in every pack is deeper than calls may go. */
  private search(): boolean {
    const stack: Choice[] = this.packs.length === 0 ? [] : [this.firstChoice(0)];
    /** What the choice above the top of the stack came to. */
    let found = stack.length === 0 && this.carrierOf.every((m) => m >= 0);
    while (stack.length > 0) {
      const choice = stack[stack.length - 1]!;
      const next = this.step(choice, found);
      if (typeof next === 'boolean') {
        found = next;
        stack.pop();
      } else stack.push(next);
    }
    return found;
  }

  /** Go on with a choice: another one to make first, or what it came to. */
  private step(choice: Choice, found: boolean): Choice | boolean {
    const { pack, i } = choice;
    switch (choice.state) {
      case 'new': {
        this.nodes += 1;
        if (this.nodes >= this.nodesMost || this.isHopeless(pack, i)) return false;
        if (i === pack.mine.length) {
          choice.state = 'filled';
          this.firstIn[pack.m] = this.rankOf(pack.mine.find((b) => this.carrierOf[b] === pack.m));
          this.spend(pack, -1);
          if (pack.at + 1 < this.packs.length) return this.firstChoice(pack.at + 1);
          this.spend(pack, 1);
          return this.carrierOf.every((m) => m >= 0);
        }
        const b = pack.mine[i]!;
        choice.lastChance = this.chances[b] === 1;
        this.chances[b]! -= 1;
        if (!this.mayTake(b, pack)) return this.goWithout(choice);
        this.carrierOf[b] = pack.m;
        this.add(b, pack, -1);
        choice.state = 'with';
        return { pack, i: i + 1, state: 'new', lastChance: false };
      }
      case 'with': {
        if (found) return true;
        const b = pack.mine[i]!;
        this.add(b, pack, 1);
        this.carrierOf[b] = -1;
        return this.goWithout(choice);
      }
      case 'without':
        if (!found) this.chances[pack.mine[i]!]! += 1;
        return found;
      case 'filled':
        this.spend(pack, 1);
        return found;
    }
  }

  private goWithout(choice: Choice): Choice | boolean {
    const { pack, i } = choice;
    if (choice.lastChance) {
      this.chances[pack.mine[i]!]! += 1;
      return false;
    }
    choice.state = 'without';
    return { pack, i: i + 1, state: 'new', lastChance: false };
  }

  /** What a filled pack wastes is taken from what its sets can spare, or given back. */
  private spend({ sets, waste }: Filling, sign: number): void {
    sets.forEach((set, s) => waste[s]!.forEach((w, k) => (set.spare[k]! += sign * w)));
  }

  /** Whether a set cannot spare what the pack will waste whatever it still gets. */
  private isHopeless({ sets, hope, waste }: Filling, i: number): boolean {
    const { dims } = this;
    for (let s = 0; s < sets.length; s += 1) {
      const sums = hope[s]!;
      const { spare } = sets[s]!;
      const wasted = waste[s]!;
      for (let k = 0; k < dims; k += 1) {
        if (wasted[k]! - sums[i * dims + k]! > spare[k]! + DRIFT) return true;
      }
    }
    return false;
  }

  private firstChoice(at: number): Choice {
    const m = this.packs[at]!;
    const mine = this.order.filter(
      (b) => this.carrierOf[b]! < 0 && this.problem.bundles[b]!.allowed.includes(m),
    );
    const sets = this.sets.filter((s) => s.carriers.has(m));
    const { dims } = this;
    // What the rest of the list could still add, by set: the least waste that is left to hope for.
    const hope = sets.map((set) => {
      const sums = new Float64Array((mine.length + 1) * dims);
      for (let i = mine.length - 1; i >= 0; i -= 1) {
        const b = mine[i]!;
        for (let k = 0; k < dims; k += 1) {
          sums[i * dims + k] = sums[(i + 1) * dims + k]! + set.confined[b]! * this.amount[b * dims + k]!;
        }
      }
      return sums;
    });
    const left = this.room.slice(m * dims, (m + 1) * dims);
    const pack = { at, m, mine, sets, hope, left, waste: sets.map(() => left.slice()) };
    return { pack, i: 0, state: 'new', lastChance: false };
  }

  private rankOf(b: number | undefined): number {
    return b === undefined ? this.order.length : this.rank[b]!;
  }

  private mayTake(b: number, pack: Filling): boolean {
    const twin = this.twin[b]!;
    // Its twin was left out of this pack: with it instead it would be the same.
    if (twin >= 0 && this.carrierOf[twin]! < 0) return false;
    const before = this.twinCarrier[pack.m]!;
    if (before >= 0 && this.rank[b]! < this.firstIn[before]!) return false;
    return this.fits(b, pack.left) && this.apartFrom[b]!.every((o) => this.carrierOf[o] !== pack.m);
  }

  private fits(b: number, left: Float64Array): boolean {
    for (let k = 0; k < this.dims; k += 1) {
      if (this.amount[b * this.dims + k]! > left[k]! + DRIFT) return false;
    }
    return true;
  }

  private add(b: number, { left, waste, sets }: Filling, sign: number): void {
    for (let k = 0; k < this.dims; k += 1) {
      const change = sign * this.amount[b * this.dims + k]!;
      left[k]! += change;
      for (let s = 0; s < sets.length; s += 1) if (sets[s]!.confined[b] === 1) waste[s]![k]! += change;
    }
  }
}
