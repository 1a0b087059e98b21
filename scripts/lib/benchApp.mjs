/** The running application for benchmarks that talk to it, and what they ask of it. */
import { spawn } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { request } from 'node:http';
import { connect } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { ROOT } from './paths.mjs';
import { freePort } from './processes.mjs';

/** What only the application's own pages send. */
const OWN_PAGE = { 'X-Graft-Request': '1' };

/** Start the application in a state folder of its own; `work` gets its address, the headers of the demo account, and the server's process id. */
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
    const url = await new Promise((resolve, reject) => {
      child.once('exit', (code) =>
        reject(new Error(`the application ended with code ${code} before it was up`)),
      );
      let text = '';
      child.stdout.on('data', (chunk) => {
        text += chunk;
        const found = /Graft is at (\S+)/.exec(text);
        if (found !== null) resolve(found[1]);
      });
    });
    const entered = await fetch(`${url}/api/account/demo`, { method: 'POST', headers: OWN_PAGE });
    const pid = Number(readFileSync(join(scratch, 'server.pid'), 'utf8'));
    await work(url, { ...OWN_PAGE, Cookie: entered.headers.getSetCookie()[0].split(';')[0] }, pid);
  } finally {
    if (child.exitCode === null && child.signalCode === null) {
      child.kill('SIGINT');
      await new Promise((resolve) => child.once('exit', resolve));
    }
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

/**
 * A connection that stands open, such as a phone's that has just read its page: what is sent over it costs this process
 * next to nothing, so that many at once measure the application and not who asks.
 */
export async function openConnection(url) {
  const { hostname, port, host } = new URL(url);
  const socket = await new Promise((resolve, reject) => {
    const opening = connect(Number(port), hostname, () => resolve(opening)).once('error', reject);
  });
  socket.setNoDelay(true);
  return {
    /** The bytes of a request. */
    written: (method, path, headers = {}, body = '') =>
      Buffer.from(
        `${[`${method} ${path} HTTP/1.1`, ...Object.entries({ Host: host, ...headers, 'Content-Length': Buffer.byteLength(body) }).map((line) => line.join(': '))].join('\r\n')}\r\n\r\n${body}`,
      ),
    /** Milliseconds from the first byte of a request to the last of its answer, which has to be a good one. */
    timed: (bytes) =>
      new Promise((resolve, reject) => {
        const started = performance.now();
        let text = '';
        const shut = () => reject(new Error('the application closed the connection'));
        const hear = (part) => {
          text += part.toString('latin1');
          const body = text.indexOf('\r\n\r\n') + 4;
          const length = Number(/\r\ncontent-length: (\d+)/i.exec(text)?.[1]);
          if (body < 4 || text.length < body + length) return;
          socket.off('data', hear).off('close', shut);
          if (text.startsWith('HTTP/1.1 200')) resolve(performance.now() - started);
          else reject(new Error(text));
        };
        socket.on('data', hear).once('close', shut);
        socket.write(bytes);
      }),
    close: () => socket.destroy(),
  };
}

/** The value that a share of all is not above. */
export function quantile(values, share) {
  const sorted = [...values].sort((a, b) => a - b);
  return sorted[Math.floor(share * (sorted.length - 1))];
}
