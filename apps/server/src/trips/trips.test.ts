import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import fc from 'fast-check';
import type { AnySchema, SchemaObjectDescription } from 'yup';
import { editedTripErrors, parseTripFile, serialiseTripFile } from '@graft/core/formats';
import { ITEM_SCHEMAS } from '@graft/core/schema';
import { carriedWork, type EarlierTrip } from '@graft/core/share';
import { placesOn, type PlacesBefore } from '@graft/core/stow';
import { applyEdits, assignPiece, COLLECTIONS, diffTrip, type Trip, type TripEdit } from '@graft/core/trip';
import { arbitraryTrip } from '@graft/core/testing';
import { IS_DEEP } from '../testing/isDeep.js';
import { startTestServer, type TestServer, type Visitor } from '../testing/testServer.js';

const demoText = (id: string): string =>
  readFileSync(join(__dirname, `../../../../data/demo/${id}.graft.json`), 'utf8');

let server: TestServer;
let leader: Visitor & { readonly userId: string };
beforeAll(async () => {
  server = await startTestServer();
  leader = await server.signUp('Hedda');
});
afterAll(() => server.close());

const http = () => leader;
const tripCount = async (): Promise<number> => (await server.trips.list(leader.userId)).length;
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
      { seed: 2, numRuns: IS_DEEP ? 25 : 7 },
    );
  }, 60_000);

  test('a bad file names every error and stores nothing', async () => {
    const before = await tripCount();
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
          { path: 'trip.members[0].bodyMassKg', message: 'expected a number from 10 to 250 kg, got "heavy"' },
          {
            path: 'trip.share[0].memberId',
            message: 'expected the id of a member of this trip, got "nobody"',
          },
        ]) as unknown,
      },
    });
    expect(await tripCount()).toBe(before);
    await importText('not json').expect(400);
    await importText('').expect(400);
    expect(await tripCount()).toBe(before);
  });

  test('a file beyond the limit is refused', async () => {
    const answer = await importText(' '.repeat(9 * 1024 * 1024)).expect(413);
    expect(answer.body).toEqual({
      error: {
        code: 'tooLarge',
        message: 'The request is larger than Graft reads here: 8000 kB.',
        errors: [],
      },
    });
  });
});

describe('edits', () => {
  test('are stored and count the version', async () => {
    const { id, trip } = await importDemo('hut-roof');
    const after = assignPiece(trip, 'hammer', 'eddy');
    const answer = await edit(id, 1, diffTrip(trip, after)).expect(200);
    expect(answer.body).toEqual({ version: 2 });
    expect(await read(id)).toEqual({ id, version: 2, role: 'owner', trip: after });
  });

  test('any field that is taken away is gone, in every collection', async () => {
    const seen = new Set<string>();
    for (const trip of fc.sample(arbitraryTrip({ members: { min: 1, max: 3 } }), {
      seed: 11,
      numRuns: IS_DEEP ? 7 : 3,
    })) {
      const { id } = await server.trips.add(leader.userId, trip);
      let [now, version] = [trip, 1];
      for (const collection of COLLECTIONS) {
        const { fields } = (ITEM_SCHEMAS[collection] as AnySchema).describe() as SchemaObjectDescription;
        const isOptional = (key: string): boolean =>
          (fields[key] as { optional?: boolean }).optional === true;
        let changed = now;
        for (const item of now[collection] as readonly object[]) {
          const taken = Object.keys(item).filter(isOptional);
          const bare = Object.fromEntries(Object.entries(item).filter(([key]) => !isOptional(key)));
          const next = applyEdits(changed, [{ kind: 'put', collection, item: bare }]);
          // Some things cannot be without what their kind needs.
          if (taken.length === 0 || editedTripErrors(next).length > 0) continue;
          changed = next;
          for (const key of taken) seen.add(`${collection}.${key}`);
        }
        if (changed === now) continue;
        ({ version } = await server.trips.edit(id, leader.userId, version, diffTrip(now, changed)));
        now = changed;
      }
      expect((await read(id)).trip).toEqual(now);
    }
    for (const field of ['members.healthNotes', 'members.lastDay', 'personalThings.owner', 'legs.note'])
      expect([...seen]).toContain(field);
    expect(seen.size).toBeGreaterThan(25);
  }, 60_000);

  test('a field that has no column is an error of the program, not lost', async () => {
    const { id, trip } = await importDemo('hut-roof');
    const [first] = trip.members;
    const more = { kind: 'put', collection: 'members', item: { ...first, nobodyKnows: 1 } } as const;
    await expect(server.trips.edit(id, leader.userId, 1, [more])).rejects.toThrow(
      'the table members has no column for the field nobodyKnows',
    );
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
      { seed: 3, numRuns: IS_DEEP ? 20 : 6 },
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
    expect(await read(id)).toEqual({ id, version: 2, role: 'owner', trip: { ...trip, name: 'First' } });
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
    expect(await read(id)).toEqual({ id, version: 1, role: 'owner', trip });
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
      role: 'owner',
      archived: false,
    });
  });
  test('a new one of a style starts from its template, in the time zone of its maker', async () => {
    const answer = await http()
      .post('/api/trips')
      .send({ name: 'Snow', startDate: '2027-02-01', days: 2, style: 'winter', timeZone: 'Europe/Oslo' })
      .expect(201);
    expect((await read((answer.body as { id: string }).id)).trip).toMatchObject({
      style: 'winter',
      timeZone: 'Europe/Oslo',
      packingSchool: 'low',
      legs: [{ ground: 'snow' }, { ground: 'snow' }],
    });
  });
  test('a copy has the same party on new dates, and the old one stays', async () => {
    const { id, trip } = await importDemo('corvane-census');
    const answer = await http()
      .post(`/api/trips/${id}/duplicate`)
      .send({ name: 'Census again', startDate: '2028-05-08' })
      .expect(201);
    const copy = (await read((answer.body as { id: string }).id)).trip;
    expect(copy).toMatchObject({
      name: 'Census again',
      startDate: '2028-05-08',
      weather: [],
      kits: trip.kits,
    });
    expect(copy.members.map((m) => m.conditions)).toEqual(trip.members.map(() => []));
    expect((await read(id)).trip).toEqual(trip);
    await http().post(`/api/trips/${id}/duplicate`).send({ name: '', startDate: 'soon' }).expect(400);
  });
  test('one is put aside and taken back', async () => {
    const { id } = await importDemo('hut-roof');
    await http().post(`/api/trips/${id}/archive`).send({ archived: 'yes' }).expect(400);
    await http().post(`/api/trips/${id}/archive`).send({ archived: true }).expect(204);
    const archived = async () => (await server.trips.list(leader.userId)).find((t) => t.id === id)!.archived;
    expect(await archived()).toBe(true);
    await http().post(`/api/trips/${id}/archive`).send({ archived: false }).expect(204);
    expect(await archived()).toBe(false);
  });
  test('a new one with bad values is refused field by field', async () => {
    const answer = await http()
      .post('/api/trips')
      .send({ name: '', startDate: '2027-13-01', days: 0, extra: 1 })
      .expect(400);
    const { errors } = (answer.body as { error: { errors: { path: string }[] } }).error;
    expect(errors.map((e) => e.path).sort()).toEqual(['', 'days', 'name', 'startDate']);
  });
  test('one is deleted only on its newest version, brought back as it was, and gone for good after 30 days', async () => {
    const { id, trip } = await importDemo('hut-roof');
    await http().delete(`/api/trips/${id}?version=7`).expect(409);
    await http().delete(`/api/trips/${id}`).expect(400);
    await http().delete(`/api/trips/${id}?version=1`).expect(204);
    await http().get(`/api/trips/${id}`).expect(404);
    await edit(id, 1, [{ kind: 'set', field: 'name', value: 'x' }]).expect(404);
    await http().post(`/api/trips/${id}/restore`).expect(204);
    expect((await read(id)).trip).toEqual(trip);
    await http().delete(`/api/trips/${id}?version=1`).expect(204);
    const inDays = (days: number) => new Date(Date.now() + days * 86_400_000);
    const rows = async (): Promise<number> => {
      const [left] = await server.source.query<{ n: string }[]>(
        'SELECT COUNT(*) AS n FROM placements WHERE trip_id = ?',
        [id],
      );
      return Number(left!.n);
    };
    await server.trips.purge(inDays(29));
    expect(await rows()).toBeGreaterThan(0);
    await server.trips.purge(inDays(31));
    expect(await rows()).toBe(0);
    await http().post(`/api/trips/${id}/restore`).expect(404);
  });
});

describe('what the members carried before', () => {
  test('on the leader’s own trips before this one, by name; a deleted one and a later one do not count', async () => {
    const { id, trip } = await importDemo('hut-roof');
    const shifted = async (startDate: string): Promise<string> => {
      const copy = await http()
        .post(`/api/trips/${id}/duplicate`)
        .send({ name: `Roof ${startDate}`, startDate })
        .expect(201);
      return (copy.body as { id: string }).id;
    };
    const before = await shifted('2027-08-19');
    const deleted = await shifted('2027-08-19');
    await shifted('2035-05-01');
    await http().delete(`/api/trips/${deleted}?version=1`).expect(204);
    const answer = await http().get(`/api/trips/${id}/earlier`).expect(200);
    const { trips } = answer.body as { trips: EarlierTrip[] };
    expect(trips.filter((t) => t.name.startsWith('Roof ')).map((t) => t.id)).toEqual([before]);
    const { members } = trips.find((t) => t.id === before)!;
    expect(members).toEqual(
      carriedWork(trip).map(({ member, totalKgKm, groupKgKm }) => ({
        name: member.name,
        totalKgKm: expect.closeTo(totalKgKm, 6) as number,
        groupKgKm: expect.closeTo(groupKgKm, 6) as number,
      })),
    );
  });
});

test('where the members kept their things before: zones by their kind, for this trip’s people alone', async () => {
  const { id, trip } = await importDemo('hut-roof');
  const copy = await http()
    .post(`/api/trips/${id}/duplicate`)
    .send({ name: 'Roof before', startDate: '2027-08-18' })
    .expect(201);
  const answer = await http().get(`/api/trips/${id}/places`).expect(200);
  const { trips } = answer.body as { trips: PlacesBefore[] };
  const own = trips.find((t) => t.id === (copy.body as { id: string }).id)!;
  expect(own).toMatchObject({ name: 'Roof before', startDate: '2027-08-18' });
  const stored = await http()
    .get(`/api/trips/${(copy.body as { id: string }).id}`)
    .expect(200);
  const { trip: before } = stored.body as { trip: Trip };
  expect(own.members).toEqual(
    placesOn(
      before,
      trip.members.map((m) => m.name),
    ),
  );
});

describe('the forecast', () => {
  test('comes from the service for the trip’s place and dates', async () => {
    const { id, trip } = await importDemo('corvane-census');
    const answer = await http().get(`/api/trips/${id}/forecast`).expect(200);
    const { weather } = answer.body as { weather: { id: string; source: string }[] };
    expect(weather.map((w) => w.id)).toEqual([
      '2027-05-10',
      '2027-05-11',
      '2027-05-12',
      '2027-05-13',
      '2027-05-14',
      '2027-05-15',
    ]);
    expect(weather[0]!.source).toBe('simulated forecast');
    // What it answers is what a trip can hold.
    await edit(id, 1, diffTrip(trip, { ...trip, weather: weather as unknown as Trip['weather'] })).expect(
      200,
    );
  });
  test('needs a place', async () => {
    const created = await http()
      .post('/api/trips')
      .send({ name: 'Nowhere', startDate: '2027-07-01', days: 1 })
      .expect(201);
    const answer = await http()
      .get(`/api/trips/${(created.body as { id: string }).id}/forecast`)
      .expect(400);
    expect(answer.body).toMatchObject({ error: { errors: [{ path: 'place' }] } });
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
    expect(broken.body).toEqual({
      error: {
        code: 'invalid',
        message: 'Expected a JSON body.',
        errors: [{ path: '', message: 'expected JSON text: Unexpected end of JSON input at its end' }],
      },
    });
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
    expect(headers['content-security-policy']).toBe("default-src 'none'; frame-ancestors 'none'");
    expect(headers['x-content-type-options']).toBe('nosniff');
    expect(headers['x-powered-by']).toBeUndefined();
    expect(headers['cache-control']).toBe('no-store');
  });
  test('a write needs the header that only its own pages send', async () => {
    const body = { name: 'x', startDate: '2027-07-01', days: 1 };
    const bare = await http().post('/api/trips').unset('x-graft-request').send(body).expect(403);
    expect(bare.body).toMatchObject({
      error: { message: expect.stringContaining('x-graft-request') as unknown },
    });
    await http().post('/api/trips').set('Sec-Fetch-Site', 'cross-site').send(body).expect(403);
  });
  test('logs no names, no body weights, no health notes, no cookies', async () => {
    await importDemo('corvane-census');
    expect(server.log.length).toBeGreaterThan(0);
    expect(server.log.join('\n')).not.toMatch(/bodyMassKg|Ilse|73\.6|asthma|graft_session|example\.org/i);
  });
});
