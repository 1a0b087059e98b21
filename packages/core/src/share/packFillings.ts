/**
 * All ways to fill one pack that waste no more of its room than can be spared. Sums of both halves of the things are
 * merged in the kind and day that spares least (Horowitz & Sahni 1974, from memory); the other days are looked at after.
 */

/** A pack to be filled: amounts are by kind and day, mass on each day, then volume. */
export interface PackRoom {
  /** Bundles that must go in, and that may. */
  readonly must: readonly number[];
  readonly free: readonly number[];
  /** What fits. */
  readonly room: Float64Array;
  /** What of the room may be left empty. */
  readonly spare: Float64Array;
}
/** Fillings found, least waste first: the bundles of each. */
export interface Fillings {
  readonly found: readonly (readonly number[])[];
  /** Not all were looked at. */
  readonly isCut: boolean;
  /** Sums that were looked at. */
  readonly looks: number;
}

/** Amounts of the sums of one half that are kept, and fillings of one pack. */
const HALF_MOST = 1 << 20;
const FILLINGS_MOST = 100_000;
/** Sums that to look at what goes together takes as long as. */
const LOOKS_A_CHECK = 8;
const NONE: Fillings = { found: [], isCut: false, looks: 1 };

/** Sums of some of the free bundles, with which those are; used again for every pack. */
class Half {
  readonly sums: Float64Array;
  readonly masks: Int32Array;
  /** Places of the sums, ascending in one kind and day. */
  order: Int32Array;
  private spare: Int32Array;
  count = 0;
  isCut = false;
  private readonly most: number;

  constructor(private readonly dims: number) {
    this.most = Math.floor(HALF_MOST / dims);
    this.sums = new Float64Array(this.most * dims);
    this.masks = new Int32Array(this.most);
    this.order = new Int32Array(this.most);
    this.spare = new Int32Array(this.most);
  }

  /** All sums of some bundles that fit, in the order of one kind and day. */
  fill(
    bundles: readonly number[],
    amount: Float64Array,
    room: Float64Array,
    drift: number,
    key: number,
  ): void {
    const { dims, sums, masks } = this;
    sums.fill(0, 0, dims);
    masks[0] = 0;
    this.order[0] = 0;
    this.count = 1;
    this.isCut = false;
    for (let i = 0; i < bundles.length && !this.isCut; i += 1) {
      const b = bundles[i]!;
      const before = this.count;
      for (let n = 0; n < before; n += 1) {
        if (this.count === this.most) {
          this.isCut = true;
          break;
        }
        const from = this.order[n]!;
        let fits = true;
        for (let k = 0; k < dims && fits; k += 1) {
          const sum = sums[from * dims + k]! + amount[b * dims + k]!;
          sums[this.count * dims + k] = sum;
          fits = sum <= room[k]! + drift;
        }
        if (!fits) continue;
        masks[this.count] = masks[from]! | (1 << i);
        this.count += 1;
      }
      this.merge(before, key);
    }
  }

  /** The new sums are in order among themselves, as those are that they come from. */
  private merge(before: number, key: number): void {
    const { sums, dims, count } = this;
    let [a, b] = [0, before];
    for (let n = 0; n < count; n += 1) {
      const isOld = b >= count || (a < before && sums[this.order[a]! * dims + key]! <= sums[b * dims + key]!);
      this.spare[n] = isOld ? this.order[a]! : b;
      if (isOld) a += 1;
      else b += 1;
    }
    [this.order, this.spare] = [this.spare, this.order];
  }
}

export class PackFiller {
  private readonly low: Half;
  private readonly high: Half;

  /**
   * @param amount of each bundle, by kind and day
   * @param dims kinds times days
   * @param drift sums drift by less than this
   */
  constructor(
    private readonly amount: Float64Array,
    private readonly dims: number,
    private readonly drift: number,
  ) {
    this.low = new Half(dims);
    this.high = new Half(dims);
  }

  /**
   * @param may whether bundles that fit are to be tried together in this pack
   * @param looksMost sums that may be looked at
   */
  all(pack: PackRoom, may: (bundles: readonly number[]) => boolean, looksMost: number): Fillings {
    const { amount, dims, drift, low, high } = this;
    const { must, free, spare } = pack;
    const room = pack.room.slice();
    for (const b of must) for (let k = 0; k < dims; k += 1) room[k]! -= amount[b * dims + k]!;
    if (room.some((left) => left < -drift)) return NONE;
    const [one, other] = [free.filter((_b, i) => i % 2 === 0), free.filter((_b, i) => i % 2 === 1)];
    const key = tightest(room, spare);
    low.fill(one, amount, room, drift, key);
    high.fill(other, amount, room, drift, key);
    const found: { readonly bundles: readonly number[]; readonly waste: number }[] = [];
    let looks = low.count + high.count;
    const isFull = (): boolean => looks > looksMost || found.length >= FILLINGS_MOST;
    /** As the sums of the one half rise, those of the other that go with them fall. */
    let end = high.count;
    for (let n = 0; n < low.count && !isFull(); n += 1) {
      const a = low.order[n]!;
      const most = room[key]! - low.sums[a * dims + key]! + drift;
      const least = most - spare[key]! - 2 * drift;
      while (end > 0 && high.sums[high.order[end - 1]! * dims + key]! > most) end -= 1;
      for (let at = end - 1; at >= 0 && !isFull(); at -= 1) {
        const b = high.order[at]!;
        if (high.sums[b * dims + key]! < least) break;
        looks += 1;
        const waste = this.wasteOf(room, spare, a, b);
        if (waste > 1) continue;
        const bundles = must.slice();
        pick(bundles, one, low.masks[a]!);
        pick(bundles, other, high.masks[b]!);
        looks += LOOKS_A_CHECK;
        if (may(bundles)) found.push({ bundles, waste });
      }
    }
    found.sort((x, y) => x.waste - y.waste);
    return { found: found.map((x) => x.bundles), isCut: low.isCut || high.isCut || isFull(), looks };
  }

  /** The largest part of what can be spared that a filling wastes, of any kind and day; above 1 when it may not be. */
  private wasteOf(room: Float64Array, spare: Float64Array, a: number, b: number): number {
    const { dims, drift, low, high } = this;
    let most = 0;
    for (let k = 0; k < dims; k += 1) {
      const left = room[k]! - low.sums[a * dims + k]! - high.sums[b * dims + k]!;
      if (left < -drift || left > spare[k]! + drift) return Infinity;
      most = Math.max(most, left / (spare[k]! + drift));
    }
    return Math.min(1, most);
  }
}

/** The kind and day of which the least part may be left empty. */
function tightest(room: Float64Array, spare: Float64Array): number {
  let best = 0;
  for (let k = 1; k < room.length; k += 1) {
    if (spare[k]! * room[best]! < spare[best]! * room[k]!) best = k;
  }
  return best;
}

function pick(into: number[], bundles: readonly number[], mask: number): void {
  for (let rest = mask, i = 0; rest !== 0; rest >>= 1, i += 1) if ((rest & 1) === 1) into.push(bundles[i]!);
}
