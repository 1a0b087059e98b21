/**
 * Single moves tried on a stow: each thing to each place that takes it, with what the whole would come to. Cures of
 * findings and the advice of the ride check are the best of them.
 */
import type { Placement, PointCm, Side } from '../trip/model.js';
import type { Finding } from './assessment.js';
import { withLoaders } from './columnKernel.js';
import { FINE_CELL_CM } from './packGeometry.js';
import { zonesThatTake } from './fitsPack.js';
import { placementVerdict } from './placementRules.js';
import { exact, placer, type StowTarget } from './placeAt.js';
import { StowSearch } from './search/stowSearch.js';
import type { StowProblem } from './stowProblem.js';
import { comfortOf, compareCost, type StowCost } from './stowCost.js';
import { isMainZone } from '../trip/zoneKinds.js';

/** What a stow comes to, as far as moves are compared by it. */
export interface StowState {
  readonly cost: StowCost;
  readonly centre: PointCm;
}
export interface StowMove {
  readonly thingId: string;
  readonly zoneId: string;
  readonly side: Side;
  readonly before: StowState;
  readonly after: StowState;
  /** The whole stow with the move made. */
  readonly placements: readonly Placement[];
}

const SIDES: readonly Side[] = ['left', 'centre', 'right'];

function stateOf(problem: StowProblem, placements: readonly Placement[]): StowState {
  return withLoaders(() => {
    const { cost, centre } = new StowSearch(problem, placements, FINE_CELL_CM, false).look();
    return { cost, centre };
  });
}

/** Places that a thing could go to: each side of each main zone, and each pocket. */
function targets(problem: StowProblem, pinned: boolean): readonly StowTarget[] {
  return problem.pack.zones.flatMap((zone) =>
    (isMainZone(zone.kind) ? SIDES : (['centre'] as const)).map((side) => ({
      zoneId: zone.id,
      side,
      pinned,
    })),
  );
}

/**
 * The single moves of some things that help by a measure, best first. A move that makes something graver is left out:
 * more that does not fit, more safety rules broken, something deeper than it was for
 * nothing of that. No thing is moved to where it never rides.
 *
 * @param measure of a state; less is better
 * @param thingIds which things may move; pinned ones never do
 * @param most how many to return
 * @param leastGain moves that help by no more than this are left out
 */
export function bestMoves(
  problem: StowProblem,
  placements: readonly Placement[],
  measure: (state: StowState) => number,
  thingIds: readonly string[],
  most: number,
  leastGain = LEAST_GAIN,
): readonly StowMove[] {
  const from = exact(problem, placements);
  const before = stateOf(problem, from);
  const start = measure(before);
  const found: { readonly move: StowMove; readonly gain: number }[] = [];
  const pinned = new Set(from.filter((p) => p.pinned).map((p) => p.thingId));
  for (const thingId of thingIds) {
    if (pinned.has(thingId)) continue;
    const put = placer(problem, from, thingId);
    for (const target of targets(problem, false)) {
      if (isForbidden(problem, thingId, target.zoneId)) continue;
      const next = put(target);
      const after = stateOf(problem, next);
      const gain = start - measure(after);
      if (gain <= leastGain || isGraver(before.cost, after.cost)) continue;
      const { zoneId, side } = target;
      found.push({ gain, move: { thingId, zoneId, side, before, after, placements: next } });
    }
  }
  found.sort((a, b) => b.gain - a.gain || compareCost(a.move.after.cost, b.move.after.cost));
  // The best move of each thing is enough.
  const seen = new Set<string>();
  return found
    .map((f) => f.move)
    .filter((m) => !seen.has(m.thingId) && seen.add(m.thingId) !== undefined)
    .slice(0, most);
}
/**
 * Where else a thing could be: for each other zone that takes it, the best side, by the planner's own order of tiers; the
 * runner-up first.
 *
 * @param most how many to return
 */
export function alternatives(
  problem: StowProblem,
  placements: readonly Placement[],
  thingId: string,
  most: number,
): readonly StowMove[] {
  const from = exact(problem, placements);
  const thing = problem.things.find((t) => t.thing.id === thingId)?.thing;
  const here = from.find((p) => p.thingId === thingId)?.zoneId;
  if (thing === undefined || here === undefined) return [];
  const able = new Set(zonesThatTake(thing, problem.pack).map((z) => z.id));
  const before = stateOf(problem, from);
  const put = placer(problem, from, thingId);
  const byZone = new Map<string, StowMove>();
  for (const target of targets(problem, false)) {
    const { zoneId, side } = target;
    if (zoneId === here || !able.has(zoneId)) continue;
    const next = put(target);
    const after = stateOf(problem, next);
    const best = byZone.get(zoneId);
    if (best !== undefined && compareCost(after.cost, best.after.cost) >= 0) continue;
    byZone.set(zoneId, { thingId, zoneId, side, before, after, placements: next });
  }
  return [...byZone.values()].sort((a, b) => compareCost(a.after.cost, b.after.cost)).slice(0, most);
}

/** The best place for a thing that has none yet: by the planner's own order of tiers; undefined when the pack takes it nowhere. */
export function bestPlace(
  problem: StowProblem,
  placements: readonly Placement[],
  thingId: string,
): { readonly placements: readonly Placement[]; readonly state: StowState } | undefined {
  const put = placer(problem, exact(problem, placements), thingId);
  let best: { readonly placements: readonly Placement[]; readonly state: StowState } | undefined;
  for (const target of targets(problem, false)) {
    const next = put(target);
    const state = stateOf(problem, next);
    if (best === undefined || compareCost(state.cost, best.state.cost) < 0)
      best = { placements: next, state };
  }
  return best;
}

/** Gains below this are rounding. */
const LEAST_GAIN = 1e-6;

/** Whether the rules say that a thing never rides in a zone: nobody is told to put it there. */
function isForbidden({ things, pack, house }: StowProblem, thingId: string, zoneId: string): boolean {
  const own = things.find((t) => t.thing.id === thingId);
  const zone = pack.zones.find((z) => z.id === zoneId);
  if (own === undefined || zone === undefined) return true;
  return placementVerdict(own.thing, zone, house, pack).level === 'never';
}

/** More is left out or unsafe, or something is deeper than it was with nothing less left out or unsafe for it. */
function isGraver(before: StowCost, after: StowCost): boolean {
  const out = after.misfit - before.misfit;
  const unsafe = after.safety - before.safety;
  if (out > 1e-6 || unsafe > 0) return true;
  return after.tooDeep > before.tooDeep && out > -1e-6 && unsafe === 0;
}

/** How a stow is weighed when any improvement will do: the tiers of the planner in one number. */
export function byTheWhole({ cost, centre }: StowState): number {
  return (
    1000 * cost.misfit +
    300 * cost.safety +
    80 * cost.tooDeep +
    20 * cost.bandMissCm +
    10 * Math.abs(centre.x) +
    3 * cost.voidPercent +
    comfortOf(cost)
  );
}

const MOST_HEAVY = 8;

/**
 * The cheapest single move that cures a finding, or helps most towards it; undefined when no single move does.
 *
 * Findings on things move the first of them; findings on the balance and on hollows try the heaviest things.
 */
export function cureOf(
  problem: StowProblem,
  placements: readonly Placement[],
  finding: Finding,
): StowMove | undefined {
  const heavy = [...problem.things]
    .sort((a, b) => b.massKg - a.massKg)
    .slice(0, MOST_HEAVY)
    .map((t) => t.thing.id);
  const measure = MEASURES[finding.ruleId] ?? byTheWhole;
  const things = finding.thingIds.length > 0 ? finding.thingIds : heavy;
  return bestMoves(problem, placements, measure, things, 1)[0];
}

const MEASURES: Readonly<Record<string, (state: StowState) => number>> = {
  height: ({ cost, centre }) => cost.bandMissCm + 0.1 * Math.abs(centre.x),
  'even-sides': ({ centre, cost }) => Math.abs(centre.x) + 0.1 * cost.bandMissCm,
  'no-hollows': ({ cost }) => cost.voidPercent,
};
