import { createServer } from 'node:net';
import { readFileSync, rmSync } from 'node:fs';
import { setTimeout as sleep } from 'node:timers/promises';
import { readNote } from './notes.mjs';

/** Whether a process lives and its command line names `mark`: a reused process id is somebody else's. */
export function isOurs(pid, mark) {
  try {
    const line = readFileSync(`/proc/${pid}/cmdline`, 'utf8').replaceAll('\0', ' ');
    const state = readFileSync(`/proc/${pid}/stat`, 'utf8').split(') ').pop()?.[0];
    return line.includes(mark) && state !== 'Z';
  } catch {
    // No such process (or no /proc): not ours to touch.
    return false;
  }
}

function readPid(file) {
  const pid = readNote(file);
  return Number.isInteger(pid) && pid > 0 ? pid : undefined;
}

/** Ask a process to end and wait; after the patience runs out, end it. */
export async function stop(pid, mark, patienceMs = 20_000) {
  if (!isOurs(pid, mark)) return;
  process.kill(pid, 'SIGTERM');
  for (let waited = 0; waited < patienceMs; waited += 50) {
    if (!isOurs(pid, mark)) return;
    await sleep(50);
  }
  process.kill(pid, 'SIGKILL');
  while (isOurs(pid, mark)) await sleep(50);
}

/** End what a killed run left behind, by its pid file. */
export async function stopLeftover(pidFile, mark) {
  const pid = readPid(pidFile);
  if (pid !== undefined) await stop(pid, mark);
  rmSync(pidFile, { force: true });
}

/** Whether nothing listens on a loopback port. */
export function isPortFree(port) {
  return new Promise((resolve) => {
    const probe = createServer();
    probe.once('error', () => resolve(false));
    probe.listen(port, '127.0.0.1', () => probe.close(() => resolve(true)));
  });
}

/** A loopback port nobody uses now. */
export function freePort() {
  return new Promise((resolve, reject) => {
    const probe = createServer();
    probe.once('error', reject);
    probe.listen(0, '127.0.0.1', () => {
      const { port } = probe.address();
      probe.close(() => resolve(port));
    });
  });
}
