/** Proofs by integer programs, in a worker of their own that is fetched when first asked for. */
import { wrap } from 'comlink';
import type { Move, ReshareAim } from '@graft/core/share';
import type { Trip } from '@graft/core/trip';
import { raced, type Run } from './run';
import type { Solver } from './solver.worker';

/** How long a proof may take before the number stands as found, not proven. */
const PROOF_SECONDS = 60;

function asked<T>(ask: (solver: ReturnType<typeof wrap<Solver>>) => Promise<T>): Run<T | undefined> {
  const worker = new Worker(new URL('./solver.worker.ts', import.meta.url), { type: 'module' });
  return raced<T | undefined>(worker, 'proving', ask(wrap<Solver>(worker)), () => undefined);
}

/** The proven fewest handovers for an aim. */
export function runFewest(
  trip: Trip,
  day: number,
  aim: ReshareAim,
  reached: readonly number[],
): Run<readonly Move[] | undefined> {
  return asked((solver) => solver.fewest(trip, day, aim, reached, PROOF_SECONDS));
}
