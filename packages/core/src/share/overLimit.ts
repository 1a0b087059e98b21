/** Who is above their limit in a share, and by how much the worst of them. */
import { ratioLimitKg } from '../load/memberLoad.js';
import { FITS } from './fits.js';
import { sharedLoadKg, type Carrier, type ShareProblem } from './problem.js';
import type { SolvedShare } from './solveShare.js';

/** Days of the trip on which a carrier is above their limit in a share. */
export function overDaysOf(problem: ShareProblem, carrier: Carrier, solved: SolvedShare): readonly number[] {
  return sharedLoadKg(problem, carrier, solved.share).flatMap((kg, d) =>
    kg > carrier.limitKg[d]! + FITS ? [problem.firstDay + d] : [],
  );
}

/** Those who are above their limit on some day. */
export function overloaded(problem: ShareProblem, solved: SolvedShare): readonly Carrier[] {
  return problem.carriers.filter((c) => overDaysOf(problem, c, solved).length > 0);
}

/** The largest ratio of load and limit, and whose it is. */
export interface Worst {
  readonly name: string;
  readonly ratio: number;
}

/** @returns undefined when nobody carries anything */
export function worstOf(problem: ShareProblem, solved: SolvedShare): Worst | undefined {
  return problem.carriers
    .map((carrier): Worst => ({
      name: carrier.name,
      ratio: Math.max(
        0,
        ...sharedLoadKg(problem, carrier, solved.share).map(
          (kg, d) => kg / ratioLimitKg(carrier.limitKg[d]!),
        ),
      ),
    }))
    .reduce<Worst | undefined>((a, b) => (a === undefined || b.ratio > a.ratio ? b : a), undefined);
}
