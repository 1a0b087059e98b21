import { once } from 'node:events';
import { createServer, get } from 'node:http';
import express from 'express';
import { pino } from 'pino';
import request from 'supertest';
import { address } from '../testing/testServer.js';
import { logRequest } from './requestLog.js';

interface Line {
  readonly level: number;
  readonly msg: string;
  readonly method: string;
  readonly url: string;
  readonly status: number;
  readonly ms: number;
}

function logged(): { readonly app: express.Express; readonly lines: Line[] } {
  const lines: Line[] = [];
  const app = express();
  const logger = pino({}, { write: (line: string) => void lines.push(JSON.parse(line) as Line) });
  app.use((req, res, next) => {
    logRequest(logger, req, res);
    next();
  });
  return { app, lines };
}

test('a request is one line: method, path, status and time, and nothing that it carries', async () => {
  const { app, lines } = logged();
  app.use('/api', (_req, res) => void res.status(404).json({ bodyMassKg: 71.2358 }));
  await request(app).post('/api/trips').set('Cookie', 'graft_session=secret').send({ bodyMassKg: 71.2358 });
  expect(lines).toHaveLength(1);
  const { level: _level, ms, ...line } = lines[0]!;
  expect(line).toMatchObject({ method: 'POST', url: '/api/trips', status: 404, msg: 'answered' });
  expect(ms).toBeGreaterThanOrEqual(0);
  expect(JSON.stringify(lines)).not.toMatch(/secret|71\.2358|bodyMassKg/);
});

test('an invitation’s token is left out of its address', async () => {
  const { app, lines } = logged();
  const token = 'a'.repeat(43);
  await request(app).get(`/api/invitations/${token}/accept`);
  expect(lines[0]?.url).toBe('/api/invitations/…/accept');
});

test('a request that was given up before its answer says so', async () => {
  const { app, lines } = logged();
  app.use((_req, res) => void res.write('the first part, and no more'));
  const server = createServer(app).listen(0, '127.0.0.1');
  await once(server, 'listening');
  try {
    const asked = get(`${address(server)}/slow`);
    const [answer] = (await once(asked, 'response')) as [NodeJS.ReadableStream];
    await once(answer, 'data');
    asked.destroy();
    for (let n = 0; n < 100 && lines.length === 0; n += 1) await new Promise((r) => setTimeout(r, 10));
    expect(lines).toMatchObject([{ level: 40, msg: 'given up', url: '/slow' }]);
  } finally {
    server.close();
  }
});
