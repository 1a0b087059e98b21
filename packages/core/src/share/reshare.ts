/**
 * Re-sharing on the way with the fewest handovers. It finds what must change hands so that every load is at most what
 * is asked. As few pieces as possible move, first among people who share a tent or a cook group, then with the least
 * mass.
 *
 * A handover is one piece that goes from one member to another. Somebody whose load is above what is asked must give
 * pieces away: at least as many as would do if they were the heaviest ones of the worst day. The sum of that over the
 * party is a bound. The search often meets it, which proves the number. Otherwise an integer program can prove it:
 * `handoverProgram`.
 */
import { TRIFLE_KG } from '../trip/whoseThings.js';
import type { ShareProblem } from './problem.js';
import { ShareState } from './shareState.js';

export const RESHARE_AIMS = ['best', 'withinLimits'] as const;
/** As fair as can be, within 2 %; or everybody within their limit. */
export type ReshareAim = (typeof RESHARE_AIMS)[number];
/** How far above the best reachable level the first aim may stay. */
export const RESHARE_TOLERANCE = 0.02;

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

/**
 * The problem as people share on the way: wrappers and trifles stay with whoever has them, if they are still there
 * (common practice, no source).
 */
export function onTheWay(problem: ShareProblem): ShareProblem {
  return {
    ...problem,
    bundles: problem.bundles.map((b) => {
      const [now] = b.carriedBy;
      const isTrifle = Math.max(...b.massKg) < TRIFLE_KG && Math.max(...b.volumeL) < TRIFLE_L;
      return isTrifle && now !== undefined && b.allowed.includes(now) ? { ...b, allowed: [now] } : b;
    }),
  };
}
/** Smaller than that nothing is in anybody's way (Graft's own number). */
const TRIFLE_L = 1;

/** Whether two carriers sleep or cook together. */
export type Near = (a: number, b: number) => boolean;

/** What giving a bundle to a carrier costs: pieces that change hands count by far the most, then distance, then kg. */
export function handoverCost(problem: ShareProblem, near: Near, b: number, m: number): number {
  const { carriedBy, pieceIds, massKg, isOwn } = problem.bundles[b]!;
  const moved = carriedBy.filter((from) => from !== m);
  const found = pieceIds.length - carriedBy.length;
  if (moved.length + found === 0) return 0;
  const far = moved.filter((from) => !near(from, m)).length;
  const own = isOwn ? OWN_COST : 0;
  return moved.length + found + own + FAR_COST * far + KG_COST * Math.max(...massKg);
}
/** Up to a hundred handovers all far apart still cost less than one more handover. */
const FAR_COST = 0.005;
const KG_COST = 0.0001;
/** Of equally many, those of the group's things first: what is somebody's own is asked for last. */
const OWN_COST = 0.006;

/** Pieces that change hands in an assignment. */
export function handoversIn(problem: ShareProblem, assignment: ArrayLike<number>): number {
  return problem.bundles.reduce((sum, { carriedBy, pieceIds }, b) => {
    const stay = carriedBy.filter((m) => m === assignment[b]).length;
    return sum + pieceIds.length - stay;
  }, 0);
}
