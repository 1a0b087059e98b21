import { failure } from './failure';

/** Long work in a worker, and the way to end it. */
export interface Run<T> {
  readonly result: Promise<T>;
  readonly stop: () => void;
}

/**
 * End a run when its work is done, it is stopped, or its worker fails: whichever is first.
 *
 * @param what the worker is for, in the message of its failure
 * @param over is told when the run has ended: what the worker still says after that is not heard, for progress comes by
 *   another channel than the result and may arrive behind it
 */
export function raced<T>(
  worker: Worker,
  what: string,
  work: Promise<T>,
  onStop: () => T,
  over: { now: boolean } = { now: false },
): Run<T> {
  let stop: () => void = () => undefined;
  const stopped = new Promise<T>((resolve) => (stop = () => resolve(onStop())));
  const result = Promise.race([work, stopped, failure(worker, what)]).finally(() => {
    over.now = true;
    worker.terminate();
  });
  return { result, stop: () => stop() };
}

/** Several runs as one: done when all are, stopped together; when one fails the others are of no use and are stopped. */
export function allRuns<T>(runs: readonly Run<T>[]): Run<readonly T[]> {
  const stop = (): void => {
    for (const run of runs) run.stop();
  };
  return {
    result: Promise.all(runs.map((run) => run.result)).catch((error: unknown) => {
      stop();
      throw error;
    }),
    stop,
  };
}

/** A run with something made of its result. */
export function mapRun<T, U>(run: Run<T>, make: (result: T) => U): Run<U> {
  return { result: run.result.then(make), stop: run.stop };
}
