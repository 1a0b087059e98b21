import { serialiseTripFile } from '@graft/core/formats';
import { emptyTrip } from '@graft/core/trip';
import { startTestServer, type TestServer } from '../testing/testServer.js';
import { TripCache } from './tripCache.js';

describe('the cache', () => {
  test('answers for the version it holds, and for no other', () => {
    const cache = new TripCache();
    cache.put('a', 3, Buffer.from('three'));
    expect(cache.get('a', 3)?.toString()).toBe('three');
    expect(cache.get('a', 4)).toBeUndefined();
    cache.put('a', 4, Buffer.from('four'));
    expect(cache.get('a', 3)).toBeUndefined();
    expect(cache.get('a', 4)?.toString()).toBe('four');
  });
  test('forgets what was longest not asked for', () => {
    const cache = new TripCache();
    for (let i = 0; i < 40; i += 1) cache.put(`t${i}`, 1, Buffer.from(String(i)));
    expect(cache.get('t0', 1)?.toString()).toBe('0');
    cache.put('one-more', 1, Buffer.from('x'));
    expect(cache.get('t1', 1)).toBeUndefined();
    expect(cache.get('t0', 1)?.toString()).toBe('0');
    expect(cache.get('one-more', 1)?.toString()).toBe('x');
  });
});

describe('reads through it', () => {
  let server: TestServer;
  beforeAll(async () => {
    server = await startTestServer();
  });
  afterAll(() => server.close());

  test('are the newest state after every write, for whoever may read, in the part they have', async () => {
    const owner = await server.signUp('Bera');
    const reader = await server.signUp('Cleo');
    const text = serialiseTripFile(emptyTrip('t', 'Before', '2027-05-10', 1));
    const { id } = (await owner.post('/api/trips/import').send(text).expect(201)).body as { id: string };
    const invited = await owner.post(`/api/trips/${id}/invitations`).send({ role: 'read' }).expect(201);
    await reader.post(`/api/invitations/${(invited.body as { token: string }).token}/accept`).expect(200);
    const read = async (who: typeof owner) => {
      const { body } = await who.get(`/api/trips/${id}`).expect(200);
      const { version, role, trip } = body as { version: number; role: string; trip: { name: string } };
      return [version, role, trip.name];
    };
    expect(await read(owner)).toEqual([1, 'owner', 'Before']);
    expect(await read(reader)).toEqual([1, 'read', 'Before']);
    const rename = { version: 1, edits: [{ kind: 'set', field: 'name', value: 'After' }] };
    await owner.post(`/api/trips/${id}/edits`).send(rename).expect(200);
    expect(await read(reader)).toEqual([2, 'read', 'After']);
    expect(await read(owner)).toEqual([2, 'owner', 'After']);
    await owner.delete(`/api/trips/${id}/leaders/${reader.userId}`).expect(204);
    await reader.get(`/api/trips/${id}`).expect(404);
    await owner.delete(`/api/trips/${id}?version=2`).expect(204);
    await owner.get(`/api/trips/${id}`).expect(404);
  });
});
