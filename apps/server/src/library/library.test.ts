import { starterLibrary, type Library, type LibraryEntry } from '@graft/core/library';
import { startTestServer, type TestServer, type Visitor } from '../testing/testServer.js';

let server: TestServer;
beforeAll(async () => {
  server = await startTestServer();
});
afterAll(() => server.close());

const read = async (browser: Visitor): Promise<Library> =>
  (await browser.get('/api/library').expect(200)).body as Library;
const [kit, ...rest] = starterLibrary();
const torch = rest.find((e) => e.id === 'own-head-torch')!;

test('a library begins as the starter library, in its order, and is the leader’s own', async () => {
  const [one, two] = [await server.signUp('One'), await server.signUp('Two')];
  const first = await read(one);
  expect(first).toEqual({ version: 1, entries: starterLibrary() });
  await one
    .post('/api/library/edits')
    .send({
      version: 1,
      edits: [
        { kind: 'put', entry: { ...torch, name: 'My torch' } },
        { kind: 'remove', id: kit!.id },
      ],
    })
    .expect(200);
  const now = await read(one);
  expect(now.version).toBe(2);
  expect(now.entries).toHaveLength(starterLibrary().length - 1);
  expect(now.entries.find((e) => e.id === torch.id)?.name).toBe('My torch');
  // What was read back is in the order it was in.
  expect(now.entries.map((e) => e.id)).toEqual(
    starterLibrary()
      .slice(1)
      .map((e) => e.id),
  );
  expect(await read(two)).toEqual({ version: 1, entries: starterLibrary() });
});

test('first visits at the same moment fill it once', async () => {
  const leader = await server.signUp('Hasty');
  const [a, b] = await Promise.all([read(leader), read(leader)]);
  expect(a.entries).toHaveLength(starterLibrary().length);
  expect(b).toEqual(a);
});

test('a write on an older version is refused, and nothing of it is kept', async () => {
  const leader = await server.signUp('Stale');
  await read(leader);
  const put = (version: number, name: string) =>
    leader.post('/api/library/edits').send({ version, edits: [{ kind: 'put', entry: { ...torch, name } }] });
  await put(1, 'First').expect(200);
  await put(1, 'Second').expect(409);
  expect((await read(leader)).entries.find((e) => e.id === torch.id)?.name).toBe('First');
});

test('broken entries are refused whole, each error with its path', async () => {
  const leader = await server.signUp('Broken');
  await read(leader);
  const broken = { ...torch, thing: { ...(torch as { thing: object }).thing, volumeL: 9 } } as LibraryEntry;
  const answer = await leader
    .post('/api/library/edits')
    .send({
      version: 1,
      edits: [
        { kind: 'put', entry: { ...torch, name: 'Good' } },
        { kind: 'put', entry: broken },
        { kind: 'put', entry: { ...torch, colour: 'red' } },
      ],
    })
    .expect(400);
  const { errors } = (answer.body as { error: { errors: { path: string; message: string }[] } }).error;
  expect(errors.map((e) => e.path)).toEqual(['edits[1].entry.thing.volumeL', 'edits[2].entry']);
  const second = await leader
    .post('/api/library/edits')
    .send({ version: 1, edits: [{ kind: 'put', entry: broken }] })
    .expect(400);
  expect((second.body as { error: { errors: unknown } }).error.errors).toEqual([
    {
      path: 'edits[0].entry.thing.volumeL',
      message: 'expected at most 0.24, the volume of its shape in L, got 9',
    },
  ]);
  expect(await read(leader)).toEqual({ version: 1, entries: starterLibrary() });
});

test('an account’s export holds its library; deleting the account deletes it', async () => {
  const leader = await server.signUp('Leaver');
  const answer = await leader.get('/api/account/export').expect(200);
  expect((answer.body as { library: unknown[] }).library).toHaveLength(starterLibrary().length);
  await leader
    .post('/api/account/delete')
    .send({ email: 'leaver@example.org', password: 'stone ground, dark pine' })
    .expect(200);
  const left = await server.source.query<{ n: string }[]>(
    'SELECT COUNT(*) AS n FROM library_entries WHERE user_id = ?',
    [leader.userId],
  );
  expect(Number(left[0]!.n)).toBe(0);
});
