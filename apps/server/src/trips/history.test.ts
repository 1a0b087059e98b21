/** Who changed what in a trip, and the trip as it was before. */
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { TripChange } from '@graft/core/api';
import { parseTripFile, serialiseTripFile } from '@graft/core/formats';
import { diffTrip, type Trip, type TripEdit } from '@graft/core/trip';
import { startTestServer, type TestServer, type Visitor } from '../testing/testServer.js';

const CENSUS = parseTripFile(
  readFileSync(join(__dirname, '../../../../data/demo/corvane-census.graft.json'), 'utf8'),
);
let server: TestServer;
let leader: Visitor;
let id = '';
beforeAll(async () => {
  server = await startTestServer();
  leader = await server.signUp('Ilse');
});
afterAll(() => server.close());
beforeEach(async () => {
  const made = await leader
    .post('/api/trips/import')
    .type('application/json')
    .send(serialiseTripFile(CENSUS))
    .expect(201);
  ({ id } = made.body as { id: string });
});

const edit = (version: number, edits: readonly TripEdit[], by = leader) =>
  by.post(`/api/trips/${id}/edits`).send({ version, edits }).expect(200);
const trip = async (): Promise<Trip> =>
  ((await leader.get(`/api/trips/${id}`).expect(200)).body as { trip: Trip }).trip;
const history = async (query = '', by = leader): Promise<readonly TripChange[]> =>
  ((await by.get(`/api/trips/${id}/history${query}`).expect(200)).body as { changes: TripChange[] }).changes;
const at = async (version: number): Promise<Trip> =>
  ((await leader.get(`/api/trips/${id}/history/${version}`).expect(200)).body as { trip: Trip }).trip;

/** Edits of every kind, one after the other. */
const STEPS: readonly (readonly TripEdit[])[] = [
  [{ kind: 'set', field: 'notes', value: 'Meet at the bridge.' }],
  [{ kind: 'put', collection: 'members', item: { ...CENSUS.members[0]!, bodyMassKg: 71 } }],
  [{ kind: 'order', collection: 'legs', keys: CENSUS.legs.map((l) => l.id).reverse() }],
  [
    { kind: 'put', collection: 'share', item: { ...CENSUS.share[0]!, locked: !CENSUS.share[0]!.locked } },
    { kind: 'set', field: 'notes', value: null },
  ],
  diffTrip(CENSUS, { ...CENSUS, incidents: [], share: [], stows: [] } as Trip),
];

test('every earlier version comes back as it was, and going back is a change like another', async () => {
  const states = [await trip()];
  for (const [i, step] of STEPS.entries()) {
    await edit(i + 1, step);
    states.push(await trip());
  }
  const changes = await history();
  expect(changes.map((c) => [c.version, c.by, c.canGoBack])).toEqual(
    [6, 5, 4, 3, 2].map((version) => [version, 'Ilse', true]),
  );
  expect(changes.at(-1)!.what).toBe('notes');
  expect(changes.at(-2)!.what).toContain(CENSUS.members[0]!.name);
  for (const [i, state] of states.slice(0, -1).entries()) expect(await at(i + 1)).toEqual(state);
  await edit(6, diffTrip(states.at(-1)!, states[0]!));
  expect(await trip()).toEqual(states[0]);
  expect(await history('?below=7')).toEqual(changes);
  expect((await history())[0]).toMatchObject({ version: 7 });
});

test('what changed when stays known once it is too old to be taken back', async () => {
  await edit(1, STEPS[0]!);
  await server.source.query('UPDATE trip_changes SET made_at = ? WHERE trip_id = ?', [
    new Date(Date.now() - 31 * 86_400_000),
    id,
  ]);
  await edit(2, STEPS[1]!);
  await server.trips.purge();
  expect((await history()).map((c) => [c.version, c.canGoBack])).toEqual([
    [3, true],
    [2, false],
  ]);
  await at(2);
  await leader.get(`/api/trips/${id}/history/1`).expect(404);
  await leader.get(`/api/trips/${id}/history/3`).expect(404);
});

test('changes that take too much to be taken back are told, and not gone back over', async () => {
  await edit(1, STEPS[0]!);
  await server.source.query('UPDATE trip_changes SET back = REPEAT(?, 4000001) WHERE trip_id = ?', ['x', id]);
  expect(await history()).toMatchObject([{ canGoBack: false }]);
  await leader.get(`/api/trips/${id}/history/1`).expect(404);
});

test('a version that is none is refused, and so is whoever does not lead the trip', async () => {
  for (const odd of ['0', '-1', 'x', '1e3', '99999999999999999999'])
    await leader.get(`/api/trips/${id}/history/${odd}`).expect(400);
  for (const odd of ['below=0', 'below=a', 'below=1&below=2', 'above=1'])
    await leader.get(`/api/trips/${id}/history?${odd}`).expect(400);
  const other = await server.signUp(`Other${id.slice(0, 6)}`);
  await other.get(`/api/trips/${id}/history`).expect(404);
  await other.get(`/api/trips/${id}/history/1`).expect(404);
});

test('a refused change leaves nothing in the history', async () => {
  await leader
    .post(`/api/trips/${id}/edits`)
    .send({ version: 1, edits: [{ kind: 'remove', collection: 'legs', key: CENSUS.legs[0]!.id }] })
    .expect((res) => expect(res.status).toBeGreaterThanOrEqual(400));
  await leader.post(`/api/trips/${id}/edits`).send({ version: 9, edits: STEPS[0] }).expect(409);
  expect(await history()).toEqual([]);
});
