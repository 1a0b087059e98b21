import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import fc from 'fast-check';
import request from 'supertest';
import {
  applyEdits,
  assignPiece,
  diffTrip,
  parseTripFile,
  serialiseTripFile,
  type Trip,
  type TripEdit,
} from '@graft/core';
import { arbitraryTrip } from '@graft/core/testing';
import { startTestServer, type TestServer } from '../testing/testServer.js';

const demoText = (id: string): string =>
  readFileSync(join(__dirname, `../../../../data/demo/${id}.graft.json`), 'utf8');

let server: TestServer;
beforeAll(async () => {
  server = await startTestServer();
});
afterAll(() => server.close());

const http = () => request(server.app);
const importText = (text: string) =>
  http().post('/api/trips/import').set('Content-Type', 'application/json').send(text);
async function importDemo(id: string): Promise<{ id: string; trip: Trip }> {
  const answer = await importText(demoText(id)).expect(201);
  return { id: (answer.body as { id: string }).id, trip: parseTripFile(demoText(id)) };
}
const edit = (id: string, version: number, edits: readonly TripEdit[]) =>
  http().post(`/api/trips/${id}/edits`).send({ version, edits });
const read = async (id: string) =>
  (await http().get(`/api/trips/${id}`).expect(200)).body as { version: number; trip: Trip };

describe('import and export', () => {
  test.each(['corvane-census', 'hut-roof', 'rock-mapping'])('%s comes out as it went in', async (id) => {
    const stored = await importDemo(id);
    const answer = await http().get(`/api/trips/${stored.id}/export`).expect(200);
    expect(answer.headers['content-disposition']).toBe(`attachment; filename=${id}.graft.json`);
    expect(parseTripFile(JSON.stringify(answer.body))).toEqual(stored.trip);
  });

  test('any trip survives the database', async () => {
    await fc.assert(
      fc.asyncProperty(arbitraryTrip(), async (trip) => {
        const { id } = (await importText(serialiseTripFile(trip)).expect(201)).body as { id: string };
        const answer = await http().get(`/api/trips/${id}/export`).expect(200);
        expect(parseTripFile(JSON.stringify(answer.body))).toEqual(trip);
      }),
      { seed: 2, numRuns: 25 },
    );
  }, 60_000);

  test('a bad file names every error and stores nothing', async () => {
    const before = await server.store.count();
    const data = JSON.parse(demoText('hut-roof')) as {
      trip: { members: { bodyMassKg: unknown }[]; share: { memberId: string }[] };
    };
    data.trip.members[0]!.bodyMassKg = 'heavy';
    data.trip.share[0]!.memberId = 'nobody';
    const answer = await importText(JSON.stringify(data)).expect(400);
    expect(answer.body).toMatchObject({
      error: {
        code: 'invalid',
        errors: expect.arrayContaining([
          { path: 'trip.members[0].bodyMassKg', message: 'expected a number from 20 to 250 kg, got "heavy"' },
          {
            path: 'trip.share[0].memberId',
            message: 'expected the id of a member of this trip, got "nobody"',
          },
        ]) as unknown,
      },
    });
    expect(await server.store.count()).toBe(before);
    await importText('not json').expect(400);
    await importText('').expect(400);
    expect(await server.store.count()).toBe(before);
  });

  test('a file beyond the limit is refused', async () => {
    const answer = await importText(' '.repeat(9 * 1024 * 1024)).expect(413);
    expect(answer.body).toEqual({
      error: { code: 'tooLarge', message: 'The request is larger than Graft reads.', errors: [] },
    });
  });
});

describe('edits', () => {
  test('are stored and count the version', async () => {
    const { id, trip } = await importDemo('hut-roof');
    const after = assignPiece(trip, 'hammer', 'eddy');
    const answer = await edit(id, 1, diffTrip(trip, after)).expect(200);
    expect(answer.body).toEqual({ version: 2 });
    expect(await read(id)).toEqual({ id, version: 2, trip: after });
  });

  test('any change between two trips is stored', async () => {
    await fc.assert(
      fc.asyncProperty(arbitraryTrip(), arbitraryTrip(), async (a, b) => {
        const { id } = (await importText(serialiseTripFile(a)).expect(201)).body as { id: string };
        const edits = diffTrip(a, b);
        if (edits.length === 0) return;
        await edit(id, 1, edits).expect(200);
        expect((await read(id)).trip).toEqual(applyEdits(a, edits));
      }),
      { seed: 3, numRuns: 20 },
    );
  }, 60_000);

  test('on a stale version are refused, and nothing is lost', async () => {
    const { id, trip } = await importDemo('hut-roof');
    await edit(id, 1, [{ kind: 'set', field: 'name', value: 'First' }]).expect(200);
    const answer = await edit(id, 1, [{ kind: 'set', field: 'name', value: 'Second' }]).expect(409);
    expect(answer.body).toEqual({
      error: {
        code: 'stale',
        message: 'This trip was changed elsewhere: expected version 2, got 1. Nothing was saved.',
        errors: [],
      },
    });
    expect(await read(id)).toEqual({ id, version: 2, trip: { ...trip, name: 'First' } });
  });

  test('at the same moment: one is stored, the other refused', async () => {
    const { id } = await importDemo('hut-roof');
    const answers = await Promise.all(
      ['A', 'B', 'C', 'D'].map((name) =>
        edit(id, 1, [{ kind: 'set', field: 'name', value: name }]).then((a) => a.status),
      ),
    );
    expect(answers.sort()).toEqual([200, 409, 409, 409]);
    expect((await read(id)).version).toBe(2);
  });

  test('that would break the trip are refused whole, with every error', async () => {
    const { id, trip } = await importDemo('hut-roof');
    const answer = await edit(id, 1, [
      { kind: 'set', field: 'name', value: 'Half a change' },
      { kind: 'put', collection: 'share', item: { pieceId: 'hammer', memberId: 'nobody', locked: false } },
      { kind: 'remove', collection: 'packs', key: 'pack-joss' },
    ]).expect(400);
    const { errors } = (answer.body as { error: { errors: { path: string }[] } }).error;
    expect(errors.map((e) => e.path)).toEqual(
      expect.arrayContaining(['share[0].memberId', 'members[0].packId']),
    );
    expect(await read(id)).toEqual({ id, version: 1, trip });
  });

  test.each<[string, unknown, string]>([
    ['no version', { edits: [{ kind: 'set', field: 'name', value: 'x' }] }, 'version'],
    ['no edits', { version: 1, edits: [] }, 'edits'],
    ['an unknown kind', { version: 1, edits: [{ kind: 'explode' }] }, 'edits[0].kind'],
    ['an unknown field', { version: 1, edits: [{ kind: 'set', field: 'id', value: 'x' }] }, 'edits[0].field'],
    [
      'an unknown collection',
      { version: 1, edits: [{ kind: 'remove', collection: 'users', key: 'x' }] },
      'edits[0].collection',
    ],
    [
      'a bad item',
      { version: 1, edits: [{ kind: 'put', collection: 'members', item: { id: 'x' } }] },
      'edits[0].item.name',
    ],
    ['nothing', undefined, 'version'],
  ])('with %s are refused by name', async (_what, body, path) => {
    const { id } = await importDemo('hut-roof');
    const answer = await http()
      .post(`/api/trips/${id}/edits`)
      .send(body as object)
      .expect(400);
    const { errors } = (answer.body as { error: { errors: { path: string }[] } }).error;
    expect(errors.map((e) => e.path)).toContain(path);
    expect((await read(id)).version).toBe(1);
  });
});

describe('trips', () => {
  test('a new one is empty and listed', async () => {
    const answer = await http()
      .post('/api/trips')
      .send({ name: 'Over the hill', startDate: '2027-07-01', days: 2 })
      .expect(201);
    const { id } = answer.body as { id: string };
    expect((await read(id)).trip).toMatchObject({
      id: 'over-the-hill',
      name: 'Over the hill',
      members: [],
      share: [],
    });
    const list = (await http().get('/api/trips').expect(200)).body as { trips: object[] };
    expect(list.trips).toContainEqual({
      id,
      version: 1,
      name: 'Over the hill',
      startDate: '2027-07-01',
      days: 2,
      members: 0,
    });
  });
  test('a new one with bad values is refused field by field', async () => {
    const answer = await http()
      .post('/api/trips')
      .send({ name: '', startDate: '2027-13-01', days: 0, extra: 1 })
      .expect(400);
    const { errors } = (answer.body as { error: { errors: { path: string }[] } }).error;
    expect(errors.map((e) => e.path).sort()).toEqual(['', 'days', 'name', 'startDate']);
  });
  test('one is deleted with all its parts, but only on its newest version', async () => {
    const { id } = await importDemo('hut-roof');
    await http().delete(`/api/trips/${id}?version=7`).expect(409);
    await http().delete(`/api/trips/${id}`).expect(400);
    await http().delete(`/api/trips/${id}?version=1`).expect(204);
    await http().get(`/api/trips/${id}`).expect(404);
    const [left] = (await server.source.query('SELECT COUNT(*) AS n FROM placements WHERE trip_id = ?', [
      id,
    ])) as { n: string }[];
    expect(Number(left!.n)).toBe(0);
  });
});

describe('the application', () => {
  test('answers every error in one shape', async () => {
    const notFound = { error: { code: 'notFound', message: expect.any(String) as unknown, errors: [] } };
    expect((await http().get('/api/nothing').expect(404)).body).toEqual(notFound);
    expect((await http().get('/api/trips/nobody').expect(404)).body).toEqual(notFound);
    const broken = await http()
      .post('/api/trips')
      .set('Content-Type', 'application/json')
      .send('{"name":')
      .expect(400);
    expect(broken.body).toEqual({ error: { code: 'invalid', message: 'Expected a JSON body.', errors: [] } });
  });
  test('refuses writes from pages of other sites', async () => {
    const answer = await http()
      .post('/api/trips')
      .set('Origin', 'http://elsewhere.example')
      .send({ name: 'x', startDate: '2027-07-01', days: 1 })
      .expect(403);
    expect(answer.body).toMatchObject({ error: { code: 'forbidden' } });
  });
  test('sends security headers and caches no answer', async () => {
    const { headers } = await http().get('/api/trips').expect(200);
    expect(headers['content-security-policy']).toContain("default-src 'self'");
    expect(headers['x-powered-by']).toBeUndefined();
    expect(headers['cache-control']).toBe('no-store');
  });
  test('logs no names and no body weights', async () => {
    await importDemo('corvane-census');
    expect(server.log.length).toBeGreaterThan(0);
    expect(server.log.join('\n')).not.toMatch(/bodyMassKg|Ilse|73\.6/);
  });
});
