/** The running application for benchmarks that talk to it, and what they ask of it. */
import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { request } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { ROOT } from './paths.mjs';
import { freePort } from './processes.mjs';

/** What only the application's own pages send. */
const OWN_PAGE = { 'X-Graft-Request': '1' };

/** Start the application in a state folder of its own; `work` gets its address and the headers of the demo account. */
export async function withDemoApp(work) {
  const scratch = mkdtempSync(join(tmpdir(), 'graft-bench-'));
  const child = spawn(
    process.execPath,
    [join(ROOT, 'scripts/start.mjs'), '--port', String(await freePort())],
    {
      env: { ...process.env, GRAFT_STATE_DIR: scratch },
      stdio: ['ignore', 'pipe', 'ignore'],
    },
  );
  try {
    const url = await new Promise((resolve) => {
      let text = '';
      child.stdout.on('data', (chunk) => {
        text += chunk;
        const found = /Graft is at (\S+)/.exec(text);
        if (found !== null) resolve(found[1]);
      });
    });
    const entered = await fetch(`${url}/api/account/demo`, { method: 'POST', headers: OWN_PAGE });
    await work(url, { ...OWN_PAGE, Cookie: entered.headers.getSetCookie()[0].split(';')[0] });
  } finally {
    child.kill('SIGINT');
    await new Promise((resolve) => child.once('exit', resolve));
    rmSync(scratch, { recursive: true, force: true });
  }
}

/** One request to its last byte. */
export function ask(url, { headers, agent, method = 'GET', body }) {
  return new Promise((resolve, reject) => {
    const asked = request(url, { headers, agent, method }, (answer) => {
      const parts = [];
      answer.on('data', (part) => parts.push(part));
      answer.once('end', () => resolve({ status: answer.statusCode, text: Buffer.concat(parts).toString() }));
    });
    asked.once('error', reject);
    asked.end(body);
  });
}

/** The value that a share of all is not above. */
export function quantile(values, share) {
  const sorted = [...values].sort((a, b) => a - b);
  return sorted[Math.floor(share * (sorted.length - 1))];
}
