/** Plans one pack after another away from the main thread: as many at once as there are processors. */
import { parentPort, workerData } from 'node:worker_threads';
import { planStow } from '@graft/core/stow';
import type { Trip } from '@graft/core/trip';
import type { StowWork } from './planStows.js';

const { trip, seed, effort } = workerData as StowWork & { readonly trip: Trip };
parentPort!.on('message', (memberId: string) =>
  parentPort!.postMessage(planStow(trip, memberId, { seed, effort }).stow),
);
