/** The walk with curl of docs/api.md, taken as it stands there. */
import { execFile } from 'node:child_process';
import { once } from 'node:events';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { createServer } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { PASSWORD, startTestServer } from '../testing/testServer.js';

/** With every command's failure ending it. */
function run(script: string, cwd: string): Promise<{ code: number; stdout: string; stderr: string }> {
  return new Promise((resolve) => {
    execFile('bash', ['-euo', 'pipefail', '-c', script], { cwd }, (error, stdout, stderr) =>
      resolve({ code: error === null ? 0 : 1, stdout, stderr }),
    );
  });
}

test('leads from signing in to a file and a second trip', async () => {
  const server = await startTestServer();
  await server.signUp('Ilse');
  expect(PASSWORD).toBe('stone ground, dark pine');
  const text = readFileSync(join(__dirname, '../../../../docs/api.md'), 'utf8');
  const [, walk = ''] = /## A walk with curl[\s\S]*?```bash\n([\s\S]*?)```/.exec(text) ?? [];
  expect(walk).toContain('base=http://127.0.0.1:4141');
  const http = createServer(server.app).listen(0, '127.0.0.1');
  await once(http, 'listening');
  const folder = mkdtempSync(join(tmpdir(), 'graft-walk-'));
  try {
    const port = (http.address() as { port: number }).port;
    const out = await run(walk.replace('127.0.0.1:4141', `127.0.0.1:${port}`), folder);
    expect(out.stderr).toBe('');
    expect(out.code).toBe(0);
    expect(out.stdout).toContain('"what":"notes, Spring (new)"');
    expect(readFileSync(join(folder, 'ridge.graft.json'), 'utf8')).toContain('Meet at the bridge.');
    expect(out.stdout.trimEnd()).toMatch(
      /"name":"Ridge".*"name":"Ridge".*"deletedAt"|"deletedAt".*"name":"Ridge"/,
    );
  } finally {
    rmSync(folder, { recursive: true });
    http.closeAllConnections();
    http.close();
    await server.close();
  }
});
