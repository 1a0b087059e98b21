/** Guessed links: who guesses is slowed, who has one is never kept out, and a trusted proxy tells them apart. */
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { aMark } from '../testing/marks.js';
import { startTestServer, type TestServer } from '../testing/testServer.js';
import { SHEET_HEADER } from './sheetRoutes.js';

const HUT = readFileSync(join(__dirname, '../../../../data/demo/hut-roof.graft.json'), 'utf8');
let server: TestServer;
afterEach(() => server.close());

/** Asks for a sheet, as from an address where a proxy says one. */
const ask = (token: string, from?: string) => {
  const call = server.visitor().get('/api/sheet').set(SHEET_HEADER, token);
  return from === undefined ? call : call.set('X-Forwarded-For', from);
};
const guess = (n: number, from?: string) => ask(`${n}`.padStart(43, 'A'), from);

test('after a hundred guesses each waits and is told so; who has a link is never kept out by them', async () => {
  server = await startTestServer({ spacingMs: 1000 });
  const leader = await server.signUp('Olga');
  const made = await leader.post('/api/trips/import').send(HUT).expect(201);
  const { id } = made.body as { id: string };
  const link = await leader.post(`/api/trips/${id}/sheets/eddy/link`).expect(201);
  const { token } = link.body as { token: string };
  for (let n = 0; n < 100; n += 1) await guess(n).expect(404);
  let isTold = false;
  const late = guess(100)
    .expect(429)
    .then(() => (isTold = true));
  await ask(token).expect(200);
  expect(isTold).toBe(false);
  await late;
  // A whole party behind the same address.
  await Promise.all(Array.from({ length: 150 }, () => ask(token).expect(200)));
});

test('behind a proxy that is trusted each machine counts by itself', async () => {
  server = await startTestServer({ trustProxy: ['127.0.0.1', '::1'] });
  for (let n = 0; n < 100; n += 1) await guess(n, `2001:db8::${n % 7}`).expect(404);
  // One household has many of the newer addresses: it is one machine.
  await guess(100, '2001:db8::9').expect(429);
  await guess(101, '2001:db8:0:1::1').expect(404);
  await guess(102, '203.0.113.9').expect(404);
});

test('nobody else’s word on where they come from counts', async () => {
  server = await startTestServer();
  for (let n = 0; n < 100; n += 1) await guess(n, `203.0.113.${n}`).expect(404);
  await guess(100, '203.0.113.200').expect(429);
});

test('a link that tells without end is held up by itself, and no other is', async () => {
  server = await startTestServer();
  const leader = await server.signUp('Olga');
  const made = await leader.post('/api/trips/import').send(HUT).expect(201);
  const { id } = made.body as { id: string };
  const link = async (member: string): Promise<string> =>
    ((await leader.post(`/api/trips/${id}/sheets/${member}/link`).expect(201)).body as { token: string })
      .token;
  const [loud, quiet] = [await link('eddy'), await link('joss')];
  const tell = (token: string, count: number) =>
    server
      .visitor()
      .post('/api/sheet/marks')
      .set(SHEET_HEADER, token)
      .send({ marks: Array.from({ length: count }, () => aMark()) });
  for (let n = 0; n < 10; n += 1) await tell(loud, 100).expect(200);
  await tell(loud, 1).expect(429);
  await tell(quiet, 100).expect(200);
  await ask(loud).expect(200);
  await server.source.query('UPDATE sheet_marks SET received_at = ?', [new Date(Date.now() - 61_000)]);
  await tell(loud, 1).expect(200);
});
