/** The engines in a worker of their own, so that the page stays live; stopping keeps the best answer so far. */
import { proxy, wrap } from 'comlink';
import type { ShareResult, SolvedShare, Stow, Trip } from '@graft/core';
import type { Engine } from './engine.worker';

export interface Run<T> {
  readonly result: Promise<T>;
  readonly stop: () => void;
}

function startWorker(): Worker {
  return new Worker(new URL('./engine.worker.ts', import.meta.url), { type: 'module' });
}

/** A worker that failed to load or threw outside a call would otherwise leave its caller waiting for ever. */
function failure(worker: Worker): Promise<never> {
  return new Promise((_resolve, reject) => {
    worker.addEventListener('error', (event) =>
      reject(new Error(event.message || 'The planning worker could not be started.')),
    );
  });
}

/**
 * Share a trip out.
 *
 * @param onProgress how far it is, from 0 to 1, and the largest ratio of the best share so far
 * @returns the result; after `stop`, the best share so far, or undefined when there is none yet
 */
export function runShare(
  trip: Trip,
  seed: number,
  onProgress: (done: number, largestRatio: number) => void,
): Run<ShareResult | undefined> {
  const worker = startWorker();
  let best: SolvedShare | undefined;
  let stopped: () => void = () => undefined;
  const stop = new Promise<ShareResult | undefined>((resolve) => (stopped = () => resolve(best)));
  const answer = wrap<Engine>(worker).share(
    trip,
    seed,
    proxy((progress) => {
      best = progress.best;
      onProgress(progress.done, progress.best.score.largestRatio);
    }),
  );
  return {
    result: Promise.race([answer, stop, failure(worker)]).finally(() => worker.terminate()),
    stop: () => stopped(),
  };
}

/**
 * Plan packs one after another.
 *
 * @param onStow each stow as it is ready
 * @returns when all are planned, or after `stop`
 */
export function runStows(
  trip: Trip,
  memberIds: readonly string[],
  seed: number,
  onStow: (stow: Stow) => void,
): Run<void> {
  const worker = startWorker();
  const engine = wrap<Engine>(worker);
  let stopped: () => void = () => undefined;
  const stop = new Promise<void>((resolve) => (stopped = resolve));
  const all = async (): Promise<void> => {
    for (const memberId of memberIds) onStow(await engine.stow(trip, memberId, seed));
  };
  return {
    result: Promise.race([all(), stop, failure(worker)]).finally(() => worker.terminate()),
    stop: () => stopped(),
  };
}
