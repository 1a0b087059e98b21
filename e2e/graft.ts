/** Starting and stopping the whole application as a person does, each time with a state folder of its own. */
import { spawn, type ChildProcess } from 'node:child_process';
import { mkdirSync, mkdtempSync, readFileSync } from 'node:fs';
import { createServer, type AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

export const ROOT = dirname(dirname(fileURLToPath(import.meta.url)));
export const DEMO = join(ROOT, 'data/demo');

export interface Graft {
  readonly url: string;
  readonly stateDir: string;
  readonly process: ChildProcess;
  /** What it has printed so far. */
  readonly output: () => string;
  /** The exit code, once it has ended. */
  readonly ended: Promise<number | null>;
  /** Ctrl-C, and the exit code. */
  readonly stop: () => Promise<number | null>;
}

export function newStateDir(name: string): string {
  const base = process.env['GRAFT_E2E_SCRATCH'] ?? tmpdir();
  mkdirSync(base, { recursive: true });
  return mkdtempSync(join(base, `${name}-`));
}

export function freePort(): Promise<number> {
  return new Promise((resolve) => {
    const probe = createServer().listen(0, '127.0.0.1', () => {
      const { port } = probe.address() as AddressInfo;
      probe.close(() => resolve(port));
    });
  });
}

export function spawnStart(
  stateDir: string,
  args: readonly string[],
  env: NodeJS.ProcessEnv = {},
): { child: ChildProcess; output: () => string; ended: Promise<number | null> } {
  const child = spawn(process.execPath, [join(ROOT, 'scripts/start.mjs'), ...args], {
    env: { ...process.env, ...env, GRAFT_STATE_DIR: stateDir },
    stdio: ['ignore', 'pipe', 'pipe'],
  });
  let output = '';
  child.stdout.on('data', (chunk: Buffer) => (output += chunk.toString()));
  child.stderr.on('data', (chunk: Buffer) => (output += chunk.toString()));
  const ended = new Promise<number | null>((resolve) => child.once('exit', (code) => resolve(code)));
  return { child, output: () => output, ended };
}

/** Start Graft and wait for the address it prints. */
export async function startGraft(
  stateDir: string,
  args: readonly string[] = [],
  env: NodeJS.ProcessEnv = {},
): Promise<Graft> {
  const { child, output, ended } = spawnStart(stateDir, args, env);
  const url = await Promise.race([
    new Promise<string>((resolve) => {
      child.stdout?.on('data', () => {
        const found = /Graft is at (\S+)/.exec(output());
        if (found !== null) resolve(found[1]!);
      });
    }),
    ended.then((code) =>
      Promise.reject(new Error(`npm start ended with code ${String(code)}:\n${output()}`)),
    ),
  ]);
  return {
    url,
    stateDir,
    process: child,
    output,
    ended,
    stop: () => {
      child.kill('SIGINT');
      return ended;
    },
  };
}

/** Process ids that a running Graft wrote down. */
export function pids(stateDir: string): { server: number; database: number } {
  const read = (file: string): number => Number(readFileSync(join(stateDir, file), 'utf8'));
  return { server: read('server.pid'), database: read('database/mariadbd.pid') };
}

export function isAlive(pid: number): boolean {
  try {
    process.kill(pid, 0);
    return readFileSync(`/proc/${pid}/stat`, 'utf8').split(') ').pop()?.[0] !== 'Z';
  } catch {
    // ESRCH, or gone between the two calls.
    return false;
  }
}
