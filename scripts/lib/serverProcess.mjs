/** The built server as a process of its own, for tests and measures that need it beside other things. */
import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { join } from 'node:path';
import { ROOT } from './paths.mjs';
import { Refusal } from './run.mjs';

export const serverProgram = (name) => join(ROOT, `apps/server/dist/${name}.js`);

/** Starts it and waits until it serves. @returns how to stop it */
export async function startServer(env) {
  const child = spawn(process.execPath, [serverProgram('main')], {
    env,
    stdio: ['ignore', 'ignore', 'inherit', 'ipc'],
  });
  await new Promise((resolve, reject) => {
    child.once('exit', (code) => reject(new Refusal(`the server ended with code ${code}`)));
    child.on('message', (message) => {
      if (message.kind === 'failed') reject(new Refusal(message.text));
      if (message.kind === 'ready') resolve();
    });
  });
  return async () => {
    child.removeAllListeners('exit');
    child.kill('SIGTERM');
    await once(child, 'exit');
  };
}
