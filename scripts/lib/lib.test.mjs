/** Tests of the scripts by Node's own runner: they must work before anything is installed. */
import assert from 'node:assert/strict';
import { spawn, spawnSync } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after, describe, test } from 'node:test';
import { listening, networkAddresses } from './addresses.mjs';
import { findProgram } from './install.mjs';
import { keepUp, rotateLog } from './keepUp.mjs';
import { readNote, writeNote } from './notes.mjs';
import { ROOT } from './paths.mjs';
import { freePort, isOurs, isPortFree, stop, stopLeftover } from './processes.mjs';
import { Refusal, run, step } from './run.mjs';

const folder = mkdtempSync(join(tmpdir(), 'graft-scripts-'));
after(() => rmSync(folder, { recursive: true }));
const sleeper = (...args) =>
  spawn(process.execPath, ['-e', 'setInterval(() => {}, 1000)', ...args], { stdio: 'ignore' });

describe('processes', () => {
  test('a process is ours only while it lives and names our mark', async () => {
    const child = sleeper('graft-mark-1');
    assert.equal(isOurs(child.pid, 'graft-mark-1'), true);
    assert.equal(isOurs(child.pid, 'somebody-else'), false);
    await stop(child.pid, 'graft-mark-1');
    assert.equal(isOurs(child.pid, 'graft-mark-1'), false);
    assert.equal(isOurs(99_999_999, 'graft-mark-1'), false);
  });
  test('a process id that somebody else has now is left alone', async () => {
    const child = sleeper('another-program');
    const file = join(folder, 'stale.pid');
    writeFileSync(file, String(child.pid));
    await stopLeftover(file, 'graft-mark-2');
    assert.equal(isOurs(child.pid, 'another-program'), true);
    assert.equal(existsSync(file), false);
    await stop(child.pid, 'another-program');
  });
  test('one that ignores the polite signal is ended after the patience', async () => {
    const child = spawn(process.execPath, [
      '-e',
      "process.on('SIGTERM', () => {}); console.log('up'); setInterval(() => {}, 1000)",
      'graft-mark-3',
    ]);
    await new Promise((resolve) => child.stdout.once('data', resolve));
    await stop(child.pid, 'graft-mark-3', 200);
    assert.equal(isOurs(child.pid, 'graft-mark-3'), false);
  });
  test('a missing or odd pid file is no reason to stop anything', async () => {
    await stopLeftover(join(folder, 'none.pid'), 'x');
    writeFileSync(join(folder, 'odd.pid'), 'not a number');
    await stopLeftover(join(folder, 'odd.pid'), 'x');
    assert.equal(existsSync(join(folder, 'odd.pid')), false);
  });
  test('ports: a free one is free, one in use is not', async () => {
    const port = await freePort();
    assert.equal(await isPortFree(port), true);
    const server = createServer();
    await new Promise((resolve) => server.listen(port, '127.0.0.1', resolve));
    assert.equal(await isPortFree(port), false);
    await new Promise((resolve) => server.close(resolve));
  });
});

describe('what runs for long', () => {
  test('is started again when it ends, until it is stopped; what never stays is given up', async () => {
    let starts = 0;
    const ending = [];
    let stopped = 0;
    const kept = await keepUp(
      'It',
      async () => {
        starts += 1;
        return { starts, ended: new Promise((end) => ending.push(end)), stop: async () => (stopped += 1) };
      },
      1,
    );
    assert.equal(kept.running.starts, 1);
    kept.watch();
    ending[0]('ended');
    while (starts < 2) await new Promise((next) => setTimeout(next, 2));
    await kept.stop();
    ending[1]('was stopped');
    await new Promise((next) => setTimeout(next, 20));
    assert.deepEqual([starts, stopped], [2, 1]);

    let tries = 0;
    const hopeless = await keepUp(
      'It',
      async () => {
        tries += 1;
        if (tries > 3) throw new Error('no room');
        return { ended: Promise.resolve('ended'), stop: async () => {} };
      },
      0.01,
    );
    hopeless.watch();
    assert.match(await hopeless.over, /^It: no room, \d+ times in a row$/);
  });

  test('a long log begins anew, and the last three are kept', () => {
    const log = join(folder, 'long.log');
    for (const text of ['first', 'second', 'third', 'fourth', 'fifth']) {
      writeFileSync(log, text.repeat(10));
      rotateLog(log, 20);
      assert.equal(readFileSync(log, 'utf8'), '');
    }
    const kept = [1, 2, 3, 4].map(
      (n) => existsSync(`${log}.${n}`) && readFileSync(`${log}.${n}`, 'utf8').slice(0, 5),
    );
    assert.deepEqual(kept, ['fifth', 'fourt', 'third', false]);
    writeFileSync(log, 'short');
    rotateLog(log, 20);
    assert.equal(readFileSync(log, 'utf8'), 'short');
  });
});

describe('addresses', () => {
  const at = (address, more = {}) => ({ family: 'IPv4', internal: false, address, ...more });
  test('those that phones reach, of routers first; nothing inside the machine', () => {
    const found = networkAddresses({
      lo: [at('127.0.0.1', { internal: true })],
      docker0: [at('172.17.0.1')],
      tun0: [at('100.64.0.9')],
      wlan0: [at('fe80::1', { family: 'IPv6' }), at('192.168.1.20')],
      usb0: [at('169.254.3.4')],
    });
    assert.deepEqual(found, ['192.168.1.20', '100.64.0.9']);
  });
  test('this machine alone, unless it is asked for', () => {
    const own = { host: '127.0.0.1', url: 'http://127.0.0.1:80', others: [] };
    assert.deepEqual(listening({ lan: false }, 80, ['10.0.0.2']), own);
    const lan = { host: '0.0.0.0', url: own.url, others: ['http://10.0.0.2:80'] };
    assert.deepEqual(listening({ lan: true }, 80, ['10.0.0.2']), lan);
    assert.equal(listening({ host: 'fd00::2' }, 80).url, 'http://[fd00::2]:80');
    assert.throws(() => listening({ lan: true }, 80, []), /in no network/);
    assert.throws(() => listening({ host: 'hut' }, 80), /--host: needs an address/);
  });
});

describe('notes', () => {
  test('are there whole or not at all, and one that was cut off is none', () => {
    const file = join(folder, 'run.json');
    assert.equal(readNote(file), undefined);
    writeNote(file, { pid: 7, url: 'http://127.0.0.1:1' });
    assert.deepEqual(readNote(file), { pid: 7, url: 'http://127.0.0.1:1' });
    assert.equal(statSync(file).mode & 0o777, 0o600);
    for (const broken of ['', '{"pid":', 'null']) {
      writeFileSync(file, broken);
      assert.equal(readNote(file), undefined);
    }
  });
  test('that cannot be written stop nothing', () => {
    writeNote(join(folder, 'no such folder', 'run.json'), { pid: 7 });
  });
});

describe('commands', () => {
  test('give their exit code and what they printed', async () => {
    assert.deepEqual(
      await run(process.execPath, ['-e', 'console.log(1); process.exit(3)'], { quiet: true }),
      { code: 3, output: '1\n' },
    );
  });
  test('a failed step is a refusal that names it', async () => {
    await assert.rejects(step('Trying', process.execPath, ['-e', 'process.exit(4)']), (error) => {
      assert.ok(error instanceof Refusal);
      assert.match(error.message, /^Trying: failed \(.*node.* ended with code 4\)\.$/);
      return true;
    });
  });
  test('programs are found on the path and in sbin', () => {
    assert.ok(findProgram('sh'));
    assert.equal(findProgram('no-such-program-anywhere'), undefined);
  });
});

describe('the command lines', () => {
  const script = (name, ...args) =>
    spawnSync(process.execPath, [join(ROOT, 'scripts', name), ...args], {
      encoding: 'utf8',
      env: { ...process.env, GRAFT_STATE_DIR: join(folder, 'state') },
    });
  test('start says how it is used, and refuses what it does not know', () => {
    const help = script('start.mjs', '--help');
    assert.equal(help.status, 0);
    assert.match(help.stdout, /--port N/);
    assert.match(help.stdout, /GRAFT_DATABASE_URL/);
    for (const port of ['0', '65536', '80.5', 'http']) {
      const refused = script('start.mjs', '--port', port);
      assert.equal(refused.status, 2);
      assert.match(refused.stderr, new RegExp(`--port: needs a port number from 1 to 65535, not "${port}"`));
    }
  });
  test('test and bench refuse parts they do not have', () => {
    const odd = script('test.mjs', 'everything');
    assert.equal(odd.status, 2);
    assert.match(odd.stderr, /expected parts among (?:\w+, )+e2e, got "everything"/);
    assert.match(
      script('bench.mjs', 'speed').stderr,
      /speed is no bench: take one of share, stow, eye, track, edit, kit, api, sheets, trail, attack/,
    );
  });
});
