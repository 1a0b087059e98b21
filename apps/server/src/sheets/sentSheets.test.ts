import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { ErrorBody, OpenedSheet, SheetProgress, UnsentSheets } from '@graft/core/api';
import type { Trip, TripEdit } from '@graft/core/trip';
import { serverWithLeader } from '../testing/testServer.js';
import { SHEET_HEADER } from './sheetRoutes.js';
import { SheetStore } from './sheetStore.js';

const HUT = readFileSync(join(__dirname, '../../../../data/demo/hut-roof.graft.json'), 'utf8');
const PARTY = JSON.parse(HUT) as Trip & { readonly trip?: Trip };
const PLAN: Trip = PARTY.trip ?? PARTY;
const DEPARTURE = { at: `${PLAN.startDate}T08:00`, by: 'Leader', share: [], loads: [] };

const here = serverWithLeader();

interface Party {
  readonly id: string;
  version: number;
}
async function newTrip(): Promise<Party> {
  const { id } = (await here.leader.post('/api/trips/import').send(HUT).expect(201)).body as { id: string };
  return { id, version: 1 };
}
async function newLink({ id }: Party, member: string): Promise<string> {
  const answer = await here.leader.post(`/api/trips/${id}/sheets/${member}/link`).expect(201);
  return (answer.body as { token: string }).token;
}
async function edit(trip: Party, ...edits: readonly TripEdit[]): Promise<void> {
  await here.leader.post(`/api/trips/${trip.id}/edits`).send({ version: trip.version, edits }).expect(200);
  trip.version += 1;
}
const rename = (trip: Party, name: string) => edit(trip, { kind: 'set', field: 'name', value: name });
const sheet = async (token: string) =>
  (await here.server.visitor().get('/api/sheet').set(SHEET_HEADER, token).expect(200)).body as OpenedSheet;
const named = async (token: string) => (await sheet(token)).sheet.tripName;
const unsent = async ({ id }: Party) =>
  (await here.leader.get(`/api/trips/${id}/sheets/unsent`).expect(200)).body as UnsentSheets;
const send = ({ id, version }: Party, status = 200) =>
  here.leader.post(`/api/trips/${id}/sheets/send`).send({ version }).expect(status);
/** Another server of the same database, which knows nothing yet. */
const elsewhere = () => {
  const store = new SheetStore(here.server.source, here.server.trips, here.server.news);
  return { sent: store.sent, open: (token: string) => store.open(token) };
};
const sentAt = async ({ id }: Party, member: string) =>
  ((await here.leader.get(`/api/trips/${id}/sheets`)).body as SheetProgress).links.find(
    (l) => l.memberId === member,
  )?.sentAt;

test('a sheet shows what was sent while the leader tries things; sent, it shows them', async () => {
  const trip = await newTrip();
  const token = await newLink(trip, 'eddy');
  expect(await unsent(trip)).toEqual({ version: 1, members: [] });
  await rename(trip, 'Tried out');
  expect(await sheet(token)).toMatchObject({ version: 1, sheet: { tripName: PLAN.name } });
  const first = await sentAt(trip, 'eddy');
  expect((await send(trip)).body).toEqual({ memberIds: ['eddy'] });
  expect(await sheet(token)).toMatchObject({ version: 2, sheet: { tripName: 'Tried out' } });
  expect(await unsent(trip)).toEqual({ version: 2, members: [] });
  expect(Date.parse((await sentAt(trip, 'eddy'))!)).toBeGreaterThanOrEqual(Date.parse(first!));
});

test('what would change is told member by member, and nothing where it was taken back', async () => {
  const trip = await newTrip();
  for (const member of ['eddy', 'joss']) await newLink(trip, member);
  const [thing] = PLAN.personalThings.filter((t) => t.memberId === 'eddy' && !t.worn);
  await edit(trip, {
    kind: 'put',
    collection: 'personalThings',
    item: { ...thing!, massKg: thing!.massKg + 1 },
  });
  const told = new Map((await unsent(trip)).members.map((m) => [m.memberId, m.changes]));
  expect(told.get('eddy')!.join(' · ')).toContain(thing!.name);
  // Joss carries nothing else than before, if Joss's sheet is touched at all.
  expect(told.get('joss') ?? []).toEqual([]);
  await edit(trip, { kind: 'put', collection: 'personalThings', item: thing! });
  expect((await unsent(trip)).members).toEqual([]);
});

test('only what the leader has seen is sent: a plan that changed since is refused', async () => {
  const trip = await newTrip();
  const token = await newLink(trip, 'eddy');
  await rename(trip, 'Mine');
  const seen = { ...trip };
  await rename(trip, 'Somebody else’s');
  const { error } = (await send(seen, 409)).body as ErrorBody;
  expect(error.code).toBe('stale');
  expect(await named(token)).toBe(PLAN.name);
  for (const version of [undefined, 0, '2', 1.5])
    await here.leader.post(`/api/trips/${trip.id}/sheets/send`).send({ version }).expect(400);
});

test('a new link for who has one shows what was sent; who had none gets the plan as it stands', async () => {
  const trip = await newTrip();
  await newLink(trip, 'eddy');
  await rename(trip, 'Tried out');
  expect(await named(await newLink(trip, 'eddy'))).toBe(PLAN.name);
  expect(await named(await newLink(trip, 'joss'))).toBe('Tried out');
});

test('links of before anybody sent show the plan as it stands, until somebody sends', async () => {
  const trip = await newTrip();
  const token = await newLink(trip, 'eddy');
  await here.server.source.query(
    'UPDATE sheet_links SET sent_sheet = NULL, sent_version = NULL, sent_at = NULL WHERE trip_id = ?',
    [trip.id],
  );
  await rename(trip, 'Second');
  expect(await named(token)).toBe('Second');
  expect((await unsent(trip)).members).toEqual([]);
  expect(await sentAt(trip, 'eddy')).toBeUndefined();
  await send(trip);
  await rename(trip, 'Third');
  expect(await named(token)).toBe('Second');
});

test('on the way sheets follow by themselves when the leader says so, and do not go back', async () => {
  const trip = await newTrip();
  const token = await newLink(trip, 'eddy');
  await edit(trip, { kind: 'set', field: 'sendsOnTheWay', value: true });
  await rename(trip, 'Before');
  expect(await named(token)).toBe(PLAN.name);
  await edit(trip, { kind: 'set', field: 'departure', value: DEPARTURE });
  expect(await named(token)).toBe('Before');
  await rename(trip, 'On the way');
  expect(await named(token)).toBe('On the way');
  expect((await unsent(trip)).members).toEqual([]);
  // By hand again: what was shown stays.
  await edit(trip, { kind: 'set', field: 'sendsOnTheWay', value: null });
  await rename(trip, 'Tried out on the way');
  expect(await named(token)).toBe('On the way');
});

test('of two who send at once the newer plan stays, and both are answered', async () => {
  const trip = await newTrip();
  const token = await newLink(trip, 'eddy');
  await rename(trip, 'Second');
  const old = await here.server.trips.whole(trip.id);
  await rename(trip, 'Third');
  await send(trip);
  // A server that read the trip before: what it writes late changes nothing.
  jest.spyOn(here.server.trips, 'whole').mockResolvedValueOnce(old);
  expect(await here.server.sheets.sent.send(trip.id, here.leader.userId, old!.version)).toEqual(['eddy']);
  expect(await named(token)).toBe('Third');
});

test('a server that made none of the sheets reads what was sent', async () => {
  const trip = await newTrip();
  const [eddy] = [await newLink(trip, 'eddy'), await newLink(trip, 'joss')];
  await rename(trip, 'Tried out');
  const { sent, open } = elsewhere();
  expect((await open(eddy)).sheet.tripName).toBe(PLAN.name);
  const { members } = await sent.unsent(trip.id, here.leader.userId);
  expect(members.map((m) => [m.memberId, m.changes])).toEqual([
    ['eddy', ['The trip is called Tried out now']],
    ['joss', ['The trip is called Tried out now']],
  ]);
});

test('a message of changes sends them: what it tells stands on the sheet', async () => {
  const trip = await newTrip();
  const token = await newLink(trip, 'eddy');
  await here.leader
    .put(`/api/trips/${trip.id}/messages/addresses/eddy`)
    .send({ address: 'eddy@example.org' })
    .expect(204);
  await rename(trip, 'Another name');
  await here.leader
    .post(`/api/trips/${trip.id}/messages`)
    .send({ kind: 'changes', memberIds: ['eddy'] })
    .expect(200);
  expect(await named(token)).toBe('Another name');
});
