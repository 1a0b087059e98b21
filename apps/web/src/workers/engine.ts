/** The engines in a worker of their own, so that the page stays live; stopping keeps the best answer so far. */
import { proxy, wrap } from 'comlink';
import type { StandsOn } from '@graft/core/report';
import type {
  Misfit,
  ReshareAim,
  ReshareResult,
  ShareProgress,
  ShareResult,
  SolvedShare,
} from '@graft/core/share';
import type { Restow, RideAdvice, StowMove, Symptom } from '@graft/core/stow';
import type { Placement, Stow, Trip } from '@graft/core/trip';
import type { Engine } from './engine.worker';
import { allRuns, mapRun, raced, type Run } from './run';
import { stowEffort } from './stowEffort';

/** What the worker is for, should it fail. */
const WHAT = 'planning';

function startWorker(): Worker {
  return new Worker(new URL('./engine.worker.ts', import.meta.url), { type: 'module' });
}

/**
 * Share a trip out.
 *
 * @param levelGive how much of the largest ratio evener days may take back
 * @param otherGive asks for a second share, with another give
 * @param onProgress how far it is, from 0 to 1, and the largest ratio of the best share so far; silent once it is over
 * @returns the result; after `stop`, the best share so far, or undefined when there is none yet
 */
export function runShare(
  trip: Trip,
  seed: number,
  levelGive: number,
  onProgress: (done: number, largestRatio: number) => void,
  otherGive?: number,
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
    wrap<Engine>(worker).share(trip, seed, levelGive, otherGive, heard),
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

/** What the facts of a share are worth; nothing after `stop`. */
export function runStandsOn(trip: Trip): Run<StandsOn | undefined> {
  const worker = startWorker();
  return raced<StandsOn | undefined>(worker, WHAT, wrap<Engine>(worker).standsOn(trip), () => undefined);
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

/** How many packs are planned at once: as many as there are cores, but one for the page. */
const MOST_AT_ONCE = 4;
function atOnce(packs: number): number {
  return Math.max(1, Math.min(MOST_AT_ONCE, packs, navigator.hardwareConcurrency));
}

/**
 * Plan packs, several at once in workers of their own.
 *
 * @param onStow each stow as it is ready; when stopped, the best so far of those that were begun; silent after that
 * @param onProgress how far all of it is, 0 to 1
 * @returns when all are planned, or after `stop`
 */
export function runStows(
  trip: Trip,
  memberIds: readonly string[],
  seed: number,
  onStow: (stow: Stow) => void,
  onProgress: (done: number) => void,
): Run<void> {
  const over = { now: false };
  const parts = memberIds.map(() => 0);
  const begun = new Map<number, Stow>();
  const tell = (i: number, done: number): void => {
    parts[i] = done;
    onProgress(parts.reduce((a, b) => a + b, 0) / Math.max(1, parts.length));
  };
  let next = 0;
  const work = (worker: Worker) => async (): Promise<void> => {
    const engine = wrap<Engine>(worker);
    while (next < memberIds.length && !over.now) {
      const i = next;
      next += 1;
      const heard = proxy((done: number, best: Stow) => {
        if (over.now) return;
        begun.set(i, best);
        tell(i, done);
      });
      const stow = await engine.stow(trip, memberIds[i]!, seed, stowEffort(), heard);
      if (over.now) return;
      begun.delete(i);
      onStow(stow);
      tell(i, 1);
    }
  };
  const runs = allRuns(
    Array.from({ length: atOnce(memberIds.length) }, () => {
      const worker = startWorker();
      return raced<void>(worker, WHAT, work(worker)(), () => undefined);
    }),
  );
  return {
    result: runs.result.then(() => {
      over.now = true;
    }),
    stop: () => {
      if (over.now) return;
      over.now = true;
      // What was begun is kept as far as it has come.
      for (const stow of begun.values()) onStow(stow);
      runs.stop();
    },
  };
}

/** Stows after a handover, each thing where it was but what has come; several packs at once. After `stop`, nothing. */
export function runRestow(
  trip: Trip,
  memberIds: readonly string[],
  day: number,
): Run<readonly Restow[] | undefined> {
  const left = [...memberIds];
  const work = async (worker: Worker): Promise<readonly Restow[] | undefined> => {
    const engine = wrap<Engine>(worker);
    const stows: Restow[] = [];
    for (let id = left.shift(); id !== undefined; id = left.shift()) {
      const stow = await engine.restow(trip, id, day);
      if (stow !== undefined) stows.push(stow);
    }
    return stows;
  };
  const runs = Array.from({ length: atOnce(memberIds.length) }, () => {
    const worker = startWorker();
    return raced<readonly Restow[] | undefined>(worker, WHAT, work(worker), () => undefined);
  });
  return mapRun(allRuns(runs), (parts) =>
    parts.some((p) => p === undefined)
      ? undefined
      : parts
          .flatMap((p) => p ?? [])
          .sort((a, b) => memberIds.indexOf(a.stow.memberId) - memberIds.indexOf(b.stow.memberId)),
  );
}

/** The cheapest move against each finding of a stow, in the findings' order; nothing after `stop`. */
export function runCures(
  trip: Trip,
  memberId: string,
  day: number,
  placements: readonly Placement[],
): Run<readonly (StowMove | undefined)[] | undefined> {
  const worker = startWorker();
  return raced<readonly (StowMove | undefined)[] | undefined>(
    worker,
    WHAT,
    wrap<Engine>(worker).cures(trip, memberId, day, placements),
    () => undefined,
  );
}

/** The next best places of a thing, the runner-up first; nothing after `stop`. */
export function runAlternatives(
  trip: Trip,
  memberId: string,
  day: number,
  placements: readonly Placement[],
  thingId: string,
): Run<readonly StowMove[] | undefined> {
  const worker = startWorker();
  return raced<readonly StowMove[] | undefined>(
    worker,
    WHAT,
    wrap<Engine>(worker).alternatives(trip, memberId, day, placements, thingId),
    () => undefined,
  );
}

/** The two moves that do most for a stow on a day; nothing after `stop`. */
export function runRepack(
  trip: Trip,
  memberId: string,
  day: number,
  placements: readonly Placement[],
): Run<readonly StowMove[] | undefined> {
  const worker = startWorker();
  return raced<readonly StowMove[] | undefined>(
    worker,
    WHAT,
    wrap<Engine>(worker).repack(trip, memberId, day, placements),
    () => undefined,
  );
}

/** What likely causes a symptom in a stow, and the best moves against it; nothing after `stop`. */
export function runRide(
  trip: Trip,
  memberId: string,
  day: number,
  placements: readonly Placement[],
  symptom: Symptom,
  about: string | undefined,
): Run<RideAdvice | undefined> {
  const worker = startWorker();
  const work = wrap<Engine>(worker).ride(trip, memberId, day, placements, symptom, about);
  return raced<RideAdvice | undefined>(worker, WHAT, work, () => undefined);
}
