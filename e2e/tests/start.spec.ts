import { existsSync, readFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { networkInterfaces } from 'node:os';
import { join } from 'node:path';
import { expect, test } from '@playwright/test';
import { freePort, isAlive, newStateDir, pids, spawnStart, startGraft } from '../graft';
import { callApi, demoText, importTrip, openStation, saved, storedTrip } from '../support';

test('killed in mid-use, server and database: the next start loses nothing acknowledged', async ({
  page,
}) => {
  const stateDir = newStateDir('killed');
  const port = String(await freePort());
  const first = await startGraft(stateDir, ['--port', port, '--empty']);
  const id = await importTrip(demoText('hut-roof'), first.url);
  await openStation(page, id, 'people', first.url);
  const name = page.locator('[data-cell="joss/name"]');
  await name.click();
  await page.keyboard.press('Control+a');
  await page.keyboard.type('Josua');
  await page.keyboard.press('Enter');
  await saved(page);
  const before = await storedTrip(id, first.url);
  expect(before.trip.members[0]!.name).toBe('Josua');

  const { server, database } = pids(stateDir);
  first.process.kill('SIGKILL');
  process.kill(server, 'SIGKILL');
  process.kill(database, 'SIGKILL');
  await expect.poll(() => isAlive(server) || isAlive(database)).toBe(false);

  // What is changed while nothing answers is kept on screen and said to be unsaved.
  await name.click();
  await page.keyboard.press('Control+a');
  await page.keyboard.type('Josh');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert')).toContainText('Not saved yet: the server does not answer');
  await expect(name).toHaveText('Josh');

  const second = await startGraft(stateDir, ['--port', port, '--empty']);
  expect((await storedTrip(id, second.url)).version).toBeGreaterThanOrEqual(before.version);
  // The page finds the server again by itself and stores what it kept.
  await saved(page);
  expect((await storedTrip(id, second.url)).trip).toEqual({
    ...before.trip,
    members: before.trip.members.map((m) => (m.id === 'joss' ? { ...m, name: 'Josh' } : m)),
  });
  expect(await second.stop()).toBe(0);
});

test('only npm start is killed: the next start takes over from what it left running', async () => {
  const stateDir = newStateDir('orphans');
  const first = await startGraft(stateDir, ['--port', String(await freePort()), '--empty']);
  const id = await importTrip(demoText('hut-roof'), first.url);
  const left = pids(stateDir);
  first.process.kill('SIGKILL');
  const second = await startGraft(stateDir, ['--port', String(await freePort()), '--empty']);
  expect(isAlive(left.server)).toBe(false);
  expect(isAlive(left.database)).toBe(false);
  expect((await storedTrip(id, second.url)).trip.name).toBe('Mending the hut roof at Tarn Elling');
  await second.stop();
});

test('only the database is killed: Graft says so and ends, and the next start recovers', async () => {
  const stateDir = newStateDir('database');
  const first = await startGraft(stateDir, ['--port', String(await freePort()), '--empty']);
  const id = await importTrip(demoText('hut-roof'), first.url);
  const { server, database } = pids(stateDir);
  process.kill(database, 'SIGKILL');
  expect(await first.ended).toBe(1);
  expect(first.output()).toContain('The database ended by itself');
  expect(isAlive(server)).toBe(false);
  const second = await startGraft(stateDir, ['--port', String(await freePort()), '--empty']);
  expect((await storedTrip(id, second.url)).version).toBe(1);
  await second.stop();
});

test('Ctrl-C stops server and database; a second start is refused while one runs; an empty one has no demo', async () => {
  const stateDir = newStateDir('stopped');
  const graft = await startGraft(stateDir, ['--port', String(await freePort()), '--empty']);
  const { trips } = (await (await callApi('/trips', {}, graft.url)).json()) as { trips: object[] };
  expect(trips).toEqual([]);
  const state = (await (await fetch(`${graft.url}/api/account`)).json()) as { demoOffered: boolean };
  expect(state.demoOffered).toBe(false);
  const again = spawnStart(stateDir, ['--empty']);
  expect(await again.ended).toBe(1);
  expect(again.output()).toContain(`Graft is already running: ${graft.url}`);
  const { server, database } = pids(stateDir);
  expect(await graft.stop()).toBe(0);
  expect(isAlive(server)).toBe(false);
  expect(isAlive(database)).toBe(false);
  const log = readFileSync(join(stateDir, 'database/mariadbd.log'), 'utf8');
  expect(log).toContain('Shutdown complete');
});

test('a MariaDB of one’s own: its trips are served, no private database is made', async () => {
  const first = newStateDir('own');
  const graft = await startGraft(first, ['--port', String(await freePort()), '--empty']);
  const id = await importTrip(demoText('hut-roof'), graft.url);
  const environment = readFileSync(`/proc/${pids(first).server}/environ`, 'utf8');
  const databaseUrl = /GRAFT_DATABASE_URL=([^\0]+)/.exec(environment)![1]!;
  const second = newStateDir('guest');
  const guest = await startGraft(second, ['--port', String(await freePort()), '--empty'], {
    GRAFT_DATABASE_URL: databaseUrl,
  });
  expect((await storedTrip(id, guest.url)).trip.name).toBe('Mending the hut roof at Tarn Elling');
  expect(existsSync(join(second, 'database'))).toBe(false);
  await guest.stop();
  await graft.stop();

  const wrong = spawnStart(newStateDir('wrong'), ['--port', String(await freePort())], {
    GRAFT_DATABASE_URL: databaseUrl,
  });
  expect(await wrong.ended).toBe(1);
  expect(wrong.output()).toContain('The database that GRAFT_DATABASE_URL names does not answer');
});

test('in a network: others reach it, links carry that address, and it is said that nothing is encrypted', async () => {
  const here = Object.values(networkInterfaces())
    .flatMap((list) => list ?? [])
    .filter((a) => a.family === 'IPv4' && !a.internal);
  const stateDir = newStateDir('lan');
  const args = ['--port', String(await freePort()), '--empty', '--lan'];
  if (here.length === 0) {
    const start = spawnStart(stateDir, args);
    expect(await start.ended).toBe(1);
    expect(start.output()).toContain('This machine is in no network');
    return;
  }
  const graft = await startGraft(stateDir, args);
  await expect.poll(graft.output).toContain('Ctrl-C stops it');
  const [, other] = /In this network: (\S+)/.exec(graft.output())!;
  expect(here.map((a) => a.address)).toContain(new URL(other!).hostname);
  // A code to point a phone at.
  expect(graft.output()).toMatch(/[█▀▄]{4}/);
  expect(graft.output()).toContain('Not encrypted');
  const answer = await fetch(`${other!}/api/account`);
  expect(await answer.json()).toMatchObject({ publicUrl: other });
  expect(await graft.stop()).toBe(0);
});

test('options that cannot be are refused by name', async () => {
  const stateDir = newStateDir('refused');
  const busy = createServer();
  const port = await new Promise<number>((resolve) => {
    busy.listen(0, '127.0.0.1', () => resolve((busy.address() as { port: number }).port));
  });
  for (const [args, code, message] of [
    [['--port', 'high'], 2, '--port: needs a port number from 1 to 65535, not "high"'],
    [['--host', 'hut'], 2, '--host: needs an address such as 192.168.1.20, not "hut"'],
    [['--lan', '--host', '127.0.0.1'], 2, '--lan and --host: take one of the two'],
    [['--faster'], 2, "Unknown option '--faster'"],
    [['--port', String(port), '--empty'], 1, `--port: port ${port} is in use by another program.`],
  ] as const) {
    const start = spawnStart(stateDir, args);
    expect(await start.ended).toBe(code);
    expect(start.output()).toContain(message);
  }
  busy.close();
});
