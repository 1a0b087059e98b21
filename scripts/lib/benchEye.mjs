/**
 * What an experienced eye objects to in planned packs on every day, of the demo, the parties and random parties.
 * Every objection is listed.
 */
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT } from './paths.mjs';
import { sharedOut } from './workers.mjs';

const FOLDERS = ['demo', 'parties'];
const RANDOM_PARTIES = 60;

/**
 * @param seed of the planner
 * @param effort part of the usual moves
 */
export async function benchEye(seed, effort) {
  const trips = FOLDERS.flatMap((folder) =>
    readdirSync(join(ROOT, 'data', folder))
      .filter((file) => file.endsWith('.graft.json'))
      .map((file) => ({ text: readFileSync(join(ROOT, 'data', folder, file), 'utf8') })),
  );
  const random = Array.from({ length: RANDOM_PARTIES }, (_v, i) => ({ party: i + 1 }));
  await look('the demo and the parties', trips, seed, effort);
  await look(`${RANDOM_PARTIES} random parties`, random, seed, effort);
}

async function look(title, tasks, seed, effort) {
  const workerData = { core: join(ROOT, 'packages/core/dist'), seed, effort };
  const seen = (await sharedOut(new URL('./eyeWorker.mjs', import.meta.url), workerData, tasks)).flatMap(
    ({ answer }) => answer,
  );
  const all = seen.flatMap(({ pack, days }) => days.flatMap((d) => d.map((o) => ({ pack, ...o }))));
  const days = seen.reduce((sum, p) => sum + p.days.length, 0);
  process.stdout.write(
    `\n${title}: ${seen.length} packs, ${days} pack-days, ${all.length} objections in ${seen.filter((p) => p.days.some((d) => d.length > 0)).length} packs; worst ${Math.max(...seen.map((p) => new Set(p.days.flat().map((o) => o.what)).size))} in one\n`,
  );
  const byPack = new Map();
  for (const { pack, statement, what, day } of all) {
    const key = `${pack}: ${statement}: ${what}`;
    byPack.set(key, [...(byPack.get(key) ?? []), day]);
  }
  for (const [key, on] of [...byPack].sort()) process.stdout.write(`  ${key} (day ${on.join(', ')})\n`);
}
