/**
 * The bound that is said everywhere: on the page, by the API and on the command line. To the combinatorial one it adds what
 * mass, packs, limits and rules do together, by the relaxed program.
 */
import { ownInfeasibility, shareBound, type ShareBound } from './bound.js';
import { relaxedBound, type RelaxedBound } from './relaxedBound.js';
import type { ShareProblem } from './problem.js';

/** Of larger parties the relaxed program would take too long. */
const MOST_CARRIERS = 120;
/** What rounding may have added to a relaxed bound, relative. */
const ROUNDING = 1e-9;
/** A part of the prices' worth that is worth a word. */
const WORTH_A_WORD = 0.02;
/** No share comes to such a level: where the relaxed program does, none keeps everything. */
const NO_LEVEL = 20;

/** @param problem with at least one carrier for every bundle */
export function fullBound(problem: ShareProblem): ShareBound {
  return withRelaxed(problem, shareBound(problem));
}

/** A combinatorial bound, raised. */
export function withRelaxed(problem: ShareProblem, bound: ShareBound): ShareBound {
  const { carriers, bundles } = problem;
  if (carriers.length === 0 || carriers.length > MOST_CARRIERS) return bound;
  if (bundles.length === 0 || bundles.some((b) => b.allowed.length === 0)) return bound;
  const own = ownInfeasibility(problem);
  if (bound.infeasibility <= own + ROUNDING) {
    const relaxed = relaxedBound(problem, { kind: 'level', atLeast: bound.level });
    if (relaxed.value < NO_LEVEL) return raised(problem, bound, relaxed);
  }
  const { value } = relaxedBound(problem, { kind: 'over' });
  return { ...bound, infeasibility: Math.max(bound.infeasibility, own + value * (1 - ROUNDING)) };
}

function raised(problem: ShareProblem, bound: ShareBound, relaxed: RelaxedBound): ShareBound {
  const level = relaxed.value * (1 - ROUNDING);
  if (level <= bound.level * (1 + ROUNDING)) return bound;
  const levelReason = reasonOf(problem, relaxed);
  return {
    ...bound,
    level,
    levelReason,
    ratio: Math.max(bound.ratio, level),
    // Where somebody's own things are the largest, they stay what makes the ratio so.
    reason: level > bound.ratio ? levelReason : bound.reason,
  };
}

function reasonOf(problem: ShareProblem, { day, volumePart, apartPart }: RelaxedBound): string {
  const parts = [
    'the weight of all that is shared',
    ...(volumePart > WORTH_A_WORD ? ['the room in the packs'] : []),
    ...(apartPart > WORTH_A_WORD ? ['what must ride apart'] : []),
  ];
  const last = parts.pop()!;
  return `day ${problem.firstDay + day}: ${parts.length === 0 ? last : `${parts.join(', ')} and ${last}`} together, even if pieces could be divided`;
}
