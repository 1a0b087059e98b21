/** The bound of a trip's shares in a worker that stays: one trip after another is asked about. */
import { wrap, type Remote } from 'comlink';
import type { TripBound } from '@graft/core/share';
import type { Trip } from '@graft/core/trip';
import type { Bounds } from './bound.worker';
import { failure } from './failure';

export interface BoundAsker {
  /** Asks about a trip; what was asked before and is not answered yet is of no interest any more. */
  readonly ask: (trip: Trip, answer: (bound: TripBound) => void, failed: (why: string) => void) => void;
  readonly close: () => void;
}

function start() {
  const worker = new Worker(new URL('./bound.worker.ts', import.meta.url), { type: 'module' });
  const failed = failure(worker, 'bound');
  // Told to whoever asks next; asked by nobody it is no error.
  failed.catch(() => undefined);
  return { worker, bounds: wrap<Bounds>(worker), failed };
}

export function startBounds(): BoundAsker {
  let running: { worker: Worker; bounds: Remote<Bounds>; failed: Promise<never> } | undefined;
  let next: Parameters<BoundAsker['ask']> | undefined;
  let isAtWork = false;
  const end = (): void => {
    running?.worker.terminate();
    running = undefined;
  };
  const work = async (): Promise<void> => {
    isAtWork = true;
    while (next !== undefined) {
      const asked = next;
      next = undefined;
      try {
        running ??= start();
        const bound = await Promise.race([running.bounds.of(asked[0]), running.failed]);
        if (next === undefined) asked[1](bound);
      } catch (error) {
        end();
        if (next === undefined) asked[2](error instanceof Error ? error.message : String(error));
      }
    }
    isAtWork = false;
  };
  return {
    ask: (...asked) => {
      next = asked;
      if (!isAtWork) void work();
    },
    close: () => {
      next = undefined;
      end();
    },
  };
}
