import { serialiseTripFile } from '@graft/core/formats';
import { emptyTrip } from '@graft/core/trip';
import { startTestServer, type TestServer } from '../testing/testServer.js';
import { TripCache } from './tripCache.js';

describe('the cache', () => {
  const trip = (name: string) => emptyTrip('t', name, '2027-05-10', 1);
  test('answers for the version it holds, and for no other', () => {
    const cache = new TripCache();
    cache.keep('a', 3, trip('three'));
    expect(cache.trip('a', 3)?.name).toBe('three');
    expect(cache.trip('a', 4)).toBeUndefined();
    cache.keep('a', 4, trip('four'));
    expect(cache.bytes('a', 3)).toBeUndefined();
    expect(JSON.parse(cache.bytes('a', 4)!.toString())).toEqual(cache.trip('a', 4));
  });
  test('forgets what was longest not asked for', () => {
    const cache = new TripCache(5);
    for (const id of ['a', 'b']) cache.keep(id, 1, trip(id));
    expect(cache.trip('a', 1)?.name).toBe('a');
    cache.keep('c', 1, trip('c'));
    expect(['a', 'b', 'c'].map((id) => cache.trip(id, 1)?.name)).toEqual(['a', undefined, 'c']);
  });
  test('nobody changes what others read', () => {
    const cache = new TripCache();
    cache.keep('a', 1, trip('a'));
    const kept = cache.trip('a', 1) as unknown as { name: string; legs: { name: string }[] };
    expect(() => (kept.name = 'x')).toThrow(TypeError);
    expect(() => (kept.legs[0]!.name = 'x')).toThrow(TypeError);
    expect(() => kept.legs.push({ name: 'x' })).toThrow(TypeError);
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
