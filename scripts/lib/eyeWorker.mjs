/** Plans all packs of a trip or a random party in a thread of its own and looks at them with an experienced eye. */
import { join } from 'node:path';
import { parentPort, workerData } from 'node:worker_threads';

const { core, seed, effort } = workerData;
const from = (file) => import(join(core, file));
const { parseTripFile } = await from('formats/index.js');
const { shareProblem, solveShare } = await from('share/index.js');
const { planWholeStow, planStow, planningDay, stowOnDay, stowProblem } = await from('stow/index.js');
const { isNoPack, packOf } = await from('trip/index.js');
const { objections, seenPack } = await from('testing/packersEye/index.js');
const { randomParty } = await from('testing/randomParty.js');

function shared(trip) {
  const solved = solveShare(shareProblem(trip), { seed, iterations: 20_000 });
  return solved.kind === 'solved' ? { ...trip, share: solved.share } : trip;
}

function lookAt(trip, member, everyDay) {
  const plan = (everyDay ? planWholeStow : planStow)(trip, member.id, { seed, effort });
  const placements = everyDay ? plan.placements : plan.stow.placements;
  const days = everyDay ? trip.legs.map((_l, i) => i + 1) : [planningDay(trip, member.id)];
  return {
    pack: `${trip.name}, ${member.name}, ${packOf(trip, member).name}`,
    days: days.map((day) => {
      const on = everyDay ? stowOnDay(stowProblem(trip, member.id, day), placements).placements : placements;
      return objections(seenPack(trip, member.id, day, on)).map((o) => ({ ...o, day }));
    }),
  };
}

parentPort.on('message', ({ text, party }) => {
  const trip = text === undefined ? randomParty(party) : shared(parseTripFile(text));
  const walking = trip.members.filter((m) => !isNoPack(packOf(trip, m)));
  parentPort.postMessage(walking.map((m) => lookAt(trip, m, text !== undefined)));
});
