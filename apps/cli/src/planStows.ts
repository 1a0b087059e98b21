/** All packs of a trip, planned side by side. Each is the same whatever is planned beside it. */
import { availableParallelism } from 'node:os';
import { fileURLToPath } from 'node:url';
import { Worker } from 'node:worker_threads';
import { adoptStow, type Stow, type Trip } from '@graft/core/trip';

export interface StowWork {
  readonly seed: number;
  readonly effort: number;
}

const PROGRAM = fileURLToPath(new URL('./stowWorker.js', import.meta.url));

/** @param told is told how many are done */
export async function planStows(trip: Trip, work: StowWork, told: (done: number) => void): Promise<Trip> {
  const stows = new Map<string, Stow>();
  const waiting = trip.members.map((m) => m.id);
  const workers = Array.from(
    { length: Math.min(availableParallelism(), waiting.length) },
    () => new Worker(PROGRAM, { workerData: { ...work, trip } }),
  );
  try {
    await Promise.all(
      workers.map(
        (worker) =>
          new Promise<void>((resolve, reject) => {
            let memberId = waiting.shift();
            const next = (): void => (memberId === undefined ? resolve() : worker.postMessage(memberId));
            worker.on('message', (stow: Stow) => {
              stows.set(memberId!, stow);
              told(stows.size);
              memberId = waiting.shift();
              next();
            });
            worker.on('error', reject);
            next();
          }),
      ),
    );
  } finally {
    await Promise.all(workers.map((worker) => worker.terminate()));
  }
  return trip.members.reduce((now, member) => adoptStow(now, stows.get(member.id)!), trip);
}
