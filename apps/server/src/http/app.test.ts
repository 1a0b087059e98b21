import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pino } from 'pino';
import request from 'supertest';
import { DatabaseWatch } from '../database/databaseWatch.js';
import { ensureDemo } from '../demo.js';
import type { AccountStore } from '../accounts/accountStore.js';
import { startTestServer, type TestServer } from '../testing/testServer.js';
import { NewsFollower } from '../sheets/newsFollower.js';
import { LibraryStore } from '../library/libraryStore.js';
import { LeaderStore } from '../trips/leaderStore.js';
import { Brakes } from './brakes.js';
import { makeApp, type AppParts } from './app.js';

const silent = pino({ level: 'silent' });
const folder = mkdtempSync(join(tmpdir(), 'graft-web-'));
/** Of the leader's program, and of members' sheets. */
const ASSETS = ['/assets', '/s/assets'];
let server: TestServer;
beforeAll(async () => {
  server = await startTestServer();
  writeFileSync(join(folder, 'index.html'), '<!doctype html><title>Graft</title>');
  for (const path of ASSETS) {
    mkdirSync(join(folder, path), { recursive: true });
    writeFileSync(join(folder, path, 'app-1234.js'), 'export {};');
  }
});
afterAll(async () => {
  await server.close();
  rmSync(folder, { recursive: true });
});

const parts = (more: Partial<AppParts>): AppParts => ({
  accounts: server.accounts,
  trips: server.trips,
  demo: undefined,
  mail: undefined,
  brakes: new Brakes(server.source),
  follower: new NewsFollower(server.source, server.news, silent),
  leaders: new LeaderStore(server.source),
  library: new LibraryStore(server.source),
  sheets: server.sheets,
  news: server.news,
  messages: server.messages,
  incidents: server.incidents,
  publicUrl: undefined,
  trustProxy: [],
  forecastUrl: 'http://127.0.0.1:9/none',
  scaleUrl: 'http://127.0.0.1:9/none',
  scaleKey: undefined,
  standInKey: 'the key of the tests',
  watch: new DatabaseWatch(process.env['GRAFT_TEST_DATABASE_URL']!),
  logger: silent,
  webDir: undefined,
  ...more,
});

describe('the web app', () => {
  const http = () => request(makeApp(parts({ webDir: folder })));
  test.each(['/', '/trips', '/trips/some-id/shares'])(
    '%s is answered with the page, never cached',
    async (path) => {
      const answer = await http().get(path).expect(200);
      expect(answer.text).toContain('<title>Graft</title>');
      expect(answer.headers['cache-control']).toBe('no-cache');
      expect(answer.headers['content-security-policy']).toContain("default-src 'self'");
      expect(answer.headers['content-security-policy']).toContain("frame-ancestors 'self'");
    },
  );
  test.each(ASSETS)('built files in %s are cached for good, missing ones are not the page', async (path) => {
    const file = await http().get(`${path}/app-1234.js`).expect(200);
    expect(file.headers['cache-control']).toContain('immutable');
    await http().get(`${path}/app-0000.js`).expect(404);
  });
  test('an unknown address under /api is no page', async () => {
    const answer = await http().get('/api/unknown').expect(404);
    expect(answer.body).toMatchObject({ error: { code: 'notFound' } });
  });
  test('files outside its folder are not served', async () => {
    const answer = await http().get('/..%2f..%2fetc%2fpasswd');
    expect(answer.text).not.toContain('root:');
  });
});

test('where members find the application is told to its pages', async () => {
  const http = request(makeApp(parts({ publicUrl: 'https://graft.example.org' })));
  const answer = await http.get('/api/account').expect(200);
  expect(answer.body).toMatchObject({ publicUrl: 'https://graft.example.org' });
});

test('a bug is a 500 in the one shape, its details in the log only', async () => {
  const lines: string[] = [];
  const accounts = { bySession: () => Promise.reject(new Error('secret detail')) } as unknown as AccountStore;
  const logger = pino({}, { write: (line: string) => void lines.push(line) });
  const answer = await request(makeApp(parts({ accounts, logger })))
    .get('/api/trips')
    .set('Cookie', 'graft_session=x')
    .expect(500);
  expect(answer.body).toEqual({
    error: {
      code: 'internal',
      message: 'Something went wrong in Graft; the server log has the details.',
      errors: [],
    },
  });
  expect(lines.join('')).toContain('secret detail');
});

describe('the demo', () => {
  const FOLDER = join(__dirname, '../../../../data/demo');
  test('is imported by the same reading as any file, once, and again after its account was deleted', async () => {
    const first = await ensureDemo(server.accounts, FOLDER);
    expect(first.imported).toEqual([
      'Plover census on the Corvane Plateau',
      'Mending the hut roof at Tarn Elling',
      'Rock mapping at Skarn Edge',
    ]);
    const all = await server.trips.list(first.account.id);
    const listed = all.filter((t) => !t.archived);
    expect(all.filter((t) => t.archived).map((t) => t.startDate)).toEqual([
      '2024-05-14',
      '2025-05-14',
      '2026-05-14',
    ]);
    expect(listed.map((t) => [t.name, t.days, t.members])).toEqual([
      ['Plover census on the Corvane Plateau', 6, 8],
      ['Rock mapping at Skarn Edge', 4, 28],
      ['Mending the hut roof at Tarn Elling', 3, 2],
    ]);
    const second = await ensureDemo(server.accounts, FOLDER);
    expect(second).toEqual({ account: first.account, imported: [] });
    await server.accounts.remove(first.account.id);
    const third = await ensureDemo(server.accounts, FOLDER);
    expect(third.account.id).not.toBe(first.account.id);
    expect(await server.trips.list(third.account.id)).toHaveLength(6);
  });
  test('that is broken stops the import with its errors', async () => {
    const broken = mkdtempSync(join(tmpdir(), 'graft-demo-'));
    writeFileSync(join(broken, 'bad.graft.json'), '{"format":"other"}');
    await server.accounts.remove((await server.accounts.demoAccount()).id);
    await expect(ensureDemo(server.accounts, broken)).rejects.toThrow(
      'format: expected "graft-trip", got "other"',
    );
    // Mended, it is there at the next start.
    expect((await ensureDemo(server.accounts, FOLDER)).imported).toHaveLength(3);
    rmSync(broken, { recursive: true });
  });
});
