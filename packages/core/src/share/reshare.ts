/**
 * Re-sharing on the way with the fewest handovers: what must change hands so that every load is at most what is asked,
 * with as few pieces as possible, first among people who share a tent or a cook group, then the least mass.
 *
 * A handover is one piece that goes from one member to another. Somebody whose load is above what is asked must give at
 * least as many pieces as their heaviest ones on the worst day take; the sum of that over the party is a bound that the
 * search often meets, which proves the number. Otherwise an integer program can prove it: `handoverProgram`.
 */
import { pickIndex, seededRandom } from '../units/random.js';
import type { ShareProblem } from './problem.js';
import { ShareState } from './shareState.js';

export const RESHARE_AIMS = ['best', 'withinLimits'] as const;
/** As fair as can be, within 2 %; or everybody within their limit. */
export type ReshareAim = (typeof RESHARE_AIMS)[number];
/** How far above the best reachable level the first aim may stay. */
export const RESHARE_TOLERANCE = 0.02;
/** Sums kept move by move drift by less than this, kg and litres. */
const FITS = 1e-7;

/**
 * The problem with limits and packs lowered to what an aim asks. Whoever is above that before carrying anything of the
 * group's is asked to take nothing more; what even the best share must break is not asked.
 *
 * @param reached the best share that is known
 */
export function askedProblem(
  problem: ShareProblem,
  aim: ReshareAim,
  reached: ArrayLike<number>,
): ShareProblem {
  const state = new ShareState(problem, reached);
  const { level, overloadKg, overVolumeL } = state.score();
  return {
    ...problem,
    carriers: problem.carriers.map((c, m) => ({
      ...c,
      limitKg: c.limitKg.map((limit, d) => {
        if (limit === Infinity) return Infinity;
        const most = aim === 'best' ? Math.min(limit, level * (1 + RESHARE_TOLERANCE) * c.yardKg[d]!) : limit;
        return Math.max(most, c.baseKg[d]!, overloadKg > 0 ? state.loadKg(m, d) : 0);
      }),
      freeVolumeL: c.freeVolumeL.map((free, d) =>
        Math.max(0, free, overVolumeL > 0 ? state.volumeL(m, d) : 0),
      ),
    })),
  };
}

/** Whether two carriers sleep or cook together. */
export type Near = (a: number, b: number) => boolean;

/** What giving a bundle to a carrier costs: pieces that change hands count by far the most, then distance, then kg. */
export function handoverCost(problem: ShareProblem, near: Near, b: number, m: number): number {
  const { carriedBy, pieceIds, massKg } = problem.bundles[b]!;
  const moved = carriedBy.filter((from) => from !== m);
  const found = pieceIds.length - carriedBy.length;
  if (moved.length + found === 0) return 0;
  const far = moved.filter((from) => !near(from, m)).length;
  return moved.length + found + FAR_COST * far + KG_COST * Math.max(...massKg);
}
/** Up to a hundred handovers all far apart still cost less than one more handover. */
const FAR_COST = 0.005;
const KG_COST = 0.0001;

/** Pieces that change hands in an assignment. */
export function handoversIn(problem: ShareProblem, assignment: ArrayLike<number>): number {
  return problem.bundles.reduce((sum, { carriedBy, pieceIds }, b) => {
    const stay = carriedBy.filter((m) => m === assignment[b]).length;
    return sum + pieceIds.length - stay;
  }, 0);
}

export interface FewestHandovers {
  readonly assignment: Int32Array;
  readonly count: number;
  /** No fewer will do. */
  readonly atLeast: number;
}

/**
 * Search for the fewest handovers by annealing: a handover costs one, a kilogram above what is asked more and more.
 *
 * @param asked from `askedProblem`
 * @param reaching an assignment that keeps to it, to start from; the search only betters it
 * @param iterations search moves
 */
export function fewestHandovers(
  asked: ShareProblem,
  near: Near,
  reaching: ArrayLike<number>,
  seed: number,
  iterations: number,
): FewestHandovers {
  const { bundles } = asked;
  const width = asked.carriers.length;
  const cost = Float64Array.from({ length: bundles.length * width }, (_v, i) =>
    handoverCost(asked, near, Math.floor(i / width), i % width),
  );
  const atLeast = fewestConceivable(asked);
  const movable = bundles.flatMap((b, i) => (b.allowed.length > 1 ? [i] : []));
  const stay = stayingPut(asked, reaching);
  const state = new ShareState(asked, stay);
  const fits = (): boolean => state.over <= FITS && state.apart === 0;
  const total = (): number => state.carrierOf.reduce((sum, m, b) => sum + cost[b * width + m]!, 0);
  state.restore(reaching);
  let best = Int32Array.from(reaching);
  let bestCost = total();
  const keep = (): void => {
    best = Int32Array.from(state.carrierOf);
    bestCost = total();
  };
  const random = seededRandom(seed);
  /** @param cool starts near the end of the cooling: to mend what a walk has left, not to leave it */
  const walk = (start: ArrayLike<number>, moves: number, cool: boolean): void => {
    state.restore(start);
    let walked = total();
    if (walked < bestCost - FITS && fits()) keep();
    const changed = movable.filter((b) => state.carrierOf[b] !== stay[b]);
    for (let i = 0; i < moves; i += 1) {
      const along = cool ? 0.5 + (0.5 * i) / moves : i / moves;
      const temperature = HOT * (COLD / HOT) ** along;
      const overCost = OVER_COST * OVER_RISE ** along * (cool ? COOL_RISE : 1);
      let b = movable[pickIndex(random, movable.length)]!;
      let to: number;
      let back = -1;
      const kind = random();
      if (kind < 0.35 && changed.length > 0) {
        const at = pickIndex(random, changed.length);
        b = changed[at]!;
        to = stay[b]!;
        if (state.carrierOf[b] === to) {
          changed[at] = changed[changed.length - 1]!;
          changed.pop();
          continue;
        }
      } else if (kind < 0.7) {
        const { allowed } = bundles[b]!;
        to = allowed[pickIndex(random, allowed.length)]!;
      } else {
        back = movable[pickIndex(random, movable.length)]!;
        to = state.carrierOf[back]!;
        if (!bundles[back]!.allowed.includes(state.carrierOf[b]!)) continue;
      }
      const from = state.carrierOf[b]!;
      if (to === from || !bundles[b]!.allowed.includes(to)) continue;
      const effect = state.weigh(b, to, back);
      let costs = cost[b * width + to]! - cost[b * width + from]!;
      if (back >= 0) costs += cost[back * width + from]! - cost[back * width + to]!;
      const change = costs + overCost * effect.over + APART_COST * effect.apart;
      if (change > 0 && random() >= Math.exp(-change / temperature)) continue;
      state.move(b, to, back);
      walked += costs;
      changed.push(b);
      if (back >= 0) changed.push(back);
      if (walked < bestCost - FITS && fits()) keep();
    }
  };
  if (movable.length > 0) {
    for (let round = 0; round < ROUNDS; round += 1) {
      // A bound that is met leaves only who gives to whom to better.
      if (handoversIn(asked, best) <= atLeast && round >= 2) break;
      // From where everything is now; on from where that walk has ended; from the best.
      const moves = Math.floor(iterations / ROUNDS);
      if (round % 3 === 0) walk(stay, moves, false);
      else if (round % 3 === 1) walk(Int32Array.from(state.carrierOf), moves, true);
      else walk(best, moves, false);
    }
  }
  return { assignment: best, count: handoversIn(asked, best), atLeast };
}
const ROUNDS = 6;
/** Temperatures at the start and the end of a walk, in handovers. */
const HOT = 0.8;
const COLD = 0.016;
/**
 * A kilogram or litre too many, in handovers, at the start of a walk and how much more at its end, when a few grams must
 * not be worth a handover; and a broken keep-apart rule.
 */
const OVER_COST = 2;
const OVER_RISE = 200;
/** Where a walk is mended, what is left above is a matter of grams: they count for more still. */
const COOL_RISE = 10;
const APART_COST = 5;

/** Every bundle where its pieces are, or mostly are; elsewhere only where it must be. */
function stayingPut(problem: ShareProblem, otherwise: ArrayLike<number>): Int32Array {
  return Int32Array.from(problem.bundles, ({ carriedBy, allowed }, b) => {
    const staying = allowed
      .map((m) => ({ m, count: carriedBy.filter((at) => at === m).length }))
      .filter((s) => s.count > 0)
      .sort((x, y) => y.count - x.count)[0];
    return staying?.m ?? otherwise[b]!;
  });
}

/**
 * A number of handovers below which none can do: what must leave each carrier, and what is where it may not stay.
 *
 * @param asked from `askedProblem`
 */
export function fewestConceivable(asked: ShareProblem): number {
  const holds = asked.carriers.map((): number[] => []);
  let homeless = 0;
  asked.bundles.forEach(({ carriedBy, allowed, pieceIds }, b) => {
    const [first] = carriedBy;
    const settled =
      first !== undefined &&
      carriedBy.length === pieceIds.length &&
      carriedBy.every((m) => m === first) &&
      allowed.includes(first);
    if (settled) holds[first]!.push(b);
    else {
      const staying = allowed.map((m) => carriedBy.filter((at) => at === m).length);
      homeless += pieceIds.length - Math.max(0, ...staying);
    }
  });
  const mustLeave = holds.map((held, m) => {
    const { limitKg, baseKg, freeVolumeL } = asked.carriers[m]!;
    return limitKg.reduce((most, limit, d) => {
      if (limit === Infinity) return most;
      return Math.max(
        most,
        fewestPieces(asked, held, (b) => asked.bundles[b]!.massKg[d]!, limit - baseKg[d]!),
        fewestPieces(asked, held, (b) => asked.bundles[b]!.volumeL[d]!, freeVolumeL[d]!),
      );
    }, 0);
  });
  return homeless + mustLeave.reduce((a, b) => a + b, 0);
}

/** How many pieces must go at least for the rest to fit: the heaviest first, a bundle's counted as equal parts of it. */
function fewestPieces(
  problem: ShareProblem,
  held: readonly number[],
  amount: (b: number) => number,
  room: number,
): number {
  let excess = held.reduce((sum, b) => sum + amount(b), 0) - room;
  if (excess <= FITS) return 0;
  const parts = held.flatMap((b) => {
    const size = problem.bundles[b]!.pieceIds.length;
    return new Array<number>(size).fill(amount(b) / size);
  });
  parts.sort((x, y) => y - x);
  let pieces = 0;
  for (const part of parts) {
    if (excess <= FITS) break;
    excess -= part;
    pieces += 1;
  }
  return pieces;
}
