/**
 * Who may do what: every route of the application, found by walking its router, is tried as a stranger, as somebody who
 * may read, as a full co-leader and as the owner. A route that this table does not know fails the test.
 */
import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { routesOf } from '../testing/routes.js';
import { aMark } from '../testing/marks.js';
import { startTestServer, type TestServer, type Visitor } from '../testing/testServer.js';

const HUT = readFileSync(join(__dirname, '../../../../data/demo/hut-roof.graft.json'), 'utf8');

let server: TestServer;
type Who = 'anonymous' | 'stranger' | 'read' | 'full' | 'owner';
let browsers: Record<Who, Visitor & { readonly userId: string }>;
beforeAll(async () => {
  server = await startTestServer();
  browsers = {
    anonymous: Object.assign(server.visitor(), { userId: '' }),
    stranger: await server.signUp('Stranger'),
    read: await server.signUp('Reader'),
    full: await server.signUp('Helper'),
    owner: await server.signUp('Owner'),
  };
});
afterAll(() => server.close());

type Call = (browser: Visitor, ids: { trip: string; reader: string }) => PromiseLike<{ status: number }>;
type Expected = Readonly<Record<Who, number>>;
const ANYBODY = (status: number): Expected => ({
  anonymous: status,
  stranger: status,
  read: status,
  full: status,
  owner: status,
});
const READ = (status = 200): Expected => ({
  anonymous: 401,
  stranger: 404,
  read: status,
  full: status,
  owner: status,
});
const FULL = (status = 200): Expected => ({
  anonymous: 401,
  stranger: 404,
  read: 403,
  full: status,
  owner: status,
});
const OWNER = (status: number): Expected => ({
  anonymous: 401,
  stranger: 404,
  read: 403,
  full: 403,
  owner: status,
});
const SIGNED_IN = (status: number): Expected => ({ ...ANYBODY(status), anonymous: 401 });

const TRIP_ROUTES: Readonly<Record<string, readonly [Expected, Call]>> = {
  'GET /api/trips/:id': [READ(), (b, { trip }) => b.get(`/api/trips/${trip}`)],
  'GET /api/trips/:id/export': [READ(), (b, { trip }) => b.get(`/api/trips/${trip}/export`)],
  'GET /api/trips/:id/glance': [READ(), (b, { trip }) => b.get(`/api/trips/${trip}/glance`)],
  'GET /api/trips/:id/history': [READ(), (b, { trip }) => b.get(`/api/trips/${trip}/history`)],
  // Nothing was changed: who may, gets as far as being told so.
  'GET /api/trips/:id/history/:version': [READ(404), (b, { trip }) => b.get(`/api/trips/${trip}/history/1`)],
  'GET /api/trips/:id/removed': [READ(), (b, { trip }) => b.get(`/api/trips/${trip}/removed`)],
  'GET /api/trips/:id/removed/:partId': [
    READ(404),
    (b, { trip }) => b.get(`/api/trips/${trip}/removed/none`),
  ],
  'GET /api/trips/:id/earlier': [READ(), (b, { trip }) => b.get(`/api/trips/${trip}/earlier`)],
  'GET /api/trips/:id/places': [READ(), (b, { trip }) => b.get(`/api/trips/${trip}/places`)],
  'GET /api/trips/:id/records': [READ(), (b, { trip }) => b.get(`/api/trips/${trip}/records`)],
  'GET /api/trips/:id/incidents': [FULL(), (b, { trip }) => b.get(`/api/trips/${trip}/incidents`)],
  'POST /api/trips/:id/incidents': [
    FULL(201),
    (b, { trip }) =>
      b.post(`/api/trips/${trip}/incidents`).send({
        id: randomUUID(),
        note: { at: '2027-05-10T12:00', who: 'Eddy', seen: 'A cut on the hand.' },
      }),
  ],
  'GET /api/trips/:id/forecast': [READ(), (b, { trip }) => b.get(`/api/trips/${trip}/forecast`)],
  'GET /api/trips/:id/leaders': [READ(), (b, { trip }) => b.get(`/api/trips/${trip}/leaders`)],
  'POST /api/trips/:id/duplicate': [
    READ(201),
    (b, { trip }) => b.post(`/api/trips/${trip}/duplicate`).send({ name: 'Copy', startDate: '2028-01-01' }),
  ],
  'POST /api/trips/:id/edits': [
    FULL(),
    (b, { trip }) =>
      b
        .post(`/api/trips/${trip}/edits`)
        .send({ version: 1, edits: [{ kind: 'set', field: 'name', value: 'Changed' }] }),
  ],
  'POST /api/trips/:id/archive': [
    OWNER(204),
    (b, { trip }) => b.post(`/api/trips/${trip}/archive`).send({ archived: true }),
  ],
  'DELETE /api/trips/:id': [OWNER(204), (b, { trip }) => b.delete(`/api/trips/${trip}?version=1`)],
  'POST /api/trips/:id/restore': [OWNER(204), (b, { trip }) => b.post(`/api/trips/${trip}/restore`)],
  'POST /api/trips/:id/invitations': [
    OWNER(201),
    (b, { trip }) => b.post(`/api/trips/${trip}/invitations`).send({ role: 'read' }),
  ],
  // There is none of that id: who may, gets as far as being told so.
  'DELETE /api/trips/:id/invitations/:invitationId': [
    OWNER(404),
    (b, { trip }) => b.delete(`/api/trips/${trip}/invitations/0123456789abcdef`),
  ],
  'PUT /api/trips/:id/leaders/:userId': [
    OWNER(204),
    (b, { trip, reader }) => b.put(`/api/trips/${trip}/leaders/${reader}`).send({ role: 'full' }),
  ],
  // A reader may leave by this route.
  'DELETE /api/trips/:id/leaders/:userId': [
    { ...OWNER(204), read: 204 },
    (b, { trip, reader }) => b.delete(`/api/trips/${trip}/leaders/${reader}`),
  ],
  'GET /api/trips/:id/sheets': [READ(), (b, { trip }) => b.get(`/api/trips/${trip}/sheets`)],
  'GET /api/trips/:id/sheets/unsent': [READ(), (b, { trip }) => b.get(`/api/trips/${trip}/sheets/unsent`)],
  // Of a version that is long gone: who may, gets as far as being told so.
  'POST /api/trips/:id/sheets/send': [
    FULL(409),
    (b, { trip }) => b.post(`/api/trips/${trip}/sheets/send`).send({ version: 900 }),
  ],
  'GET /api/trips/:id/messages': [READ(), (b, { trip }) => b.get(`/api/trips/${trip}/messages`)],
  'POST /api/trips/:id/messages': [
    FULL(),
    (b, { trip }) => b.post(`/api/trips/${trip}/messages`).send({ kind: 'link', memberIds: ['eddy'] }),
  ],
  'PUT /api/trips/:id/messages/addresses/:memberId': [
    FULL(204),
    (b, { trip }) =>
      b.put(`/api/trips/${trip}/messages/addresses/eddy`).send({ address: 'eddy@example.org' }),
  ],
  'POST /api/trips/:id/sheets/:memberId/link': [
    FULL(201),
    (b, { trip }) => b.post(`/api/trips/${trip}/sheets/eddy/link`),
  ],
  // Eddy has none: who may, gets as far as being told so.
  'DELETE /api/trips/:id/sheets/:memberId/link': [
    FULL(404),
    (b, { trip }) => b.delete(`/api/trips/${trip}/sheets/eddy/link`),
  ],
  'POST /api/trips/:id/sheets/:memberId/marks': [
    FULL(204),
    (b, { trip }) => b.post(`/api/trips/${trip}/sheets/eddy/marks`).send({ marks: [aMark()] }),
  ],
};
const OTHER_ROUTES: Readonly<Record<string, readonly [Expected, Call]>> = {
  'GET /api/openapi.json': [ANYBODY(200), (b) => b.get('/api/openapi.json')],
  'POST /api/account/confirm': [ANYBODY(400), (b) => b.post('/api/account/confirm').send({})],
  'POST /api/account/reset': [ANYBODY(400), (b) => b.post('/api/account/reset').send({})],
  // This server sends no mail.
  'POST /api/account/forgotten': [ANYBODY(404), (b) => b.post('/api/account/forgotten').send({})],
  'GET /api/ready': [ANYBODY(200), (b) => b.get('/api/ready')],
  'GET /api/health': [ANYBODY(200), (b) => b.get('/api/health')],
  'GET /api/account': [ANYBODY(200), (b) => b.get('/api/account')],
  'GET /api/trips': [SIGNED_IN(200), (b) => b.get('/api/trips')],
  'POST /api/trips': [SIGNED_IN(400), (b) => b.post('/api/trips').send({})],
  'POST /api/trips/import': [SIGNED_IN(400), (b) => b.post('/api/trips/import').send('no json')],
  'GET /api/account/export': [SIGNED_IN(200), (b) => b.get('/api/account/export')],
  'POST /api/account/password': [SIGNED_IN(400), (b) => b.post('/api/account/password').send({})],
  'POST /api/account/delete': [SIGNED_IN(400), (b) => b.post('/api/account/delete').send({})],
  'POST /api/account/sign-up': [ANYBODY(400), (b) => b.post('/api/account/sign-up').send({})],
  'POST /api/account/sign-in': [ANYBODY(400), (b) => b.post('/api/account/sign-in').send({})],
  'GET /api/invitations/:token': [SIGNED_IN(404), (b) => b.get('/api/invitations/no-such-token')],
  'POST /api/invitations/:token/accept': [
    SIGNED_IN(404),
    (b) => b.post('/api/invitations/no-such-token/accept'),
  ],
  // A sheet asks for the token of its link, whoever is signed in.
  'GET /api/sheet': [ANYBODY(401), (b) => b.get('/api/sheet')],
  'POST /api/sheet/marks': [ANYBODY(401), (b) => b.post('/api/sheet/marks').send({ marks: [aMark()] })],
  'GET /api/library': [SIGNED_IN(200), (b) => b.get('/api/library')],
  'POST /api/library/edits': [SIGNED_IN(400), (b) => b.post('/api/library/edits').send({})],
  'GET /api/scale': [SIGNED_IN(200), (b) => b.get('/api/scale')],
  'POST /api/scale/tare': [SIGNED_IN(204), (b) => b.post('/api/scale/tare')],
  'POST /api/scale/pan': [SIGNED_IN(204), (b) => b.post('/api/scale/pan').send({ massKg: 0 })],
  'POST /api/scale/faults': [
    SIGNED_IN(204),
    (b) => b.post('/api/scale/faults').send({ dropShare: 0, shaken: false }),
  ],
  'GET /stand-ins/scale/v1': [ANYBODY(403), (b) => b.get('/stand-ins/scale/v1')],
  'POST /stand-ins/scale/v1/tare': [ANYBODY(403), (b) => b.post('/stand-ins/scale/v1/tare')],
  'POST /stand-ins/scale/v1/pan': [ANYBODY(403), (b) => b.post('/stand-ins/scale/v1/pan').send({})],
  'POST /stand-ins/scale/v1/faults': [ANYBODY(403), (b) => b.post('/stand-ins/scale/v1/faults').send({})],
  'GET /stand-ins/messages': [SIGNED_IN(200), (b) => b.get('/stand-ins/messages')],
  'GET /stand-ins/messages/v1': [ANYBODY(403), (b) => b.get('/stand-ins/messages/v1')],
  'POST /stand-ins/messages/v1/messages': [
    ANYBODY(403),
    (b) => b.post('/stand-ins/messages/v1/messages').send({}),
  ],
  'GET /stand-ins/messages/v1/messages/:id': [
    ANYBODY(403),
    (b) => b.get('/stand-ins/messages/v1/messages/none'),
  ],
  'GET /stand-ins/forecast/v1': [ANYBODY(400), (b) => b.get('/stand-ins/forecast/v1')],
};
/** They change who is signed in: accounts.test.ts tries them. */
const ELSEWHERE = [
  'POST /api/account/demo',
  'POST /api/account/sign-out',
  'POST /api/account/sign-out-everywhere',
  // Streams without an end: scale.test.ts listens to them, with a session and without.
  'GET /api/scale/readings',
  'GET /stand-ins/scale/v1/readings',
  // The same: sheets.test.ts.
  'GET /api/trips/:id/sheets/events',
];

test('every route of the application is in this table', () => {
  expect([...routesOf(server.app)].sort()).toEqual(
    [...Object.keys(TRIP_ROUTES), ...Object.keys(OTHER_ROUTES), ...ELSEWHERE].sort(),
  );
});

/** A trip with one leader of each role. */
async function tripWithLeaders(): Promise<string> {
  const { owner } = browsers;
  const answer = await owner.post('/api/trips/import').send(HUT).expect(201);
  const { id } = answer.body as { id: string };
  for (const role of ['read', 'full'] as const) {
    const invited = await owner.post(`/api/trips/${id}/invitations`).send({ role }).expect(201);
    await browsers[role]
      .post(`/api/invitations/${(invited.body as { token: string }).token}/accept`)
      .expect(200);
  }
  return id;
}

/** What is done may end a trip, so it has one of its own; what is read or refused has one for all. */
function tripFor(route: string, expected: number | undefined): Promise<string> {
  const changes = !route.startsWith('GET ') && (expected ?? 0) < 400;
  return changes ? tripWithLeaders() : (forAll ??= tripWithLeaders());
}
let forAll: Promise<string> | undefined;

describe.each(Object.entries({ ...TRIP_ROUTES, ...OTHER_ROUTES }))('%s', (name, [expected, call]) => {
  test.each(Object.keys(expected) as Who[])('as %s', async (who) => {
    const trip = name in TRIP_ROUTES ? await tripFor(name, expected[who]) : '';
    const answer = await call(browsers[who], { trip, reader: browsers.read.userId });
    expect(answer.status).toBe(expected[who]);
  });
});

test('a stranger’s 404 is the same as for a trip that does not exist', async () => {
  const trip = await tripWithLeaders();
  const message = async (id: string) =>
    (
      (await browsers.stranger.get(`/api/trips/${id}`).expect(404)).body as { error: { message: string } }
    ).error.message.replace(id, '…');
  expect(await message(trip)).toBe(await message('00000000-0000-4000-8000-000000000000'));
});

describe('invitations', () => {
  test('show what they offer, work once, and cannot be shown again', async () => {
    const trip = await tripWithLeaders();
    const invited = await browsers.owner
      .post(`/api/trips/${trip}/invitations`)
      .send({ role: 'full' })
      .expect(201);
    const { token } = invited.body as { token: string };
    const offer = await browsers.stranger.get(`/api/invitations/${token}`).expect(200);
    expect(offer.body).toEqual({
      tripName: 'Mending the hut roof at Tarn Elling',
      owner: 'Owner',
      role: 'full',
    });
    const leaders = await browsers.owner.get(`/api/trips/${trip}/leaders`).expect(200);
    expect(JSON.stringify(leaders.body)).not.toContain(token);
    expect((leaders.body as { invitations: object[] }).invitations).toHaveLength(1);
    await browsers.stranger.post(`/api/invitations/${token}/accept`).expect(200);
    await browsers.stranger.get(`/api/trips/${trip}`).expect(200);
    await browsers.read.post(`/api/invitations/${token}/accept`).expect(404);
    expect(server.log.join('\n')).not.toContain(token);
  });
  test('are void once withdrawn, too old, or their trip deleted', async () => {
    const trip = await tripWithLeaders();
    const { owner, stranger } = browsers;
    const invite = async (): Promise<string> =>
      (
        (await owner.post(`/api/trips/${trip}/invitations`).send({ role: 'read' }).expect(201)).body as {
          token: string;
        }
      ).token;
    const withdrawn = await invite();
    const { invitations } = (await owner.get(`/api/trips/${trip}/leaders`).expect(200)).body as {
      invitations: { id: string }[];
    };
    await owner.delete(`/api/trips/${trip}/invitations/${invitations[0]!.id}`).expect(204);
    await stranger.post(`/api/invitations/${withdrawn}/accept`).expect(404);
    const old = await invite();
    await server.source.query('UPDATE invitations SET expires_at = ? WHERE trip_id = ?', [new Date(0), trip]);
    await stranger.post(`/api/invitations/${old}/accept`).expect(404);
    const late = await invite();
    await owner.delete(`/api/trips/${trip}?version=1`).expect(204);
    await stranger.get(`/api/invitations/${late}`).expect(404);
  });
  test('take nothing away from whoever has more already', async () => {
    const trip = await tripWithLeaders();
    const invited = await browsers.owner
      .post(`/api/trips/${trip}/invitations`)
      .send({ role: 'read' })
      .expect(201);
    await browsers.owner
      .post(`/api/invitations/${(invited.body as { token: string }).token}/accept`)
      .expect(200);
    await browsers.owner.post(`/api/trips/${trip}/archive`).send({ archived: true }).expect(204);
  });
});

test('the owner can neither leave nor be taken out', async () => {
  const trip = await tripWithLeaders();
  const { owner } = browsers;
  await owner.delete(`/api/trips/${trip}/leaders/${owner.userId}`).expect(400);
  await owner.put(`/api/trips/${trip}/leaders/${owner.userId}`).send({ role: 'read' }).expect(400);
});

test('somebody taken out is a stranger at once', async () => {
  const trip = await tripWithLeaders();
  const { owner, full } = browsers;
  await full.get(`/api/trips/${trip}`).expect(200);
  await owner.delete(`/api/trips/${trip}/leaders/${full.userId}`).expect(204);
  await full.get(`/api/trips/${trip}`).expect(404);
});
