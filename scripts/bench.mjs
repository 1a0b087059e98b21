/**
 * npm run bench -- [share|stow] [--seed N]: how good the engines are, as ratios against a bound or a reference that
 * runs beside them. Times are shown as multiples of the reference, never asserted.
 */
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { parseArgs } from 'node:util';
import { ensureBuilt } from './lib/build.mjs';
import { ensureNodePackages } from './lib/install.mjs';
import { ROOT } from './lib/paths.mjs';
import { main, Refusal } from './lib/run.mjs';

const BENCHES = ['share', 'stow'];
const timed = (work) => {
  const started = performance.now();
  return { result: work(), ms: performance.now() - started };
};
const row = (...cells) =>
  process.stdout.write(`${cells.map((c, i) => (i === 0 ? c.padEnd(18) : c.padStart(17))).join('')}\n`);
const percent = (ratio) => `${(100 * ratio).toFixed(2)} %`;

await main(async () => {
  const { positionals, values } = parseArgs({
    allowPositionals: true,
    options: { seed: { type: 'string', default: '1' } },
  });
  const seed = Number(values.seed);
  if (!Number.isInteger(seed) || seed < 0)
    throw new Refusal(`--seed: expected a whole number from 0, got "${values.seed}"`, 2);
  const odd = positionals.find((p) => !BENCHES.includes(p));
  if (odd !== undefined) throw new Refusal(`expected ${BENCHES.join(' or ')}, got "${odd}"`, 2);
  await ensureNodePackages();
  await ensureBuilt();
  const core = await import(join(ROOT, 'packages/core/dist/index.js'));
  const folder = join(ROOT, 'data/demo');
  const trips = readdirSync(folder).map((file) =>
    core.parseTripFile(readFileSync(join(folder, file), 'utf8')),
  );
  const wants = (name) => positionals.length === 0 || positionals.includes(name);

  if (wants('share')) {
    process.stdout.write('\nshare: largest load ratio above the bound; reference: heaviest piece first\n');
    row('trip', 'solver', 'reference', 'time, × reference');
    for (const trip of trips) {
      const problem = core.shareProblem(trip);
      const reference = timed(() => core.solveShare(problem, { seed, iterations: 0 }));
      const solver = timed(() => core.solveShare(problem, { seed }));
      row(
        trip.id,
        percent(solver.result.gap),
        percent(reference.result.gap),
        (solver.ms / reference.ms).toFixed(0),
      );
    }
  }
  if (wants('stow')) {
    process.stdout.write(
      '\nstow: packs with nothing misplaced and the centre of gravity in its band; mean distance out, cm;\n',
    );
    process.stdout.write('reference: biggest thing first, each to the best place left\n');
    row('trip', 'planner', 'reference', 'out', 'reference out', 'time, × reference');
    for (const trip of trips) {
      const share = core.solveShare(core.shareProblem(trip), { seed });
      const shared = core.replaceShare(trip, share.share);
      const run = (options) =>
        timed(() =>
          shared.members.map((m) => {
            const { stow, cost } = core.planStow({ ...shared, stows: [] }, m.id, options);
            const { centreOfGravityCm } = core.assessStow(
              shared,
              m.id,
              core.planningDay(shared, m.id),
              stow.placements,
            );
            const good = cost.misfit <= 0 && cost.safety === 0 && cost.tooDeep === 0 && cost.bandMissCm === 0;
            return { good, out: centreOfGravityCm.y };
          }),
        );
      const reference = run({ seed, iterations: 0 });
      const planner = run({ seed });
      const good = ({ result }) => `${result.filter((r) => r.good).length} of ${result.length}`;
      const out = ({ result }) => (result.reduce((sum, r) => sum + r.out, 0) / result.length).toFixed(2);
      row(
        trip.id,
        good(planner),
        good(reference),
        out(planner),
        out(reference),
        (planner.ms / reference.ms).toFixed(0),
      );
    }
  }
});
