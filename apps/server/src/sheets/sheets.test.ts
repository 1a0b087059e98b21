import { once } from 'node:events';
import { readFileSync } from 'node:fs';
import { createServer, get, type IncomingMessage } from 'node:http';
import { join } from 'node:path';
import type { ErrorBody, OpenedSheet, TripNews, SheetProgress } from '@graft/core/api';
import { answersOf, type KeptMark, type SheetMark } from '@graft/core/sheet';
import { OWN_PAGE_HEADER } from '../http/ownPage.js';
import { aMark } from '../testing/marks.js';
import { address, serverWithLeader } from '../testing/testServer.js';
import { SHEET_HEADER } from './sheetRoutes.js';
import { SheetStore } from './sheetStore.js';

const HUT = readFileSync(join(__dirname, '../../../../data/demo/hut-roof.graft.json'), 'utf8');

const here = serverWithLeader();

async function newTrip(): Promise<string> {
  return ((await here.leader.post('/api/trips/import').send(HUT).expect(201)).body as { id: string }).id;
}
async function newLink(trip: string, member: string): Promise<string> {
  const answer = await here.leader.post(`/api/trips/${trip}/sheets/${member}/link`).expect(201);
  return (answer.body as { token: string }).token;
}
const open = (token: string, status = 200) =>
  here.server.visitor().get('/api/sheet').set(SHEET_HEADER, token).expect(status);
const sheet = async (token: string) => (await open(token)).body as OpenedSheet;
const tell = (token: string, marks: readonly SheetMark[], status = 200) =>
  here.server.visitor().post('/api/sheet/marks').set(SHEET_HEADER, token).send({ marks }).expect(status);
const progress = async (trip: string) =>
  (await here.leader.get(`/api/trips/${trip}/sheets`).expect(200)).body as SheetProgress;

describe('a member’s link', () => {
  test('opens that member’s sheet and no other’s, without an account', async () => {
    const trip = await newTrip();
    const [eddy, joss] = [await newLink(trip, 'eddy'), await newLink(trip, 'joss')];
    const { trip: whole } = (await here.leader.get(`/api/trips/${trip}`)).body as {
      trip: { members: { id: string; bodyMassKg: number }[] };
    };
    const mass = (id: string) => whole.members.find((m) => m.id === id)!.bodyMassKg;
    const opened = await sheet(eddy);
    expect(opened.sheet).toMatchObject({ memberId: 'eddy', bodyMassKg: mass('eddy') });
    expect(opened.marks).toEqual([]);
    expect((await sheet(joss)).sheet.memberId).toBe('joss');
    expect(JSON.stringify(opened).match(/bodyMassKg/g)).toHaveLength(1);
    // Nothing else answers to it.
    for (const path of [
      `/api/trips/${trip}`,
      `/api/trips/${trip}/sheets`,
      '/api/trips',
      '/api/account/export',
    ])
      await here.server.visitor().get(path).set(SHEET_HEADER, eddy).expect(401);
  });

  test('is kept as a hash, in no answer and in no log', async () => {
    const trip = await newTrip();
    const token = await newLink(trip, 'eddy');
    await open(token);
    expect(JSON.stringify(await progress(trip))).not.toContain(token);
    expect(here.server.log.join('\n')).not.toContain(token);
    const rows = await here.server.source.query<object[]>('SELECT * FROM sheet_links');
    expect(JSON.stringify(rows)).not.toContain(token);
  });

  test('is void once withdrawn or replaced, and others stay', async () => {
    const trip = await newTrip();
    const first = await newLink(trip, 'eddy');
    const joss = await newLink(trip, 'joss');
    const second = await newLink(trip, 'eddy');
    await open(first, 404);
    await tell(first, [aMark()], 404);
    await open(second);
    await here.leader.delete(`/api/trips/${trip}/sheets/eddy/link`).expect(204);
    await open(second, 404);
    await tell(second, [aMark()], 404);
    await open(joss);
    expect((await progress(trip)).links.map((l) => l.memberId)).toEqual(['joss']);
  });

  test('ends fourteen days after the trip; a trip of the past gets none', async () => {
    const trip = await newTrip();
    const token = await newLink(trip, 'eddy');
    const days = (await sheet(token)).sheet.days.length;
    const start = (daysAgo: number) => new Date(Date.now() - daysAgo * 86_400_000).toISOString().slice(0, 10);
    const setStart = (date: string) =>
      here.server.source.query('UPDATE trips SET start_date = ?, version = version + 1 WHERE id = ?', [
        date,
        trip,
      ]);
    await setStart(start(days + 13));
    await open(token);
    await setStart(start(days + 16));
    await open(token, 404);
    await tell(token, [aMark()], 404);
    const refused = await here.leader.post(`/api/trips/${trip}/sheets/eddy/link`).expect(400);
    expect((refused.body as { error: { message: string } }).error.message).toContain('14 days after it');
  });

  test('ends with its trip and with its member', async () => {
    const trip = await newTrip();
    const [eddy, joss] = [await newLink(trip, 'eddy'), await newLink(trip, 'joss')];
    await here.server.source.query('DELETE FROM members WHERE trip_id = ? AND id = ?', [trip, 'eddy']);
    await open(eddy, 404);
    await here.leader.delete(`/api/trips/${trip}?version=1`).expect(204);
    await open(joss, 404);
  });

  test('nobody makes one for a member that is not there', async () => {
    const trip = await newTrip();
    await here.leader.post(`/api/trips/${trip}/sheets/nobody/link`).expect(404);
    await here.leader.delete(`/api/trips/${trip}/sheets/eddy/link`).expect(404);
  });

  test('shows when it was first opened', async () => {
    const trip = await newTrip();
    const token = await newLink(trip, 'eddy');
    expect((await progress(trip)).links[0]).not.toHaveProperty('openedAt');
    await open(token);
    expect((await progress(trip)).links[0]).toHaveProperty('openedAt');
  });
});

describe('what members tell', () => {
  test('is kept once however often it is sent, and read by the leader', async () => {
    const trip = await newTrip();
    const token = await newLink(trip, 'eddy');
    const [tick, weight] = [aMark(), aMark({ kind: 'weight', value: 1.25 })];
    await tell(token, [tick]);
    const answer = await tell(token, [tick, weight]);
    const kept = (answer.body as { marks: KeptMark[] }).marks;
    expect(kept).toHaveLength(2);
    expect(kept).toEqual(
      expect.arrayContaining([
        { ...tick, byLeader: false },
        { ...weight, byLeader: false },
      ]),
    );
    const { marks } = await progress(trip);
    expect(Object.keys(marks)).toEqual(['eddy']);
    expect(marks['eddy']).toHaveLength(2);
    expect(marks['eddy']).toEqual(expect.arrayContaining(kept));
  });

  test('two devices that did not know of each other: both words are kept', async () => {
    const trip = await newTrip();
    const token = await newLink(trip, 'eddy');
    const first = aMark();
    await tell(token, [first]);
    await tell(token, [aMark({ value: false, replaces: [first.id] })]);
    await tell(token, [aMark({ value: true, replaces: [first.id] })]);
    expect((await sheet(token)).marks).toHaveLength(3);
  });

  test('what a member says of themselves reaches the leader, and no other member', async () => {
    const trip = await newTrip();
    const [eddy, joss] = [await newLink(trip, 'eddy'), await newLink(trip, 'joss')];
    expect((await sheet(eddy)).sheet.ask!.others.map((o) => o.id)).toEqual(['joss']);
    await tell(eddy, [
      aMark({ kind: 'said', thingId: 'body', value: 61.937 }),
      aMark({ kind: 'said', thingId: 'medicines', value: 'an inhaler' }),
      aMark({ kind: 'offer', thingId: 'a1', value: '{"what":"tent","name":"dome","sleeps":2}' }),
    ]);
    const kept = (await progress(trip)).marks['eddy']!;
    expect(answersOf(kept).said).toEqual({ body: 61.937, medicines: 'an inhaler' });
    expect(answersOf(kept).offers.get('a1')).toEqual({ what: 'tent', name: 'dome', sleeps: 2 });
    expect(JSON.stringify(await sheet(joss))).not.toMatch(/61.937|an inhaler/);
    // Nothing of it is in the trip before the leader has taken it.
    expect(JSON.stringify((await here.leader.get(`/api/trips/${trip}`)).body)).not.toMatch(
      /61.937|an inhaler/,
    );
    await tell(eddy, [aMark({ kind: 'said', thingId: 'body', value: 999 })], 400);
    await tell(eddy, [aMark({ kind: 'said', thingId: 'shoes', value: 'big' })], 400);
  });

  test('is refused whole when one of it is odd, by field', async () => {
    const trip = await newTrip();
    const token = await newLink(trip, 'eddy');
    const refused = await tell(token, [aMark(), aMark({ kind: 'weight', value: -1 })], 400);
    expect((refused.body as { error: { errors: { path: string; message: string }[] } }).error.errors).toEqual(
      [{ path: 'marks[1].value', message: 'expected a number from 0 to 60 kg, got -1' }],
    );
    expect((await sheet(token)).marks).toEqual([]);
  });

  test('a member does not answer in the leader’s name; the leader’s answer is on the sheet', async () => {
    const trip = await newTrip();
    const token = await newLink(trip, 'eddy');
    const answer = aMark({ kind: 'answer', value: 'Joss takes it.' });
    await tell(token, [answer], 400);
    await here.leader
      .post(`/api/trips/${trip}/sheets/eddy/marks`)
      .send({ marks: [answer] })
      .expect(204);
    expect((await sheet(token)).marks).toEqual([{ ...answer, byLeader: true }]);
  });

  test('is answered with all there is, whoever told it from wherever in between', async () => {
    const trip = await newTrip();
    const token = await newLink(trip, 'eddy');
    const told: SheetMark[] = [];
    const answered = async (...marks: SheetMark[]): Promise<string[]> => {
      told.push(...marks);
      const { body } = await tell(token, marks);
      return (body as { marks: KeptMark[] }).marks.map((m) => m.id).sort();
    };
    const all = (): string[] => told.map((m) => m.id).sort();
    expect(await answered(aMark())).toEqual(all());
    expect(await answered(aMark(), aMark())).toEqual(all());
    // Past the server's memory of this member: by the leader, and by another server with the same database.
    const answer = aMark({ kind: 'answer', value: 'Joss takes it.' });
    await here.leader
      .post(`/api/trips/${trip}/sheets/eddy/marks`)
      .send({ marks: [answer] })
      .expect(204);
    told.push(answer);
    expect(await answered(aMark())).toEqual(all());
    const elsewhere = new SheetStore(here.server.source, here.server.trips, here.server.news);
    const other = aMark();
    await elsewhere.tell(await elsewhere.link(token), [other]);
    told.push(other);
    expect((await sheet(token)).marks.map((m) => m.id).sort()).toEqual(all());
    // Many at once, one of them twice.
    const many = Array.from({ length: 20 }, () => aMark());
    const twice = many[0]!;
    await Promise.all([...many, twice].map((m) => tell(token, [m])));
    told.push(...many);
    expect((await sheet(token)).marks.map((m) => m.id).sort()).toEqual(all());
    expect((await progress(trip)).marks['eddy']?.map((m) => m.id).sort()).toEqual(all());
  });

  test.each([
    ['{"marks":', 400, 'Expected a JSON body.'],
    ['', 400, '1 error; nothing was saved.'],
    ['null', 400, '1 error; nothing was saved.'],
    [
      JSON.stringify({ marks: 'x'.repeat(4 * 1024 * 1024) }),
      413,
      'The request is larger than Graft reads here: 64 kB.',
    ],
  ])('a body that is %.9s is refused in words', async (body, status, message) => {
    const token = await newLink(await newTrip(), 'eddy');
    const answer = await here.server
      .visitor()
      .post('/api/sheet/marks')
      .set(SHEET_HEADER, token)
      .set('Content-Type', 'application/json')
      .send(body)
      .expect(status);
    expect((answer.body as ErrorBody).error.message).toBe(message);
  });

  test('comes in by the short way and by Express alike', async () => {
    const trip = await newTrip();
    const token = await newLink(trip, 'eddy');
    const [short, long] = [aMark(), aMark()];
    const answer = await tell(token, [short]);
    const { default: request } = await import('supertest');
    const other = await request(here.server.app)
      .post('/api/sheet/marks')
      .set(OWN_PAGE_HEADER, '1')
      .set(SHEET_HEADER, token)
      .send({ marks: [long] })
      .expect(200);
    expect((other.body as { marks: KeptMark[] }).marks.map((m) => m.id)).toEqual([short.id, long.id]);
    const { date: _date, 'content-length': _length, ...headers } = answer.headers as Record<string, string>;
    expect(other.headers).toMatchObject(headers);
    expect(here.server.log.filter((line) => line.includes('/api/sheet/marks')).at(-2)).toContain('answered');
  });

  test('goes nowhere without the header of our own pages', async () => {
    const token = await newLink(await newTrip(), 'eddy');
    const { default: request } = await import('supertest');
    await request(here.server.app)
      .post('/api/sheet/marks')
      .set(SHEET_HEADER, token)
      .send({ marks: [aMark()] })
      .expect(403);
  });

  test('comes to the leader’s open page as it happens, and only from that trip', async () => {
    const trip = await newTrip();
    const token = await newLink(trip, 'eddy');
    const elsewhere = await newLink(await newTrip(), 'eddy');
    const http = createServer(here.server.app).listen(0, '127.0.0.1');
    await once(http, 'listening');
    try {
      const signedIn = await here.leader.get('/api/account').expect(200);
      const cookie = (signedIn as unknown as { request: { cookies: string } }).request.cookies;
      const path = `${address(http)}/api/trips/${trip}/sheets/events`;
      const answer = await new Promise<IncomingMessage>((resolve) =>
        get(path, { headers: { cookie } }, resolve),
      );
      expect(answer.headers['content-type']).toContain('text/event-stream');
      const refused = await new Promise<IncomingMessage>((resolve) => get(path, resolve));
      expect(refused.statusCode).toBe(401);
      refused.resume();
      const heard = once(answer, 'data') as Promise<Buffer[]>;
      await tell(elsewhere, [aMark()]);
      const tick = aMark();
      await tell(token, [tick]);
      const news = JSON.parse(String((await heard)[0]).replace(/^data: /, '')) as TripNews;
      expect(news).toEqual({ kind: 'marks', memberId: 'eddy', marks: [{ ...tick, byLeader: false }] });
      answer.destroy();
    } finally {
      http.closeAllConnections();
      http.close();
    }
  });
});
