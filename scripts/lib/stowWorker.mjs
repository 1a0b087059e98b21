/** Plans packs of a trip in a thread of its own: a member's id comes in, the plan's cost goes out. */
import { join } from 'node:path';
import { parentPort, workerData } from 'node:worker_threads';

const { core, trip, seed } = workerData;
const { costOfStow, planningDay, planStow, stowProblem } = await import(join(core, 'stow/index.js'));
parentPort.on('message', (memberId) => {
  const { placements } = planStow(trip, memberId, { seed }).stow;
  parentPort.postMessage(costOfStow(stowProblem(trip, memberId, planningDay(trip, memberId)), placements));
});
