/** The server killed in the middle of its work, again and again: whatever it acknowledged is there at the next start. */
import { randomBytes } from 'node:crypto';
import { once } from 'node:events';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { DataSource } from 'typeorm';
import { makeDataSource } from './database/dataSource.js';
import { IS_DEEP } from './testing/isDeep.js';
import { aMark } from './testing/marks.js';
import { OWN_HEADERS, signUpAt, startProcess, type ServerProcess } from './testing/serverProcess.js';
import { PASSWORD } from './testing/testServer.js';

const HUT = readFileSync(join(__dirname, '../../../data/demo/hut-roof.graft.json'), 'utf8');
const CYCLES = IS_DEEP ? 1000 : 5;
/** It is killed at some moment within so long. */
const WITHIN_MS = 250;

let admin: DataSource;
const name = `graft_kill_${randomBytes(6).toString('hex')}`;
const database = new URL(process.env['GRAFT_TEST_DATABASE_URL'] ?? 'mariadb://nowhere');
database.pathname = `/${name}`;
beforeAll(async () => {
  admin = await (await makeDataSource(process.env['GRAFT_TEST_DATABASE_URL']!)).initialize();
  await admin.query(`CREATE DATABASE \`${name}\``);
});
afterAll(async () => {
  await admin.query(`DROP DATABASE \`${name}\``);
  await admin.destroy();
});

async function kill({ child }: ServerProcess): Promise<void> {
  child.removeAllListeners('exit');
  const ended = once(child, 'exit');
  child.kill('SIGKILL');
  await ended;
}

test(`nothing acknowledged is lost over ${CYCLES} kills`, async () => {
  let server = await startProcess(database.href);
  // The next ones stand ready: starting takes longer than being killed.
  const ready = Array.from({ length: 2 }, () => startProcess(database.href));
  const leader = await signUpAt(server.url, 'Ilse', PASSWORD);
  const post = async (path: string, body: string, headers = leader) => {
    const answer = await fetch(`${server.url}${path}`, { method: 'POST', headers, body });
    return [answer.status, await answer.text()] as const;
  };
  const { id } = JSON.parse((await post('/api/trips/import', HUT))[1]) as { id: string };
  const { token } = JSON.parse((await post(`/api/trips/${id}/sheets/eddy/link`, ''))[1]) as { token: string };
  const told = new Set<string>();
  // The first kill may come before the first edit.
  const { notes = '' } = (JSON.parse(HUT) as { trip: { notes?: string } }).trip;
  let acknowledged = { version: 1, notes };
  for (let cycle = 1; cycle <= CYCLES; cycle += 1) {
    let isDead = false;
    /** What may be done or not: it was asked for and not answered. */
    let pending = '';
    const editing = (async () => {
      for (let n = 0; !isDead; n += 1) {
        const notes = `cycle ${cycle}, edit ${n}`;
        pending = notes;
        const edits = [{ kind: 'set', field: 'notes', value: notes }];
        const [status, text] = await post(
          `/api/trips/${id}/edits`,
          JSON.stringify({ version: acknowledged.version, edits }),
        );
        if (status !== 200) throw new Error(`an edit was answered with ${status}: ${text}`);
        acknowledged = { version: (JSON.parse(text) as { version: number }).version, notes };
      }
    })();
    const ticking = (async () => {
      while (!isDead) {
        const mark = aMark();
        const headers = { ...OWN_HEADERS, 'X-Graft-Sheet': token };
        const [status] = await post('/api/sheet/marks', JSON.stringify({ marks: [mark] }), headers);
        if (status === 200) told.add(mark.id);
      }
    })();
    await new Promise((resolve) => setTimeout(resolve, Math.random() * WITHIN_MS));
    isDead = true;
    await kill(server);
    // What was under way got no answer.
    const ends = await Promise.allSettled([editing, ticking]);
    for (const end of ends)
      if (end.status === 'rejected') expect(String(end.reason)).toMatch(/fetch failed|terminated|aborted/);
    server = await ready.shift()!;
    if (cycle + ready.length < CYCLES) ready.push(startProcess(database.href));
    const answer = await fetch(`${server.url}/api/trips/${id}`, { headers: leader });
    const stored = (await answer.json()) as { version: number; trip: { notes?: string } };
    const found = { version: stored.version, notes: stored.trip.notes ?? '' };
    if (found.version === acknowledged.version) expect(found).toEqual(acknowledged);
    // Written and not answered any more: it is the one that was asked for.
    else expect(found).toEqual({ version: acknowledged.version + 1, notes: pending });
    acknowledged = found;
  }
  const sheets = await fetch(`${server.url}/api/trips/${id}/sheets`, { headers: leader });
  const { marks } = (await sheets.json()) as { marks: Record<string, { id: string }[]> };
  const there = new Set((marks['eddy'] ?? []).map((mark) => mark.id));
  expect([...told].filter((mark) => !there.has(mark))).toEqual([]);
  const history = await fetch(`${server.url}/api/trips/${id}/history`, { headers: leader });
  const { changes } = (await history.json()) as { changes: { version: number }[] };
  expect(changes[0]!.version).toBe(acknowledged.version);
  for (const one of [server, ...(await Promise.all(ready))]) await kill(one);
}, 3_600_000);
