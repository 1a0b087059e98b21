/** Brakes: who guesses is slowed, whoever is right is let in, and several servers count as one. */
import { Brakes, machineOf } from './brakes.js';
import { Line } from './line.js';
import { PASSWORD, startTestServer, type TestServer, type Visitor } from '../testing/testServer.js';

let server: TestServer;
beforeAll(async () => {
  server = await startTestServer({ trustProxy: ['127.0.0.1', '::1'] });
});
afterAll(() => server.close());

const signIn = (browser: Visitor, email: string, password: string, from?: string) => {
  const call = browser.post('/api/account/sign-in');
  return (from === undefined ? call : call.set('X-Forwarded-For', from)).send({ email, password });
};
const statuses = async (calls: readonly PromiseLike<{ status: number }>[]): Promise<readonly number[]> =>
  (await Promise.all(calls)).map((answer) => answer.status);

test.each([
  ['2001:db8:1:2:3:4:5:6', '2001:db8:1:2::9', true],
  ['2001:db8:1:2::', '2001:db8:1:3::', false],
  ['2001:db8::1', '2001:db8:0:0:ffff::', true],
  ['::ffff:203.0.113.9', '203.0.113.9', true],
  ['::ffff:203.0.113.9', '::ffff:203.0.113.8', false],
  ['fe80::1%eth0', 'fe80::2%eth0', true],
  ['203.0.113.9', '203.0.113.8', false],
])('%s and %s are one machine: %s', (a, b, isOne) => {
  expect(machineOf({ ip: a }) === machineOf({ ip: b })).toBe(isOne);
});

test('after many wrong passwords the right one is let in, one after the other and at once', async () => {
  await server.signUp('Target');
  const email = 'target@example.org';
  const guesser = server.visitor();
  for (let n = 0; n < 10; n += 1) await signIn(guesser, email, `guess number ${n}`).expect(400);
  await signIn(guesser, email, 'one guess too many').expect(429);
  await signIn(server.visitor(), email, PASSWORD).expect(200);
  // A flood at the same moment, from the same machine.
  const flood = Array.from({ length: 20 }, (_, n) => signIn(server.visitor(), email, `guess ${n}`));
  const right = signIn(server.visitor(), email, PASSWORD);
  const [all, own] = [await statuses(flood), await right];
  expect(own.status).toBe(200);
  expect(new Set(all)).toEqual(new Set([429]));
});

test('many at once are no way around, and who floods waits behind nobody else', async () => {
  await server.signUp('Flooded');
  const email = 'flooded@example.org';
  const flood = Array.from({ length: 60 }, (_, n) =>
    signIn(server.visitor(), email, `g ${n}`, '203.0.113.7'),
  );
  const right = signIn(server.visitor(), email, PASSWORD, '198.51.100.1');
  const [all, own] = [await statuses(flood), await right];
  expect(own.status).toBe(200);
  expect(all.filter((status) => status === 400).length).toBeLessThanOrEqual(10);
});

test('guesses from everywhere do not hold up a browser that was let in before', async () => {
  const known = await server.signUp('Known');
  await known.post('/api/account/sign-out').expect(200);
  const email = 'known@example.org';
  const flood = Array.from({ length: 70 }, (_, n) =>
    signIn(server.visitor(), email, `guess ${n}`, `203.0.113.${n}`),
  );
  await new Promise((resolve) => setTimeout(resolve, 300));
  await signIn(known, email, PASSWORD).expect(200);
  expect((await statuses(flood)).filter((status) => status === 429).length).toBeGreaterThan(0);
  // What such a browser guesses is its own affair.
  for (let n = 0; n < 9; n += 1) await signIn(known, email, `guess ${n}`).expect(400);
});

test('the right password of whoever is signed in is taken after many wrong ones', async () => {
  const me = await server.signUp('Sore');
  const change = (current: string) =>
    me.post('/api/account/password').send({ current, next: 'quiet river under a tin moon' });
  for (let n = 0; n < 10; n += 1) await change(`wrong one, number ${n}`).expect(400);
  await change('wrong one again').expect(429);
  await change(PASSWORD).expect(204);
});

test('what is counted holds across servers, and ends', async () => {
  const limit = { what: 'a test', who: 'somebody', most: 2 };
  const [here, there] = [new Brakes(server.source), new Brakes(server.source)];
  await here.allow(limit, 15, 'too many');
  await there.allow(limit, 15, 'too many');
  await expect(here.allow(limit, 15, 'too many')).rejects.toMatchObject({ status: 429 });
  await there.allow({ ...limit, who: 'another' }, 15, 'too many');
  await server.source.query('UPDATE attempts SET until = ?', [new Date(Date.now() - 1)]);
  await here.allow(limit, 15, 'too many');
  await here.sweep(new Date(Date.now() + 16 * 60_000));
  expect(await server.source.query('SELECT * FROM attempts')).toEqual([]);
});

test('neither addresses nor names stand in what is counted', async () => {
  await signIn(server.visitor(), 'plain@example.org', 'wrong one, really').expect(400);
  const rows = await server.source.query<{ counted: string }[]>('SELECT counted FROM attempts');
  expect(rows.length).toBeGreaterThan(0);
  for (const { counted } of rows) expect(counted).toMatch(/^[0-9a-f]{64}$/);
});

test('in a line each machine has its turn, and none too many waiting', async () => {
  const line = new Line(0);
  const done: string[] = [];
  const wait = (machine: string, n: number): Promise<void> =>
    line.wait(
      'a',
      machine,
      () => Promise.resolve(void done.push(`${machine}${n}`)),
      () => new Error('full'),
    );
  const loud = Array.from({ length: 40 }, (_, n) => wait('loud ', n).catch(() => 'refused'));
  const quiet = [wait('quiet ', 0), wait('quiet ', 1)];
  await Promise.all(quiet);
  expect(done.indexOf('quiet 1')).toBeLessThanOrEqual(4);
  expect((await Promise.all(loud)).filter((end) => end === 'refused').length).toBeGreaterThan(5);
  // A line that is over can be stood in again, and work that fails holds up nobody.
  await expect(
    line.wait(
      'a',
      'loud ',
      () => Promise.reject(new Error('no')),
      () => new Error('full'),
    ),
  ).rejects.toThrow('no');
  await wait('quiet ', 2);
});
