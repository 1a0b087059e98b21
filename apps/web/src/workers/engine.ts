/** The engines in a worker of their own, so that the page stays live; stopping keeps the best answer so far. */
import { proxy, wrap } from 'comlink';
import type {
  Misfit,
  ReshareAim,
  ReshareResult,
  ShareProgress,
  ShareResult,
  SolvedShare,
  Stow,
  Trip,
} from '@graft/core';
import type { Engine } from './engine.worker';
import { raced, type Run } from './run';

/** What the worker is for, should it fail. */
const WHAT = 'planning';

function startWorker(): Worker {
  return new Worker(new URL('./engine.worker.ts', import.meta.url), { type: 'module' });
}

/**
 * Share a trip out.
 *
 * @param levelGive how much of the largest ratio evener days may take back
 * @param onProgress how far it is, from 0 to 1, and the largest ratio of the best share so far; silent once it is over
 * @returns the result; after `stop`, the best share so far, or undefined when there is none yet
 */
export function runShare(
  trip: Trip,
  seed: number,
  levelGive: number,
  onProgress: (done: number, largestRatio: number) => void,
): Run<ShareResult | undefined> {
  const worker = startWorker();
  const over = { now: false };
  let best: SolvedShare | undefined;
  const heard = proxy((progress: ShareProgress) => {
    if (over.now) return;
    best = progress.best;
    onProgress(progress.done, progress.best.score.largestRatio);
  });
  return raced<ShareResult | undefined>(
    worker,
    WHAT,
    wrap<Engine>(worker).share(trip, seed, levelGive, heard),
    () => best,
    over,
  );
}

/** Find the fewest handovers from a day on; after `stop`, nothing. */
export function runReshare(
  trip: Trip,
  day: number,
  aim: ReshareAim,
  seed: number,
): Run<ReshareResult | undefined> {
  const worker = startWorker();
  const work = wrap<Engine>(worker).reshare(trip, day, aim, seed);
  return raced<ReshareResult | undefined>(worker, WHAT, work, () => undefined);
}

/** Find what keeps the pieces from fitting, and cures; nothing when they fit, or after `stop`. */
export function runMisfit(
  trip: Trip,
  seed: number,
  onProgress: (done: number) => void,
): Run<Misfit | undefined> {
  const worker = startWorker();
  const over = { now: false };
  const heard = proxy((done: number) => {
    if (!over.now) onProgress(done);
  });
  const work = wrap<Engine>(worker).misfit(trip, seed, heard);
  return raced<Misfit | undefined>(worker, WHAT, work, () => undefined, over);
}

/**
 * Plan packs one after another.
 *
 * @param onStow each stow as it is ready; silent once the run is over
 * @returns when all are planned, or after `stop`
 */
export function runStows(
  trip: Trip,
  memberIds: readonly string[],
  seed: number,
  onStow: (stow: Stow) => void,
): Run<void> {
  const worker = startWorker();
  const over = { now: false };
  const engine = wrap<Engine>(worker);
  const all = async (): Promise<void> => {
    for (const memberId of memberIds) {
      const stow = await engine.stow(trip, memberId, seed);
      if (over.now) return;
      onStow(stow);
    }
  };
  return raced(worker, WHAT, all(), () => undefined, over);
}
