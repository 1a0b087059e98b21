/** The server as a process of its own, as it runs in earnest. */
import { spawn, type ChildProcess } from 'node:child_process';
import { once } from 'node:events';
import { createServer, type AddressInfo } from 'node:net';
import { join } from 'node:path';

const MAIN = join(__dirname, '../../dist/main.js');

export interface ServerProcess {
  readonly url: string;
  readonly child: ChildProcess;
}

async function freePort(): Promise<number> {
  const probe = createServer().listen(0, '127.0.0.1');
  await once(probe, 'listening');
  const { port } = probe.address() as AddressInfo;
  await new Promise((resolve) => probe.close(resolve));
  return port;
}

/** Starts one and waits until it serves. @throws Error when it ends before that */
export async function startProcess(
  databaseUrl: string,
  { stdout = 'ignore', env = {} }: { stdout?: number | 'ignore'; env?: NodeJS.ProcessEnv } = {},
): Promise<ServerProcess> {
  const port = await freePort();
  const child = spawn(process.execPath, [MAIN], {
    env: {
      ...process.env,
      NODE_ENV: 'production',
      GRAFT_DATABASE_URL: databaseUrl,
      GRAFT_PORT: String(port),
      ...env,
    },
    stdio: ['ignore', stdout, 'ignore', 'ipc'],
  });
  await new Promise<void>((resolve, reject) => {
    child.once('exit', (code) => reject(new Error(`the server ended with code ${code}`)));
    child.on('message', (message: { kind: string }) => {
      if (message.kind === 'ready') resolve();
    });
  });
  return { url: `http://127.0.0.1:${port}`, child };
}

/** What a page of the application sends with every request that changes something. */
export const OWN_HEADERS = { 'X-Graft-Request': '1', 'Content-Type': 'application/json' } as const;

/** A browser of somebody with a new account, by its headers. */
export async function signUpAt(url: string, name: string, password: string): Promise<Record<string, string>> {
  const answer = await fetch(`${url}/api/account/sign-up`, {
    method: 'POST',
    headers: OWN_HEADERS,
    body: JSON.stringify({ email: `${name.toLowerCase()}@example.org`, name, password }),
  });
  if (answer.status !== 200) throw new Error(`signing up was answered with ${answer.status}`);
  return { ...OWN_HEADERS, Cookie: answer.headers.getSetCookie()[0]!.split(';')[0]! };
}
