import { spawnSync } from 'node:child_process';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { networkInterfaces } from 'node:os';
import { join } from 'node:path';
import { expect, test } from '@playwright/test';
import { freePort, isAlive, ROOT, newStateDir, pids, spawnStart, startGraft } from '../graft';
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
  await expect(page.getByRole('status', { name: 'Network' })).toContainText('No answer from the server.');
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

test('the database or the server is killed: it is started again, and what was saved is there', async () => {
  const stateDir = newStateDir('again');
  const graft = await startGraft(stateDir, ['--port', String(await freePort()), '--empty']);
  const id = await importTrip(demoText('hut-roof'), graft.url);
  const answers = async (): Promise<boolean> => {
    const answer = await fetch(`${graft.url}/api/ready`).catch(() => undefined);
    return answer?.ok === true;
  };
  const before = pids(stateDir);
  for (const [kind, told] of [
    ['database', 'The database: ended by itself; starting it again.'],
    ['server', 'The server: ended by SIGKILL; starting it again.'],
    ['database', 'The database: ended by itself; starting it again.'],
  ] as const) {
    const { [kind]: killed } = pids(stateDir);
    process.kill(killed, 'SIGKILL');
    await expect.poll(() => isAlive(killed)).toBe(false);
    await expect.poll(graft.output).toContain(told);
    // Its note is written anew.
    const noted = (): number | undefined => {
      try {
        return pids(stateDir)[kind];
      } catch {
        return undefined;
      }
    };
    await expect.poll(() => [undefined, killed].includes(noted()), { timeout: 20_000 }).toBe(false);
    await expect.poll(answers, { timeout: 20_000 }).toBe(true);
    expect((await storedTrip(id, graft.url)).version).toBe(1);
  }
  const after = pids(stateDir);
  expect([after.server === before.server, after.database === before.database]).toEqual([false, false]);
  expect(await graft.stop()).toBe(0);
  expect([isAlive(after.server), isAlive(after.database)]).toEqual([false, false]);
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
  const here = Object.entries(networkInterfaces())
    .filter(([name]) => !/^(docker|br-|veth|virbr|vmnet|lxc|cni)/.test(name))
    .flatMap(([, list]) => list ?? [])
    .filter((a) => a.family === 'IPv4' && !a.internal && !a.address.startsWith('169.254.'));
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

test('backed up while it runs, restored into an empty one: every trip comes back; what cannot be is refused', async () => {
  const [stateDir, other] = [newStateDir('backed'), newStateDir('restored')];
  const graft = await startGraft(stateDir, ['--port', String(await freePort()), '--empty']);
  const ids = [];
  for (const demo of ['hut-roof', 'corvane-census', 'rock-mapping'] as const)
    ids.push(await importTrip(demoText(demo), graft.url));
  const file = join(stateDir, 'all.graft-backup');
  const command = (script: string, dir: string, ...args: string[]) =>
    spawnSync(process.execPath, [join(ROOT, `scripts/${script}.mjs`), ...args], {
      encoding: 'utf8',
      env: { ...process.env, GRAFT_STATE_DIR: dir },
    });
  const backup = command('backup', stateDir, file);
  expect([backup.status, backup.stderr]).toEqual([0, expect.stringContaining('keep it safe')]);
  const stored = await Promise.all(ids.map((id) => storedTrip(id, graft.url)));
  expect(command('restore', stateDir, file).stderr).toContain('Graft is running: stop it first');
  expect(await graft.stop()).toBe(0);
  expect(command('restore', stateDir, file).stderr).toContain('There are 3 trips here. --replace');

  const restored = command('restore', other, file);
  expect([restored.status, restored.stderr]).toEqual([0, expect.stringContaining('npm start serves it')]);
  const again = await startGraft(other, ['--port', String(await freePort()), '--empty']);
  expect(await Promise.all(ids.map((id) => storedTrip(id, again.url)))).toEqual(stored);
  expect(await again.stop()).toBe(0);

  const whole = readFileSync(file, 'utf8');
  const odd = (text: string): string => {
    const path = join(stateDir, 'odd.graft-backup');
    writeFileSync(path, text);
    return command('restore', newStateDir('odd'), path).stderr;
  };
  expect(odd(whole.slice(0, whole.length / 2))).toContain('was cut off; nothing was changed');
  expect(odd(whole.replace(/"schema":\d+/, '"schema":9999999999999'))).toContain(
    'of a newer Graft than this one',
  );
  expect(odd('CREATE TABLE trips (id int);')).toContain('is no backup of Graft');
  // In place of what is there, which is moved aside; a second time it is served as it was backed up.
  expect(command('restore', stateDir, file, '--replace').stderr).toContain('What was there before is in');
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
