/**
 * The stow planner measured on three reference loads by three packing schools, beside heaviest-first and random order
 * in the same run: what fits, what is broken, the centre of gravity against its bounds, what it does to the body; then
 * a party's packs on two cores, and what a drag costs.
 */
import { readFile } from 'node:fs/promises';
import { join } from 'node:path';
import { ROOT } from './paths.mjs';
import { sharedOut } from './workers.mjs';

const CORE = join(ROOT, 'packages/core/dist');
const row = (...cells) =>
  process.stdout.write(`${cells.map((c, i) => (i === 0 ? c.padEnd(34) : c.padStart(9))).join('')}\n`);
const part = (list, share) => [...list].sort((a, b) => a - b)[Math.floor(list.length * share)];

/**
 * @param core the compiled core
 * @param seed of the planner
 */
export async function benchStow(core, seed) {
  const { STOW_LOADS, stowLoadTrip } = await import(join(CORE, 'testing/stowLoads.js'));
  process.stdout.write(
    '\nstow: reference loads × schools; band: the heavy half outside it by, cm; heavy, centre: heights of the heavy half and of the whole, cm; out: above its bound under the same split, cm; joint: 60 per cm out and 120 per cm outside the band, above its bound; usable: all in and safe after\n',
  );
  row(
    '',
    'L out',
    'safety',
    'access',
    'band',
    'heavy',
    'centre',
    'aside',
    'out',
    'joint',
    'voids %',
    'lean',
    'sway',
    'usable',
    's',
  );
  const spent = [];
  for (const load of STOW_LOADS) {
    for (const school of core.PACKING_SCHOOL_IDS) {
      const trip = stowLoadTrip(load, school);
      const problem = core.stowProblem(trip, 'wearer', 1);
      const measure = (name, make) => {
        const started = performance.now();
        let usable = '-';
        const placements = make((cost) => {
          if (usable === '-' && cost.misfit < 1e-6 && cost.safety === 0)
            usable = ((performance.now() - started) / 1000).toFixed(1);
        });
        const seconds = (performance.now() - started) / 1000;
        const a = core.assess(problem, placements);
        const count = (severity) => a.findings.filter((f) => f.severity === severity).length;
        const body = core.bodyLoad(trip.members[0], a.massKg, a.centreOfGravityCm);
        row(
          `${load.name} ${school} ${name}`,
          a.layout.compartments.reduce((sum, c) => sum + c.overflowL, 0).toFixed(1),
          String(count('safety')),
          String(count('access')),
          a.bandMissCm.toFixed(1),
          a.heavyCm.toFixed(1),
          a.centreOfGravityCm.z.toFixed(1),
          a.centreOfGravityCm.x.toFixed(2),
          (a.centreOfGravityCm.y - core.leastOutCm(problem, a)).toFixed(2),
          (core.jointFigure(a.centreOfGravityCm.y, a.bandMissCm) - core.jointBound(problem, a)).toFixed(0),
          (100 * a.main.voidShare).toFixed(1),
          body.leanDeg.toFixed(1),
          body.swayNm.toFixed(1),
          usable,
          seconds.toFixed(1),
        );
        return placements;
      };
      const planned = measure(
        'planned',
        (tell) =>
          core.planStow(trip, 'wearer', { seed, onProgress: ({ best }) => tell(best.cost) }).stow.placements,
      );
      measure('heaviest first', () => firstFit(core, problem, (a, b) => b.massKg - a.massKg));
      let state = seed + 1;
      const random = () => (state = (state * 1664525 + 1013904223) % 2 ** 32) / 2 ** 32;
      const rank = new Map(problem.things.map((t) => [t, random()]));
      measure('random order', () => firstFit(core, problem, (a, b) => rank.get(a) - rank.get(b)));
      for (let k = 0; k < 20; k += 1) {
        const started = performance.now();
        core.assess(problem, planned);
        spent.push(performance.now() - started);
      }
    }
  }
  process.stdout.write(
    `\na stow assessed anew, as on every step of a drag: ${part(spent, 0.5).toFixed(1)} ms median, ${part(spent, 0.95).toFixed(1)} in 95 of 100, ${Math.max(...spent).toFixed(1)} at most\n`,
  );
  await benchParty(core, seed);
}

/** The packs of the census, each core with a worker of its own that takes the next pack. */
async function benchParty(core, seed) {
  const text = await readFile(join(ROOT, 'data/demo/corvane-census.graft.json'), 'utf8');
  const trip = core.parseTripFile(text);
  const members = trip.members.map((m) => m.id);
  const started = performance.now();
  const planned = await sharedOut(
    new URL('./stowWorker.mjs', import.meta.url),
    { core: CORE, trip, seed },
    members,
  );
  const misfits = planned.filter(({ answer: cost }) => cost.misfit > 1e-6 || cost.safety > 0);
  const seconds = (performance.now() - started) / 1000;
  process.stdout.write(
    `the census, ${members.length} packs on two cores: ${seconds.toFixed(1)} s; ${misfits.length} with something left out or unsafe\n`,
  );
}

/** Thing after thing into the first zone that has room for its volume. */
function firstFit(core, problem, order) {
  const left = new Map(problem.pack.zones.map((z) => [z.id, z.volumeL]));
  const placements = [...problem.things].sort(order).map((t) => {
    const litres = t.volumeL[problem.day - 1];
    const zone = problem.pack.zones.find((z) => left.get(z.id) >= litres) ?? problem.pack.zones[0];
    left.set(zone.id, left.get(zone.id) - litres);
    return { thingId: t.thing.id, zoneId: zone.id, side: 'centre', pinned: false };
  });
  return core.exact(problem, placements);
}
