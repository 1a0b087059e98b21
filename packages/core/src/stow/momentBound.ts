/**
 * How small a sum of moments can get: things of given mass and volume along an axis whose slices hold only so much.
 *
 * Lagrangian relaxation: every slice gets a price for its room, every thing takes its cheapest place at those prices,
 * and what the room sold for is taken off. Whatever the prices, no arrangement has a smaller sum (weak duality); the
 * prices are raised where things crowd and lowered where room is left, by Polyak's subgradient steps. Soft things are
 * fluids; a stiff one keeps its length along the axis and lies in one piece.
 */
import {
  cheapestFluid,
  cheapestStiff,
  takeFluid,
  takeStiff,
  type RoomOption,
  type SliceGroup,
  type Stiff,
} from './slicedRoom.js';

export interface BoundThing {
  readonly massKg: number;
  readonly options: readonly RoomOption[];
}

/** Rounds of prices; ten times as many bring the bound 0.02 cm nearer. */
const ROUNDS = 40;
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
  let best = -Infinity;
  let scale = FIRST_STEP;
  let idle = 0;
  for (let round = 0; round < ROUNDS; round += 1) {
    const sold = sell(things, groups, prices);
    if (sold === undefined) return -Infinity;
    if (sold.value > best) {
      best = sold.value;
      idle = 0;
    } else if ((idle += 1) >= PATIENCE) {
      scale /= 2;
      idle = 0;
    }
    const missing = known - sold.value;
    if (missing <= 1e-6 || !raise(prices, groups, sold.used, scale * missing)) break;
  }
  return best;
}

/** Every thing takes its cheapest place: what that comes to less what the room sold for, and what each slice then has. */
function sell(
  things: readonly BoundThing[],
  groups: readonly SliceGroup[],
  prices: readonly Float64Array[],
): { readonly value: number; readonly used: readonly Float64Array[] } | undefined {
  const used = groups.map((g) => new Float64Array(g.capacityCm3.length));
  const sums = groups.map((g) => new Float64Array(g.capacityCm3.length + 1));
  let value = 0;
  for (const [g, group] of groups.entries()) {
    const price = prices[g]!;
    const sum = sums[g]!;
    for (let r = 0; r < price.length; r += 1) {
      sum[r + 1] = sum[r]! + price[r]! * group.sliceCm;
      value -= price[r]! * group.capacityCm3[r]!;
    }
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
    if (take === undefined) return undefined;
    value += least;
    take();
  }
  return { value, used };
}

/** Raise prices where things crowd and lower them where room is left; false when nothing asks for that. */
function raise(
  prices: readonly Float64Array[],
  groups: readonly SliceGroup[],
  used: readonly Float64Array[],
  size: number,
): boolean {
  let norm = 0;
  const over = used.map((u, g) =>
    u.map((cm3, r) => {
      const more = cm3 - groups[g]!.capacityCm3[r]!;
      // A price of nothing does not fall.
      const step = more < 0 && prices[g]![r] === 0 ? 0 : more;
      norm += step * step;
      return step;
    }),
  );
  if (norm === 0) return false;
  const step = size / norm;
  for (const [g, price] of prices.entries())
    for (let r = 0; r < price.length; r += 1) price[r] = Math.max(0, price[r]! + step * over[g]![r]!);
  return true;
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
