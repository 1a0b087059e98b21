/** How many statements the database is asked for: as many for a long trip as for a short one. */
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { MysqlQueryRunner } from 'typeorm/driver/mysql/MysqlQueryRunner.js';
import { parseTripFile, serialiseTripFile } from '@graft/core/formats';
import type { Trip, TripEdit } from '@graft/core/trip';
import { startTestServer, type TestServer, type Visitor } from '../testing/testServer.js';

const demo = (id: string): Trip =>
  parseTripFile(readFileSync(join(__dirname, `../../../../data/demo/${id}.graft.json`), 'utf8'));
let server: TestServer;
let leader: Visitor;
const asked: string[] = [];

beforeAll(async () => {
  server = await startTestServer();
  leader = await server.signUp('Ilse');
  const { query } = MysqlQueryRunner.prototype;
  jest.spyOn(MysqlQueryRunner.prototype, 'query').mockImplementation(function (
    this: MysqlQueryRunner,
    ...args
  ): Promise<unknown> {
    asked.push(args[0]);
    return query.apply(this, args);
  });
});
afterAll(async () => {
  jest.restoreAllMocks();
  await server.close();
});

/** The statements that some work asks for, session and transaction included. */
async function statements(work: () => Promise<unknown>): Promise<readonly string[]> {
  asked.length = 0;
  await work();
  return [...asked];
}

async function imported(trip: Trip): Promise<string> {
  const answer = await leader
    .post('/api/trips/import')
    .type('application/json')
    .send(serialiseTripFile(trip))
    .expect(201);
  return (answer.body as { id: string }).id;
}

test('one cell takes at most eight, and the track is not written again', async () => {
  const trip = demo('corvane-census');
  const id = await imported(trip);
  await leader.get(`/api/trips/${id}`).expect(200);
  const kit = trip.kits[0]!;
  const cells: readonly TripEdit[] = [
    { kind: 'put', collection: 'members', item: { ...trip.members[0]!, bodyMassKg: 71 } },
    {
      kind: 'put',
      collection: 'kits',
      item: { ...kit, pieces: kit.pieces.map((p, i) => (i === 0 ? { ...p, massKg: 0.9 } : p)) },
    },
    { kind: 'set', field: 'notes', value: 'Meet at the bridge.' },
    { kind: 'put', collection: 'share', item: { ...trip.share[0]!, locked: !trip.share[0]!.locked } },
  ];
  for (const [i, cell] of cells.entries()) {
    const edit = (): Promise<unknown> =>
      leader
        .post(`/api/trips/${id}/edits`)
        .send({ version: i + 1, edits: [cell] })
        .expect(200);
    const found = await statements(edit);
    expect({ found, isFew: found.length <= 8 }).toEqual({ found, isFew: true });
    expect(found.filter((sql) => /tracks/.test(sql))).toEqual([]);
  }
  const { body } = await leader.get(`/api/trips/${id}`).expect(200);
  expect((body as { trip: Trip }).trip).toMatchObject({ notes: 'Meet at the bridge.' });
  expect((body as { trip: Trip }).trip.track).toEqual(trip.track);
});

test('what earlier trips say takes as many for nine as for three, and few once they are known', async () => {
  const trip = demo('hut-roof');
  const counts: number[] = [];
  const id = await imported({ ...trip, startDate: '2027-12-01' });
  for (let n = 1; n <= 9; n += 1) {
    await imported({ ...trip, startDate: `2027-06-0${n}` });
    if (n % 3 !== 0) continue;
    for (const _time of ['first', 'again'])
      counts.push((await statements(() => leader.get(`/api/trips/${id}/earlier`).expect(200))).length);
  }
  expect(counts[2]).toBe(counts[4]);
  expect(counts[5]).toBeLessThanOrEqual(8);
});
