import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { OpenedSheet, RemovedSummary, StoredTrip } from '@graft/core/api';
import { tripErrors } from '@graft/core/formats';
import { bringBack, type TakenAway } from '@graft/core/schema';
import {
  diffTrip,
  newMember,
  cataloguePack,
  PACK_SIZES,
  putMember,
  removeKit,
  removeMember,
  type Trip,
} from '@graft/core/trip';
import { SHEET_HEADER } from '../sheets/sheetRoutes.js';
import { aMark } from '../testing/marks.js';
import { serverWithLeader } from '../testing/testServer.js';

const HUT = readFileSync(join(__dirname, '../../../../data/demo/hut-roof.graft.json'), 'utf8');

const here = serverWithLeader();

const newTrip = async (): Promise<string> =>
  ((await here.leader.post('/api/trips/import').send(HUT).expect(201)).body as { id: string }).id;
const read = async (id: string): Promise<StoredTrip> =>
  (await here.leader.get(`/api/trips/${id}`).expect(200)).body as StoredTrip;
async function change(id: string, of: (trip: Trip) => Trip): Promise<void> {
  const { trip, version } = await read(id);
  await here.leader
    .post(`/api/trips/${id}/edits`)
    .send({ version, edits: diffTrip(trip, of(trip)) })
    .expect(200);
}
const removed = async (id: string): Promise<readonly RemovedSummary[]> =>
  ((await here.leader.get(`/api/trips/${id}/removed`).expect(200)).body as { removed: RemovedSummary[] })
    .removed;
const taken = async (id: string, part: string): Promise<TakenAway> =>
  ((await here.leader.get(`/api/trips/${id}/removed/${part}`).expect(200)).body as { taken: TakenAway })
    .taken;
const newLink = async (trip: string, member: string): Promise<string> =>
  ((await here.leader.post(`/api/trips/${trip}/sheets/${member}/link`).expect(201)).body as { token: string })
    .token;
const open = (token: string, status: number) =>
  here.server.visitor().get('/api/sheet').set(SHEET_HEADER, token).expect(status);

test('a removed member comes back with things, places, link and what they told', async () => {
  const id = await newTrip();
  const before = (await read(id)).trip;
  const token = await newLink(id, 'eddy');
  const mark = aMark();
  await here.server
    .visitor()
    .post('/api/sheet/marks')
    .set(SHEET_HEADER, token)
    .send({ marks: [mark] })
    .expect(200);
  await here.leader
    .put(`/api/trips/${id}/messages/addresses/eddy`)
    .send({ address: 'e@example.org' })
    .expect(204);
  await change(id, (t) => removeMember(t, 'eddy'));
  await open(token, 404);
  const [entry] = await removed(id);
  expect(entry).toMatchObject({
    what: expect.stringMatching(/^Eddy, with \d+ things$/) as string,
    by: 'Leader',
  });
  await change(id, (t) => removeKit(t, t.kits[0]!.id));
  const part = await taken(id, entry!.id);
  await change(id, (t) => bringBack(t, part));
  const { trip } = await read(id);
  expect(tripErrors(trip)).toEqual([]);
  for (const list of ['members', 'packs', 'personalThings'] as const)
    expect(new Set(trip[list].map((x) => JSON.stringify(x)))).toEqual(
      new Set(before[list].map((x) => JSON.stringify(x))),
    );
  const own = new Set(before.personalThings.filter((t) => t.memberId === 'eddy').map((t) => t.id));
  const places = (t: Trip) =>
    t.stows.find((s) => s.memberId === 'eddy')?.placements.filter((p) => own.has(p.thingId));
  expect(places(trip)).toEqual(places(before));
  const sheet = (await open(token, 200)).body as OpenedSheet;
  expect(sheet.marks.map((m) => m.id)).toEqual([mark.id]);
  const { addresses } = (await here.leader.get(`/api/trips/${id}/messages`)).body as { addresses: object };
  expect(addresses).toEqual({ eddy: 'e@example.org' });
  // What is back is listed no more; the kit still is.
  expect((await removed(id)).map((r) => r.what)).not.toContain(entry!.what);
  expect(await removed(id)).toHaveLength(1);
});

test('undo brings a link back too; another member with the same id gets neither link nor marks', async () => {
  const id = await newTrip();
  const token = await newLink(id, 'eddy');
  await here.server
    .visitor()
    .post('/api/sheet/marks')
    .set(SHEET_HEADER, token)
    .send({ marks: [aMark()] })
    .expect(200);
  const before = (await read(id)).trip;
  await change(id, (t) => removeMember(t, 'eddy'));
  await change(id, () => before);
  await open(token, 200);
  await change(id, (t) => removeMember(t, 'eddy'));
  await change(id, (t) => {
    const member = newMember('eddy', 'Edda', 'pack-new');
    return putMember({ ...t, packs: [...t.packs, cataloguePack('pack-new', PACK_SIZES[0]!)] }, member);
  });
  await open(token, 404);
  const fresh = await newLink(id, 'eddy');
  expect(((await open(fresh, 200)).body as OpenedSheet).marks).toEqual([]);
  const progress = (await here.leader.get(`/api/trips/${id}/sheets`).expect(200)).body as { marks: object };
  expect(progress.marks).toEqual({});
});

test('links and marks from before removed members were put aside are nobody’s', async () => {
  const id = await newTrip();
  const token = await newLink(id, 'eddy');
  // As an older server left it: the member gone, the rows still there.
  const { trip, version } = await read(id);
  await change(id, (t) => removeMember(t, 'eddy'));
  await here.server.source.query('DELETE FROM removed_parts WHERE trip_id = ?', [id]);
  await here.server.source.query(
    `INSERT INTO sheet_marks (trip_id, member_id, id, kind, value, at, replaces, by_leader, received_at)
     VALUES (?, 'eddy', '0b6ff2f4-5a53-4a4c-9d4e-2f3b6d1c9a10', 'safety', 'true', 'x', '[]', 0, NOW(3))`,
    [id],
  );
  await change(id, () => trip);
  expect(version).toBe(1);
  await open(token, 404);
  const progress = (await here.leader.get(`/api/trips/${id}/sheets`).expect(200)).body as { marks: object };
  expect(progress.marks).toEqual({});
});

test('nobody else reads what was removed; after thirty days it is gone', async () => {
  const id = await newTrip();
  await change(id, (t) => removeMember(t, 'eddy'));
  const [entry] = await removed(id);
  const stranger = await here.server.signUp('Stranger');
  await stranger.get(`/api/trips/${id}/removed`).expect(404);
  await stranger.get(`/api/trips/${id}/removed/${entry!.id}`).expect(404);
  await here.server.trips.purge(new Date(Date.now() + 29 * 86_400_000));
  expect(await removed(id)).toHaveLength(1);
  await here.server.trips.purge(new Date(Date.now() + 31 * 86_400_000));
  expect(await removed(id)).toEqual([]);
});
