/**
 * npm run test:cluster: Graft's servers on one, two and three nodes of a Galera cluster, on this machine's loopback: edits
 * and ticks a second; then a node is killed under load and comes back. Not part of the normal tests.
 */
import { strict as assert } from 'node:assert';
import { chmodSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setTimeout as sleep } from 'node:timers/promises';
import { ensureBuilt } from './lib/build.mjs';
import { sizeSeen, startCluster, until } from './lib/galera.mjs';
import { ensureNodePackages } from './lib/install.mjs';
import { call, leaderAt, lost, percentile, underLoad } from './lib/load.mjs';
import { freePort } from './lib/processes.mjs';
import { main, say } from './lib/run.mjs';
import { startServer } from './lib/serverProcess.mjs';

const LEADERS = 20;
const MEASURE_MS = 15_000;
const KILL_AFTER_MS = 5_000;
const CONFLICTS = 100;
/** How long service may be away after a node was killed, as the issue of many machines promises. */
const MOST_AWAY_MS = 10_000;

async function serverAt(databaseUrl) {
  const port = await freePort();
  const stop = await startServer({
    ...process.env,
    NODE_ENV: 'production',
    GRAFT_DATABASE_URL: databaseUrl,
    GRAFT_PORT: String(port),
  });
  return { url: `http://127.0.0.1:${port}`, stop };
}

async function measure(count, folder) {
  const cluster = await startCluster(folder, count);
  const servers = [];
  try {
    // One after the other: the first brings the tables up to date.
    for (const node of cluster.nodes) servers.push(await serverAt(node.url));
    const urls = servers.map((server) => server.url);
    const leaders = [];
    for (let i = 0; i < LEADERS; i += 1) leaders.push(await leaderAt(urls[i % urls.length]));
    const load = (forMs) =>
      underLoad(urls, leaders, { untilMs: Date.now() + forMs, ticksPerS: 400, pauseMs: 0 });
    const { edits, ticks } = await load(MEASURE_MS);
    const perS = (list) => Math.round((list.length * 1000) / MEASURE_MS);
    say(
      `${count} ${count === 1 ? 'node' : 'nodes'}: ${perS(edits)} edits and ${perS(ticks)} ticks a second; p95 of an edit ${Math.round(percentile(edits, 95))} ms, of a tick ${Math.round(percentile(ticks, 95))} ms`,
    );
    assert.deepEqual(await lost(urls[0], leaders), []);
    if (count > 1) await conflicts(urls, leaders[0]);
    if (count > 1) await killUnderLoad(cluster, urls, leaders, load);
  } finally {
    for (const server of servers) await server.stop();
    await cluster.stop();
    rmSync(folder, { recursive: true, force: true });
  }
}

/** Who edits the same trip at several nodes at once: one of them is first, and the others are told so. */
async function conflicts(urls, leader) {
  const counts = new Map();
  for (let round = 0; round < CONFLICTS; round += 1) {
    const { version } = JSON.parse(
      (await call(urls[0], `/api/trips/${leader.id}`, { headers: leader.headers })).text,
    );
    const answers = await Promise.all(
      urls.map((url, i) =>
        call(url, `/api/trips/${leader.id}/edits`, {
          method: 'POST',
          headers: leader.headers,
          body: JSON.stringify({
            version,
            edits: [{ kind: 'set', field: 'notes', value: `round ${round} at ${i}` }],
          }),
        }),
      ),
    );
    for (const { status } of answers) counts.set(status, (counts.get(status) ?? 0) + 1);
    leader.version = leader.acknowledged = version + 1;
  }
  say(
    `${CONFLICTS} times the same trip at ${urls.length} nodes at once: ${[...counts].map(([status, n]) => `${status}: ${n}`).join(', ')}`,
  );
  assert.equal(counts.get(200), CONFLICTS);
  assert.equal(counts.get(409), CONFLICTS * (urls.length - 1));
}

async function killUnderLoad(cluster, urls, leaders, load) {
  const victim = cluster.nodes[1];
  const loading = load(KILL_AFTER_MS + 20_000);
  await sleep(KILL_AFTER_MS);
  await cluster.kill(victim);
  const { edits, ticks, refused, gaps } = await loading;
  const away = Math.max(...gaps);
  say(
    `a node of ${cluster.nodes.length} killed under load: ${edits.length} edits and ${ticks.length} ticks acknowledged, ${refused} refused and tried again; nobody was answered for ${(away / 1000).toFixed(1)} s at most`,
  );
  // Of two nodes the one that is left is no majority: it waits for the other.
  if (cluster.nodes.length > 2) assert.ok(away <= MOST_AWAY_MS, `service was away for ${away} ms`);
  await cluster.restart(victim);
  await until(async () => (await sizeSeen(victim)) === cluster.nodes.length, 'the node did not come back');
  for (const url of urls) assert.deepEqual(await lost(url, leaders), []);
  say('It came back; nothing that was acknowledged is lost, at any node.');
}

await main(async () => {
  await ensureNodePackages();
  await ensureBuilt();
  const base = mkdtempSync(join(tmpdir(), 'graft-cluster-'));
  // The nodes run as nobody where root starts them, and have to pass.
  chmodSync(base, 0o711);
  for (const count of [1, 2, 3]) await measure(count, mkdtempSync(join(base, 'of-')));
  rmSync(base, { recursive: true, force: true });
  return 0;
});
