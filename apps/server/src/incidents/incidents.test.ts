import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { KeptIncident } from '@graft/core/trail';
import { SHEET_HEADER } from '../sheets/sheetRoutes.js';
import { serverWithLeader, type Visitor } from '../testing/testServer.js';

const HUT = readFileSync(join(__dirname, '../../../../data/demo/hut-roof.graft.json'), 'utf8');
const NOTE = {
  at: '2027-08-21T11:20',
  memberId: 'eddy',
  who: 'Eddy',
  place: 'Below the hut',
  seen: 'Slipped; left ankle swollen, walks with pain.',
  given: 'Cold pack, bandage.',
  vitals: { pulsePerMin: 84, consciousness: 'alert' },
};

const here = serverWithLeader();
let trip: string;
beforeEach(async () => {
  trip = ((await here.leader.post('/api/trips/import').send(HUT).expect(201)).body as { id: string }).id;
});

const write = (note: object, id: string = randomUUID(), by: Visitor = here.leader) =>
  by.post(`/api/trips/${trip}/incidents`).send({ id, note });
const log = async () =>
  ((await here.leader.get(`/api/trips/${trip}/incidents`).expect(200)).body as { incidents: KeptIncident[] })
    .incidents;

async function invite(role: 'read' | 'full', name: string): Promise<Visitor> {
  const friend = await here.server.signUp(name);
  const answer = await here.leader.post(`/api/trips/${trip}/invitations`).send({ role }).expect(201);
  await friend.post(`/api/invitations/${(answer.body as { token: string }).token}/accept`).expect(200);
  return friend;
}

test('a note comes back as it was written, with who wrote it and when', async () => {
  expect(await log()).toEqual([]);
  const before = Date.now();
  const { body } = await write(NOTE).expect(201);
  const [kept] = await log();
  expect(kept).toEqual(body);
  expect(kept).toMatchObject({ ...NOTE, writtenBy: 'Leader' });
  expect(new Date(kept!.writtenAt).getTime()).toBeGreaterThanOrEqual(before - 1000);
});
test('the same note sent again is kept once; a correction stands beside what it corrects', async () => {
  const id = randomUUID();
  const first = (await write(NOTE, id).expect(201)).body as KeptIncident;
  expect((await write(NOTE, id).expect(201)).body).toEqual(first);
  await write({ ...NOTE, seen: 'The right ankle.', corrects: id }).expect(201);
  const notes = await log();
  expect(notes.map((n) => [n.seen, n.corrects])).toEqual([
    [NOTE.seen, undefined],
    ['The right ankle.', id],
  ]);
});
test('what a note says of the log must be so, and the rest must be as expected', async () => {
  const answer = await write({ ...NOTE, corrects: randomUUID() }).expect(400);
  expect((answer.body as { error: { errors: { path: string }[] } }).error.errors[0]!.path).toBe(
    'note.corrects',
  );
  const odd = await write({ ...NOTE, seen: '', vitals: { pulsePerMin: 900 } }).expect(400);
  expect(
    (odd.body as { error: { errors: { path: string }[] } }).error.errors.map((e) => e.path).sort(),
  ).toEqual(['note.seen', 'note.vitals.pulsePerMin']);
  await write(NOTE, 'no-uuid').expect(400);
  expect(await log()).toEqual([]);
});

describe('access', () => {
  test('who leads in full reads and writes; who may only look, does neither; a stranger learns of no trip', async () => {
    await write(NOTE).expect(201);
    const second = await invite('full', 'Second');
    expect(
      ((await second.get(`/api/trips/${trip}/incidents`).expect(200)).body as { incidents: object[] })
        .incidents,
    ).toHaveLength(1);
    await write(NOTE, randomUUID(), second).expect(201);
    const looker = await invite('read', 'Looker');
    await looker.get(`/api/trips/${trip}/incidents`).expect(403);
    await write(NOTE, randomUUID(), looker).expect(403);
    const stranger = await here.server.signUp('Stranger');
    await stranger.get(`/api/trips/${trip}/incidents`).expect(404);
    await here.server.visitor().get(`/api/trips/${trip}/incidents`).expect(401);
  });
  test('a member’s link opens no log, and neither the trip nor its file holds a word of it', async () => {
    await write(NOTE).expect(201);
    const link = await here.leader.post(`/api/trips/${trip}/sheets/eddy/link`).expect(201);
    const { token } = link.body as { token: string };
    await here.server.visitor().set(SHEET_HEADER, token).get(`/api/trips/${trip}/incidents`).expect(401);
    const sheet = await here.server.visitor().set(SHEET_HEADER, token).get('/api/sheet').expect(200);
    for (const answer of [
      sheet,
      await here.leader.get(`/api/trips/${trip}`).expect(200),
      await here.leader.get(`/api/trips/${trip}/export`).expect(200),
    ])
      expect(JSON.stringify(answer.body)).not.toContain('ankle');
    expect(here.server.log.join('')).not.toContain('ankle');
  });
  test('the owner’s account export has it; a copy of the trip starts without', async () => {
    await write(NOTE).expect(201);
    const account = await here.leader.get('/api/account/export').expect(200);
    expect(JSON.stringify(account.body)).toContain('left ankle swollen');
    const copy = await here.leader
      .post(`/api/trips/${trip}/duplicate`)
      .send({ name: 'Again', startDate: '2028-08-20' })
      .expect(201);
    const { id } = copy.body as { id: string };
    expect((await here.leader.get(`/api/trips/${id}/incidents`).expect(200)).body).toEqual({ incidents: [] });
  });
});
