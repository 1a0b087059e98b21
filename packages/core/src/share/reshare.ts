/**
 * Re-sharing on the way with the fewest handovers. It finds what must change hands so that every load is at most what
 * is asked. As few as possible move, first among people who share a tent or a cook group, then what lies on top, then with
 * the least mass.
 *
 * A handover is one piece, or one set that stays together, that goes from one member to another. Somebody whose load is
 * above what is asked must give some away: at least as many as would do if they were the heaviest of the worst day. The
 * sum of that over the party is a bound. The search often meets it, which proves the number. Otherwise an integer
 * program can prove it: `handoverProgram`.
 */
import type { Trip } from '../trip/model.js';
import { isHurtFrom, TRIFLE_KG } from '../trip/whoseThings.js';
import type { Bundle, ShareProblem } from './problem.js';
import { ShareState } from './shareState.js';

export const RESHARE_AIMS = ['best', 'withinLimits'] as const;
/** As fair as can be, within 2 %; or everybody within their limit. */
export type ReshareAim = (typeof RESHARE_AIMS)[number];
/** How far above the best reachable level the first aim may stay. */
export const RESHARE_TOLERANCE = 0.02;
/** The same for loads that even the best share leaves above a limit (Graft's own number). */
const OVERLOAD_TOLERANCE = 0.05;

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
  const { level, overVolumeL } = state.score();
  return {
    ...problem,
    carriers: problem.carriers.map((c, m) => ({
      ...c,
      limitKg: c.limitKg.map((limit, d) => {
        if (limit === Infinity) return Infinity;
        const most = aim === 'best' ? Math.min(limit, level * (1 + RESHARE_TOLERANCE) * c.yardKg[d]!) : limit;
        const bestKg = state.loadKg(m, d);
        // What cannot be kept within limits is not made even to the gram, but for those who are helped.
        const isEased = bestKg > limit && c.overWeight === 1;
        return Math.max(most, c.baseKg[d]!, isEased ? (1 + OVERLOAD_TOLERANCE) * bestKg : bestKg);
      }),
      freeVolumeL: c.freeVolumeL.map((free, d) =>
        Math.max(0, free, overVolumeL > 0 ? state.overVolumeL(m, d) + free : 0),
      ),
    })),
  };
}

/**
 * The problem as people share on the way: wrappers and trifles stay with whoever has them, if they are still there,
 * nobody gives anything to somebody who is hurt, and what lies on top is given sooner than what must be dug out (common
 * practice, no source).
 */
export function onTheWay(trip: Trip, problem: ShareProblem): ShareProblem {
  const isHurt = trip.members.map((m) => isHurtFrom(m, problem.firstDay));
  const depths = new Map(
    trip.stows.flatMap(({ placements }) =>
      // What is loaded first lies deepest.
      placements.map((p, i) => [p.thingId, 1 - i / Math.max(1, placements.length - 1)] as const),
    ),
  );
  return {
    ...problem,
    bundles: problem.bundles.map((b) => {
      const [now] = b.carriedBy;
      const known = b.pieceIds.flatMap((id) => depths.get(id) ?? []);
      const deep = known.length === 0 ? b : { ...b, depth: Math.max(...known) };
      const isTrifle = Math.max(...b.massKg) < TRIFLE_KG && Math.max(...b.volumeL) < TRIFLE_L;
      // Who is hurt may carry for nobody else, and keeps a wrapper all the same.
      if (isTrifle && now !== undefined && (b.allowed.includes(now) || isHurt[now] === true))
        return { ...deep, allowed: [now] };
      const spared = b.allowed.filter((m) => !isHurt[m] || b.carriedBy.includes(m));
      return spared.length === 0 ? deep : { ...deep, allowed: spared };
    }),
  };
}
/** Smaller than that nothing is in anybody's way (Graft's own number). */
const TRIFLE_L = 1;

/** Whether two carriers sleep or cook together. */
export type Near = (a: number, b: number) => boolean;

/** Who gives something of a bundle that goes to a carrier; somebody without a name for what nobody has yet. */
function givers({ carriedBy, pieceIds }: Bundle, m: number): readonly number[] {
  const from = new Set(carriedBy.filter((at) => at !== m));
  return [...from, ...(pieceIds.length > carriedBy.length ? [NOBODY] : [])];
}
const NOBODY = -1;

/** How many handovers it makes when a bundle goes to a carrier: a set goes as one, from each who has a part of it. */
export function handoversOf(bundle: Bundle, m: number): number {
  return givers(bundle, m).length;
}

/** What giving a bundle to a carrier costs: handovers count by far the most, then distance, then depth, then kg. */
export function handoverCost(problem: ShareProblem, near: Near, b: number, m: number): number {
  const bundle = problem.bundles[b]!;
  const from = givers(bundle, m);
  if (from.length === 0) return 0;
  const far = from.filter((at) => at !== NOBODY && !near(at, m)).length;
  const own = bundle.isOwn ? OWN_COST : 0;
  const deep = DEPTH_COST * (bundle.depth ?? 0);
  return from.length + own + FAR_COST * far + deep + KG_COST * Math.max(...bundle.massKg);
}
/** Up to seventy handovers all far apart still cost less than one more handover. */
const FAR_COST = 0.005;
const DEPTH_COST = 0.002;
const KG_COST = 0.0001;
/** Of equally many, those of the group's things first: what is somebody's own is asked for last. */
const OWN_COST = 0.006;

/** Handovers of an assignment. */
export function handoversIn(problem: ShareProblem, assignment: ArrayLike<number>): number {
  return problem.bundles.reduce((sum, bundle, b) => sum + handoversOf(bundle, assignment[b]!), 0);
}
