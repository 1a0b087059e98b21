/**
 * The stow planner measured on three reference loads by three packing schools, beside heaviest-first and random order
 * in the same run: what fits, what is broken, the centre of gravity against its bound, what it does to the body.
 */
import { join } from 'node:path';
import { ROOT } from './paths.mjs';

const row = (...cells) =>
  process.stdout.write(`${cells.map((c, i) => (i === 0 ? c.padEnd(34) : c.padStart(9))).join('')}\n`);

/**
 * @param core the compiled core
 * @param seed of the planner
 */
export async function benchStow(core, seed) {
  const { STOW_LOADS, stowLoadTrip } = await import(join(ROOT, 'packages/core/dist/testing/stowLoads.js'));
  process.stdout.write(
    '\nstow: reference loads × schools; out: centre of gravity above its bound under the same split, cm\n',
  );
  row('', 'L out', 'safety', 'too deep', 'band, cm', 'aside', 'out', 'voids %', 'lean', 'sway', 's');
  for (const load of STOW_LOADS) {
    for (const school of ['high', 'middle', 'low']) {
      const trip = stowLoadTrip(load, school);
      const problem = core.stowProblem(trip, 'wearer', 1);
      const measure = (name, make) => {
        const started = performance.now();
        const placements = make();
        const seconds = (performance.now() - started) / 1000;
        const a = core.assess(problem, placements);
        const { y, x } = a.centreOfGravityCm;
        const bounds = core.stowBounds(problem, a);
        const body = core.bodyLoad(trip.members[0], a.massKg, a.centreOfGravityCm);
        const count = (severity) => a.findings.filter((f) => f.severity === severity).length;
        row(
          `${load.name} ${school} ${name}`,
          a.layout.compartments.reduce((sum, c) => sum + c.overflowL, 0).toFixed(1),
          String(count('safety')),
          String(count('access')),
          a.bandMissCm.toFixed(1),
          x.toFixed(2),
          (y - bounds.leastOutCm).toFixed(2),
          (100 * a.main.voidShare).toFixed(1),
          body.leanDeg.toFixed(1),
          body.swayNm.toFixed(1),
          seconds.toFixed(1),
        );
      };
      measure('planned', () => core.planStow(trip, 'wearer', { seed }).stow.placements);
      measure('heaviest first', () => firstFit(core, problem, (a, b) => b.massKg - a.massKg));
      let state = seed + 1;
      const random = () => (state = (state * 1664525 + 1013904223) % 2 ** 32) / 2 ** 32;
      const rank = new Map(problem.things.map((t) => [t, random()]));
      measure('random order', () => firstFit(core, problem, (a, b) => rank.get(a) - rank.get(b)));
    }
  }
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
