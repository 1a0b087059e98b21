/** Two servers of one database, each a process of its own: what one does the other knows. */
import type { ChildProcess } from 'node:child_process';
import { randomBytes } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { DataSource } from 'typeorm';
import type { TripNews } from '@graft/core/api';
import { makeDataSource } from './database/dataSource.js';
import { aMark } from './testing/marks.js';
import { OWN_HEADERS, signUpAt, startProcess, type ServerProcess } from './testing/serverProcess.js';
import { PASSWORD } from './testing/testServer.js';

const HUT = readFileSync(join(__dirname, '../../../data/demo/hut-roof.graft.json'), 'utf8');
/** A guard against what never comes, not a measure: a machine that runs tests may be busy for seconds. */
const WITHIN_MS = 20_000;
/** By then it has come, if it comes twice. */
const SETTLED_MS = 1000;

let admin: DataSource;
const name = `graft_two_${randomBytes(6).toString('hex')}`;
const children: ChildProcess[] = [];
let a: ServerProcess;
let b: ServerProcess;
let leader: Record<string, string>;
let id = '';
beforeAll(async () => {
  admin = await (await makeDataSource(process.env['GRAFT_TEST_DATABASE_URL']!)).initialize();
  await admin.query(`CREATE DATABASE \`${name}\``);
  const database = new URL(process.env['GRAFT_TEST_DATABASE_URL']!);
  database.pathname = `/${name}`;
  // Both at once: one brings the tables up to date, the other waits for it.
  const env = { GRAFT_DEMO_DIR: join(__dirname, '../../../data/demo'), GRAFT_DEMO_COPIES: '1' };
  [a, b] = await Promise.all([startProcess(database.href, { env }), startProcess(database.href, { env })]);
  children.push(a.child, b.child);
  leader = await signUpAt(a.url, 'Ilse', PASSWORD);
  ({ id } = (await ask(b, '/api/trips/import', 'POST', HUT)) as { id: string });
}, 60_000);
afterAll(async () => {
  for (const child of children) child.kill('SIGKILL');
  await admin.query(`DROP DATABASE \`${name}\``);
  await admin.destroy();
});

async function ask(at: ServerProcess, path: string, method = 'GET', body?: string): Promise<unknown> {
  const answer = await fetch(`${at.url}${path}`, {
    method,
    headers: leader,
    ...(body === undefined ? {} : { body }),
  });
  if (answer.status >= 400) throw new Error(`${method} ${path} was answered with ${answer.status}`);
  return answer.status === 204 ? undefined : answer.json();
}
const edit = (at: ServerProcess, version: number, value: string): Promise<unknown> =>
  ask(
    at,
    `/api/trips/${id}/edits`,
    'POST',
    JSON.stringify({ version, edits: [{ kind: 'set', field: 'notes', value }] }),
  );
const tick = (at: ServerProcess, token: string, mark: object): Promise<Response> =>
  fetch(`${at.url}/api/sheet/marks`, {
    method: 'POST',
    headers: { ...OWN_HEADERS, 'X-Graft-Sheet': token },
    body: JSON.stringify({ marks: [mark] }),
  });

/** A leader's page that has the trip open at one server. */
async function stream(at: ServerProcess, headers = leader) {
  const stop = new AbortController();
  const answer = await fetch(`${at.url}/api/trips/${id}/sheets/events`, { headers, signal: stop.signal });
  const reader = answer.body!.pipeThrough(new TextDecoderStream()).getReader();
  const heard: TripNews[] = [];
  let isOpen = true;
  const listening = (async () => {
    for (let rest = ''; ;) {
      const { done, value } = await reader.read();
      if (done) break;
      const parts = (rest + value).split('\n\n');
      rest = parts.pop()!;
      for (const part of parts)
        if (part.startsWith('data: ')) heard.push(JSON.parse(part.slice(6)) as TripNews);
    }
  })()
    .catch(() => undefined)
    .finally(() => (isOpen = false));
  return {
    heard,
    isOpen: () => isOpen,
    close: async () => {
      stop.abort();
      await listening;
    },
  };
}

/** Waits until something is so. @returns after how many milliseconds */
async function until(isSo: () => boolean, atMostMs: number): Promise<number> {
  const started = Date.now();
  while (!isSo()) {
    if (Date.now() - started > atMostMs) throw new Error(`not so after ${atMostMs} ms`);
    await new Promise((resolve) => setTimeout(resolve, 10));
  }
  return Date.now() - started;
}

test('a tick, a change and a link at one server reach the page at the other, once', async () => {
  const page = await stream(a);
  const { token } = (await ask(b, `/api/trips/${id}/sheets/eddy/link`, 'POST')) as { token: string };
  await until(() => page.heard.some((n) => n.kind === 'links'), WITHIN_MS);
  const marks = Array.from({ length: 5 }, () => aMark());
  for (const mark of marks) {
    expect((await tick(b, token, mark)).status).toBe(200);
    await until(() => page.heard.some((n) => n.kind === 'marks' && n.marks[0]!.id === mark.id), WITHIN_MS);
  }
  // The one at the page's own server is told once, not again when it is found in the database.
  const own = aMark();
  expect((await tick(a, token, own)).status).toBe(200);
  await edit(b, 1, 'from the other');
  await until(() => page.heard.some((n) => n.kind === 'changed' && n.version === 2), WITHIN_MS);
  await edit(a, 2, 'from its own');
  await edit(b, 3, 'again');
  await until(() => page.heard.some((n) => n.kind === 'changed' && n.version === 4), WITHIN_MS);
  await new Promise((resolve) => setTimeout(resolve, SETTLED_MS));
  const told = page.heard.flatMap((n) => (n.kind === 'marks' ? n.marks.map((m) => m.id) : []));
  expect(told.sort()).toEqual([...marks, own].map((m) => m.id).sort());
  const changes = page.heard.flatMap((n) => (n.kind === 'changed' ? [n] : []));
  expect(changes.map((n) => [n.version, n.by, n.what])).toEqual(
    [2, 3, 4].map((version) => [version, 'Ilse', 'notes']),
  );
  await page.close();
}, 60_000);

test('a page that is opened again at once is told what the other server does', async () => {
  const { token } = (await ask(b, `/api/trips/${id}/sheets/eddy/link`, 'POST')) as { token: string };
  for (let n = 0; n < 6; n += 1) {
    await (await stream(a)).close();
    // Whenever the server looks between two pages.
    await new Promise((resolve) => setTimeout(resolve, n * 60));
    const page = await stream(a);
    const mark = aMark();
    expect((await tick(b, token, mark)).status).toBe(200);
    await until(() => page.heard.some((m) => m.kind === 'marks' && m.marks[0]!.id === mark.id), WITHIN_MS);
    await page.close();
  }
}, 60_000);

test('edits at both never overwrite each other', async () => {
  const { version } = (await ask(a, `/api/trips/${id}`)) as { version: number };
  const tries = await Promise.allSettled([a, b, a, b].map((at, i) => edit(at, version, `try ${i}`)));
  expect(tries.filter((t) => t.status === 'fulfilled')).toHaveLength(1);
  const [here, there] = [await ask(a, `/api/trips/${id}`), await ask(b, `/api/trips/${id}`)];
  expect(here).toEqual(there);
  expect((here as { version: number }).version).toBe(version + 1);
});

test('a session, its end and the right to a trip hold at both', async () => {
  const guest = await signUpAt(b.url, 'Guest', PASSWORD);
  const { token } = (await ask(a, `/api/trips/${id}/invitations`, 'POST', '{"role":"read"}')) as {
    token: string;
  };
  const as = (at: ServerProcess, path: string, method = 'GET') =>
    fetch(`${at.url}${path}`, { method, headers: guest });
  expect((await as(b, `/api/invitations/${token}/accept`, 'POST')).status).toBe(200);
  expect((await as(a, `/api/trips/${id}`)).status).toBe(200);
  const page = await stream(a, guest);
  const me = (await (await as(a, '/api/account')).json()) as { account: { id: string } };
  await ask(b, `/api/trips/${id}/leaders/${me.account.id}`, 'DELETE');
  await until(() => !page.isOpen(), WITHIN_MS);
  expect((await as(a, `/api/trips/${id}`)).status).toBe(404);
  await as(b, '/api/account/sign-out', 'POST');
  expect((await as(a, '/api/trips')).status).toBe(401);
}, 60_000);

test('wrong passwords at one count at the other, and the right one is let in', async () => {
  const enter = (at: ServerProcess, password: string) =>
    fetch(`${at.url}/api/account/sign-in`, {
      method: 'POST',
      headers: OWN_HEADERS,
      body: JSON.stringify({ email: 'ilse@example.org', password }),
    });
  for (let n = 0; n < 10; n += 1)
    expect((await enter(n % 2 === 0 ? a : b, `guess number ${n}`)).status).toBe(400);
  for (const at of [a, b]) expect((await enter(at, 'one more')).status).toBe(429);
  for (const at of [a, b]) expect((await enter(at, PASSWORD)).status).toBe(200);
}, 60_000);

test('each visitor’s demo is their own, at both, and is swept after a day', async () => {
  const visit = async (at: ServerProcess) => {
    const answer = await fetch(`${at.url}/api/account/demo`, { method: 'POST', headers: OWN_HEADERS });
    const { account } = (await answer.json()) as { account: { id: string } };
    return { id: account.id, Cookie: answer.headers.getSetCookie()[0]!.split(';')[0]! };
  };
  const [one, other] = [await visit(a), await visit(b)];
  expect(one.id).not.toBe(other.id);
  const trips = async (at: ServerProcess, Cookie: string) =>
    (
      (await (await fetch(`${at.url}/api/trips`, { headers: { Cookie } })).json()) as {
        trips: { id: string }[];
      }
    ).trips;
  const own = await trips(b, one.Cookie);
  expect(own.length).toBeGreaterThan(3);
  const theirs = (await trips(a, other.Cookie)).map((t) => t.id);
  expect(own.some((t) => theirs.includes(t.id))).toBe(false);
  await admin.query(`UPDATE \`${name}\`.users SET created_at = ? WHERE id = ?`, [
    new Date(Date.now() - 25 * 3_600_000),
    one.id,
  ]);
  const database = new URL(process.env['GRAFT_TEST_DATABASE_URL']!);
  database.pathname = `/${name}`;
  // Swept as a server starts, and every hour.
  const c = await startProcess(database.href);
  children.push(c.child);
  expect(await trips(a, other.Cookie)).toHaveLength(theirs.length);
  expect((await fetch(`${b.url}/api/trips`, { headers: { Cookie: one.Cookie } })).status).toBe(401);
}, 60_000);
