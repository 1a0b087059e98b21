/**
 * How small a sum of moments can get: things of given mass and volume along an axis whose slices hold only so much.
 *
 * Lagrangian relaxation: every slice gets a price for its room, every thing takes its cheapest place at those prices,
 * and what the room sold for is taken off. Whatever the prices, no arrangement has a smaller sum (weak duality); the
 * prices are raised where things crowd and lowered where room is left, by Polyak's subgradient steps. Soft things are
 * fluids; a stiff one keeps its length along the axis and lies in one piece.
 */

/** A stretch of the axis cut into slices of equal thickness. */
export interface SliceGroup {
  readonly fromCm: number;
  readonly sliceCm: number;
  /** What each slice holds, cm³. */
  readonly capacityCm3: Float64Array;
  /** Slices are rows of a grid: what is in one counts at its middle, and stiff things begin where one begins. */
  readonly gridded?: boolean;
  /**
   * Slices lie askew to the grid: what is in one counts at its middle, stiff things begin anywhere, and their steps are
   * twice a whole number of slices long.
   */
  readonly leans?: boolean;
}

/** A part of a stiff thing that is as thick all along: so much volume, over a length about the thing's middle. */
export interface StiffStep {
  readonly lengthCm: number;
  readonly volumeCm3: number;
}

/** One way to take room in a group. */
export type RoomOption =
  | {
      readonly kind: 'fluid';
      readonly group: number;
      readonly volumeCm3: number;
      /** Not more than this in one centimetre of the axis. */
      readonly mostPerCm: number;
    }
  | {
      readonly kind: 'stiff';
      readonly group: number;
      readonly lengthCm: number;
      readonly steps: readonly StiffStep[];
      /** Where its lower end may be. */
      readonly startCm: readonly [number, number];
    };

export interface BoundThing {
  readonly massKg: number;
  readonly options: readonly RoomOption[];
}

/** Halvings of what a fluid's threshold price may be. */
const HALVINGS = 20;
/** Rounds of prices; more make the bound a little better. Where slices lean, those to begin with are good enough. */
const ROUNDS = 10;
const LEANING_ROUNDS = 1;
/** Part of Polyak's step that is gone at first. */
const FIRST_STEP = 0.3;
/** Rounds without a gain after which steps are halved. */
const PATIENCE = 6;

/**
 * @param known a sum that some arrangement has, kg·cm: steps are measured by it
 * @returns kg·cm that no arrangement is below, −Infinity when a thing has no option
 */
export function leastMomentBound(
  things: readonly BoundThing[],
  groups: readonly SliceGroup[],
  known: number,
): number {
  const prices = pouredPrices(things, groups);
  const sums = groups.map((g) => new Float64Array(g.capacityCm3.length + 1));
  const used = groups.map((g) => new Float64Array(g.capacityCm3.length));
  let best = -Infinity;
  let scale = FIRST_STEP;
  let idle = 0;
  const rounds = groups.some((g) => g.leans === true) ? LEANING_ROUNDS : ROUNDS;
  for (let round = 0; round < rounds; round += 1) {
    let value = 0;
    for (const [g, group] of groups.entries()) {
      const price = prices[g]!;
      const sum = sums[g]!;
      for (let r = 0; r < price.length; r += 1) {
        sum[r + 1] = sum[r]! + price[r]! * group.sliceCm;
        value -= price[r]! * group.capacityCm3[r]!;
      }
      used[g]!.fill(0);
    }
    for (const { massKg, options } of things) {
      let least = Infinity;
      let take: (() => void) | undefined;
      for (const option of options) {
        const g = option.group;
        const group = groups[g]!;
        const found =
          option.kind === 'fluid'
            ? cheapestFluid(massKg, option, group, prices[g]!)
            : cheapestStiff(massKg, option, group, sums[g]!);
        if (found.price >= least) continue;
        least = found.price;
        take = () => {
          if (option.kind === 'fluid') takeFluid(massKg, option, group, prices[g]!, found.at, used[g]!);
          else takeStiff(option, group, found.at, used[g]!);
        };
      }
      if (take === undefined) return -Infinity;
      value += least;
      take();
    }
    if (value > best) {
      best = value;
      idle = 0;
    } else if ((idle += 1) >= PATIENCE) {
      scale /= 2;
      idle = 0;
    }
    const missing = known - value;
    if (missing <= 1e-6) break;
    let norm = 0;
    const over: Float64Array[] = used.map((u, g) =>
      u.map((cm3, r) => {
        const more = cm3 - groups[g]!.capacityCm3[r]!;
        // A price of nothing does not fall.
        const step = more < 0 && prices[g]![r] === 0 ? 0 : more;
        norm += step * step;
        return step;
      }),
    );
    if (norm === 0) break;
    const step = (scale * missing) / norm;
    for (const [g, price] of prices.entries()) {
      for (let r = 0; r < price.length; r += 1) price[r] = Math.max(0, price[r]! + step * over[g]![r]!);
    }
  }
  return best;
}

/**
 * Prices to begin with: all things poured as fluids into all groups at once, the densest first. Room at a place is worth
 * what moving everything that was poured after it by a hair would save.
 */
function pouredPrices(things: readonly BoundThing[], groups: readonly SliceGroup[]): Float64Array[] {
  const slices = groups
    .flatMap((g, group) =>
      Array.from(g.capacityCm3, (cm3, r) => ({ group, r, at: g.fromCm + (r + 0.5) * g.sliceCm, cm3 })),
    )
    .sort((a, b) => a.at - b.at);
  const poured = things
    .map(({ massKg, options }) => ({
      massKg,
      cm3: Math.max(0, ...options.map((o) => (o.kind === 'fluid' ? o.volumeCm3 : roomOf(o)))),
    }))
    .filter((f) => f.cm3 > 0)
    .sort((a, b) => b.massKg / b.cm3 - a.massKg / a.cm3);
  /** Density of what was poured last when a slice was full. */
  const density = slices.map(() => 0);
  let f = 0;
  let left = poured[0]?.cm3 ?? 0;
  for (const [i, slice] of slices.entries()) {
    let room = slice.cm3;
    while (f < poured.length && room >= left) {
      room -= left;
      f += 1;
      left = poured[f]?.cm3 ?? 0;
    }
    const fluid = poured[f];
    if (fluid === undefined) break;
    left -= room;
    density[i] = fluid.massKg / fluid.cm3;
  }
  const prices = groups.map((g) => new Float64Array(g.capacityCm3.length));
  let worth = 0;
  for (let i = slices.length - 1; i >= 0; i -= 1) {
    const { group, r, at } = slices[i]!;
    const next = slices[i + 1];
    if (next !== undefined) worth += density[i + 1]! * (next.at - at);
    prices[group]![r] = worth;
  }
  return prices;
}

function roomOf(o: Stiff): number {
  return o.steps.reduce((sum, s) => sum + s.volumeCm3, 0);
}

interface Found {
  readonly price: number;
  /** A fluid's threshold price; where a stiff thing's lower end is. */
  readonly at: number;
}

/** What of a slice is below a threshold, for a fluid that costs `from` at its lower end and `slope` more per slice. */
function partBelow(threshold: number, from: number, slope: number, whole: boolean): number {
  if (whole) return threshold >= from + slope / 2 ? 1 : 0;
  const part = (threshold - from) / slope;
  return part <= 0 ? 0 : part < 1 ? part : 1;
}

type Fluid = Extract<RoomOption, { kind: 'fluid' }>;
type Stiff = Extract<RoomOption, { kind: 'stiff' }>;

/**
 * A fluid fills whatever costs less than a threshold, which is found by halving: the threshold at which just less than
 * the volume is in, and the rest at that price, is never more than what it costs.
 */
function cheapestFluid(massKg: number, o: Fluid, group: SliceGroup, prices: Float64Array): Found {
  if (o.volumeCm3 <= 0) return { price: massKg * group.fromCm, at: -Infinity };
  const { fromCm, sliceCm, capacityCm3, gridded, leans } = group;
  const whole = gridded === true || leans === true;
  const slopePer = massKg / o.volumeCm3;
  const slope = slopePer * sliceCm;
  let low = Infinity;
  let high = -Infinity;
  for (let r = 0; r < prices.length; r += 1) {
    const at = prices[r]! + slopePer * fromCm + r * slope;
    if (at < low) low = at;
    if (at > high) high = at;
  }
  high += slope;
  const most = o.mostPerCm * sliceCm;
  for (let k = 0; k < HALVINGS; k += 1) {
    const middle = (low + high) / 2;
    let volume = 0;
    for (let r = 0; r < prices.length; r += 1) {
      const part = partBelow(middle, prices[r]! + slopePer * fromCm + r * slope, slope, whole);
      if (part > 0) volume += Math.min(most, capacityCm3[r]!) * part;
    }
    if (volume > o.volumeCm3) high = middle;
    else low = middle;
  }
  let price = 0;
  let volume = 0;
  for (let r = 0; r < prices.length; r += 1) {
    const from = prices[r]! + slopePer * fromCm + r * slope;
    const part = partBelow(low, from, slope, whole);
    if (part <= 0) continue;
    const cm3 = Math.min(most, capacityCm3[r]!) * part;
    volume += cm3;
    price += cm3 * (from + (part * slope) / 2);
  }
  return { price: price + (o.volumeCm3 - volume) * low, at: low };
}

/** Adds what a fluid takes: all below its threshold, the rest where it is the next. */
function takeFluid(
  massKg: number,
  o: Fluid,
  group: SliceGroup,
  prices: Float64Array,
  threshold: number,
  used: Float64Array,
): void {
  if (o.volumeCm3 <= 0) return;
  const { fromCm, sliceCm, capacityCm3, gridded, leans } = group;
  const whole = gridded === true || leans === true;
  const slopePer = massKg / o.volumeCm3;
  const slope = slopePer * sliceCm;
  let left = o.volumeCm3;
  let next = -1;
  let nextAt = Infinity;
  for (let r = 0; r < prices.length; r += 1) {
    const from = prices[r]! + slopePer * fromCm + r * slope;
    const part = partBelow(threshold, from, slope, whole);
    if (part > 0) {
      const cm3 = Math.min(o.mostPerCm * sliceCm, capacityCm3[r]!) * part;
      used[r]! += cm3;
      left -= cm3;
    } else if (from < nextAt) {
      next = r;
      nextAt = from;
    }
  }
  if (whole && next >= 0 && left > 0) used[next]! += left;
}

/** What a stretch costs: prices are even within a slice, and nothing outside the group. */
function costUpTo(x: number, group: SliceGroup, sums: Float64Array): number {
  const at = (x - group.fromCm) / group.sliceCm;
  if (at <= 0) return 0;
  const r = Math.floor(at);
  if (r >= sums.length - 1) return sums[sums.length - 1]!;
  return sums[r]! + (at - r) * (sums[r + 1]! - sums[r]!);
}

/** The price is straight between places where an end of the thing or of a step meets a slice's: the least is at one. */
function cheapestStiff(massKg: number, o: Stiff, group: SliceGroup, sums: Float64Array): Found {
  const [from, to] = o.startCm;
  const { sliceCm, fromCm } = group;
  let least = Infinity;
  let at = from;
  const tryAt = (start: number): void => {
    const middle = start + o.lengthCm / 2;
    let price = massKg * middle;
    for (const { lengthCm, volumeCm3 } of o.steps) {
      const cost =
        costUpTo(middle + lengthCm / 2, group, sums) - costUpTo(middle - lengthCm / 2, group, sums);
      price += (volumeCm3 / lengthCm) * cost;
    }
    if (price < least) {
      least = price;
      at = start;
    }
  };
  if (group.gridded === true) {
    for (let start = from; start <= to + 1e-9; start += sliceCm) tryAt(start);
    return { price: least, at };
  }
  tryAt(from);
  if (to > from) tryAt(to);
  if (group.leans === true) {
    // Steps end a whole number of slices from the middle.
    const first = Math.ceil((from + o.lengthCm / 2 - fromCm) / sliceCm);
    const last = Math.floor((to + o.lengthCm / 2 - fromCm) / sliceCm);
    for (let k = first; k <= last; k += 1) tryAt(fromCm + k * sliceCm - o.lengthCm / 2);
    return { price: least, at };
  }
  for (const { lengthCm } of o.steps) {
    for (const end of [-lengthCm / 2, lengthCm / 2]) {
      // start + length / 2 + end on a slice's border
      const shift = o.lengthCm / 2 + end;
      const first = Math.ceil((from + shift - fromCm) / sliceCm);
      const last = Math.floor((to + shift - fromCm) / sliceCm);
      for (let k = first; k <= last; k += 1) tryAt(fromCm + k * sliceCm - shift);
    }
  }
  return { price: least, at };
}

function takeStiff(o: Stiff, group: SliceGroup, start: number, used: Float64Array): void {
  const { fromCm, sliceCm } = group;
  const middle = start + o.lengthCm / 2;
  for (const { lengthCm, volumeCm3 } of o.steps) {
    const [a, b] = [middle - lengthCm / 2, middle + lengthCm / 2];
    const first = Math.max(0, Math.floor((a - fromCm) / sliceCm));
    const last = Math.min(used.length - 1, Math.ceil((b - fromCm) / sliceCm));
    for (let r = first; r <= last; r += 1) {
      const low = fromCm + r * sliceCm;
      const shared = Math.min(b, low + sliceCm) - Math.max(a, low);
      if (shared > 0) used[r]! += (shared / lengthCm) * volumeCm3;
    }
  }
}
