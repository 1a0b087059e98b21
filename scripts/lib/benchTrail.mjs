/**
 * Something happens on day 3 of the demo: the fewest handovers and the stows they change, by whom it happens to and what.
 * The stow with the new things put in is set beside one that is planned anew, in the same run.
 */
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT } from './paths.mjs';

const DAY = 3;
const KINDS = [
  ['hurt', { factor: 0.5 }],
  ['tired', { factor: 0.8 }],
  ['gone', {}],
];
const row = (...cells) =>
  process.stdout.write(`${cells.map((c, i) => (i === 0 ? c.padEnd(18) : c.padStart(13))).join('')}\n`);
const seconds = (ms) => (ms / 1000).toFixed(2);

/**
 * @param core the compiled core
 * @param seed of all engines
 */
export async function benchTrail(core, seed) {
  const demo = core.parseTripFile(readFileSync(join(ROOT, 'data/demo/corvane-census.graft.json'), 'utf8'));
  const shared = core.replaceShare(demo, core.solveShare(core.shareProblem(demo), { seed }).share);
  const trip = shared.members.reduce(
    (t, m) => core.adoptStow(t, core.planStow(t, m.id, { seed }).stow),
    shared,
  );
  process.stdout.write(
    `\ntrail: day ${DAY} of ${trip.id}; handovers found and their bound; stows changed, what is left out or unsafe in them and in stows planned anew; s\n`,
  );
  row(
    '',
    'handovers',
    'at least',
    'stows',
    'wrong',
    'wrong, anew',
    're-share s',
    'stows s',
    'all s',
    'anew s',
  );
  const spent = [];
  for (const [kind, more] of KINDS) {
    for (const member of trip.members) {
      const event = { day: DAY, moment: 'morning', kind, memberId: member.id, ...more };
      const started = performance.now();
      const after = core.withEvents(core.addEvent(trip, event));
      const found = core.planReshare(after, DAY, 'withinLimits', seed);
      const reshareMs = performance.now() - started;
      if (found.kind === 'contradiction') {
        row(`${member.id} ${kind}`, 'no share keeps the rules together');
        continue;
      }
      const handovers = core.proposedHandovers(after, DAY, found.moves);
      const given = core.withHandovers(after, DAY, handovers, kind);
      const changed = core.changedPacks(after, given, DAY);
      const stows = changed.flatMap((id) => core.restow(given, id, DAY) ?? []);
      const allMs = performance.now() - started;
      const restowed = stows.reduce((t, s) => core.adoptStow(t, s.stow), given);
      const takers = stows.filter((s) => s.added.length > 0).map((s) => s.stow.memberId);
      const anewAt = performance.now();
      const anew = takers.reduce((t, id) => core.adoptStow(t, core.planStow(t, id, { seed }).stow), given);
      const anewMs = performance.now() - anewAt;
      const wrong = (t) =>
        takers.reduce((sum, id) => {
          const loads = core.loadsOverTrip(t, core.memberById(t, id)).slice(DAY - 1);
          const { day } = core.heaviestDay(loads);
          const { findings } = core.assessStow(t, id, day);
          return sum + findings.filter((f) => f.severity === 'fit' || f.severity === 'safety').length;
        }, 0);
      spent.push(allMs);
      row(
        `${member.id} ${kind}`,
        String(handovers.length),
        String(found.atLeast),
        String(changed.length),
        String(wrong(restowed)),
        String(wrong(anew)),
        seconds(reshareMs),
        seconds(allMs - reshareMs),
        seconds(allMs),
        seconds(anewMs),
      );
    }
  }
  spent.sort((a, b) => a - b);
  process.stdout.write(
    `of ${spent.length}: median ${seconds(spent[Math.floor(spent.length / 2)])} s, longest ${seconds(spent.at(-1))} s\n`,
  );
}
