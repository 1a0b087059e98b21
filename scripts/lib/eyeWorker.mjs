/** Plans all packs of a trip or a random party in a thread of its own and looks at them with an experienced eye. */
import { join } from 'node:path';
import { parentPort, workerData } from 'node:worker_threads';

const { core, seed, effort } = workerData;
const from = (file) => import(join(core, file));
const { parseTripFile } = await from('formats/index.js');
const { shareProblem, solveShare } = await from('share/index.js');
const { planStow, stowOnDay, stowProblem } = await from('stow/index.js');
const { isNoPack, packOf } = await from('trip/index.js');
const { objections, seenPack } = await from('testing/packersEye/index.js');
const { randomParty } = await from('testing/randomParty.js');

function shared(trip) {
  const solved = solveShare(shareProblem(trip), { seed, iterations: 20_000 });
  return solved.kind === 'solved' ? { ...trip, share: solved.share } : trip;
}

function lookAt(trip, member) {
  const { placements } = planStow(trip, member.id, { seed, effort }).stow;
  return {
    pack: `${trip.name}, ${member.name}, ${packOf(trip, member).name}`,
    days: trip.legs.map((_leg, i) => {
      const day = i + 1;
      const on = stowOnDay(stowProblem(trip, member.id, day), placements).placements;
      return objections(seenPack(trip, member.id, day, on)).map((o) => ({ ...o, day }));
    }),
  };
}

parentPort.on('message', ({ text, party }) => {
  const trip = text === undefined ? randomParty(party) : shared(parseTripFile(text));
  const walking = trip.members.filter((m) => !isNoPack(packOf(trip, m)));
  parentPort.postMessage(walking.map((m) => lookAt(trip, m)));
});
