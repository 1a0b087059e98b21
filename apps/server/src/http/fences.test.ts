/** What ends with a right, what an odd name must not break, and what the log must not tell. */
import { once } from 'node:events';
import { createServer, get, type IncomingMessage } from 'node:http';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { SheetProgress, StoredTrip } from '@graft/core/api';
import { SHEET_HEADER } from '../sheets/sheetRoutes.js';
import { aMark } from '../testing/marks.js';
import { address, PASSWORD, startTestServer, type TestServer, type Visitor } from '../testing/testServer.js';
import { describe as describeError, makeLogger } from './logger.js';

const HUT = readFileSync(join(__dirname, '../../../../data/demo/hut-roof.graft.json'), 'utf8');

let server: TestServer;
let owner: Visitor & { readonly userId: string };
beforeAll(async () => {
  server = await startTestServer();
  owner = await server.signUp('Owner');
});
afterAll(() => server.close());

const newTrip = async (text = HUT): Promise<string> =>
  ((await owner.post('/api/trips/import').send(text).expect(201)).body as { id: string }).id;
const newLink = async (trip: string, member: string): Promise<string> =>
  ((await owner.post(`/api/trips/${trip}/sheets/${member}/link`).expect(201)).body as { token: string })
    .token;
const tick = (token: string) =>
  server
    .visitor()
    .post('/api/sheet/marks')
    .set(SHEET_HEADER, token)
    .send({ marks: [aMark()] })
    .expect(200);

describe('a stream ends with the right to it', () => {
  async function coLeader(trip: string, name: string): Promise<Visitor & { readonly userId: string }> {
    const guest = await server.signUp(name);
    const { token } = (await owner.post(`/api/trips/${trip}/invitations`).send({ role: 'read' }).expect(201))
      .body as { token: string };
    await guest.post(`/api/invitations/${token}/accept`).expect(200);
    return guest;
  }

  test.each([
    [
      'taken out by the owner',
      (trip: string, guest: Visitor & { readonly userId: string }) =>
        owner.delete(`/api/trips/${trip}/leaders/${guest.userId}`).expect(204),
    ],
    ['signed out', (_trip: string, guest: Visitor) => guest.post('/api/account/sign-out').expect(200)],
    [
      'account deleted',
      (_trip: string, guest: Visitor) =>
        guest
          .post('/api/account/delete')
          .send({ email: 'guest-deleted@example.org', password: PASSWORD })
          .expect(200),
    ],
  ])('%s', async (what, end) => {
    const trip = await newTrip();
    const token = await newLink(trip, 'eddy');
    const guest = await coLeader(trip, `Guest-${what.split(' ').at(-1)!}`);
    const http = createServer(server.app).listen(0, '127.0.0.1');
    await once(http, 'listening');
    try {
      const signedIn = await guest.get('/api/account').expect(200);
      const cookie = (signedIn as unknown as { request: { cookies: string } }).request.cookies;
      const answer = await new Promise<IncomingMessage>((resolve) =>
        get(`${address(http)}/api/trips/${trip}/sheets/events`, { headers: { cookie } }, resolve),
      );
      let heard = '';
      answer.on('data', (part: Buffer) => (heard += part.toString()));
      const closed = once(answer, 'close');
      await tick(token);
      for (let n = 0; n < 100 && !heard.includes('marks'); n += 1)
        await new Promise((r) => setTimeout(r, 10));
      expect(heard).toContain('marks');
      heard = '';
      await end(trip, guest);
      await tick(token);
      await closed;
      expect(heard).not.toContain('marks');
    } finally {
      http.closeAllConnections();
      http.close();
    }
  });
});

test('a member whose id is "constructor" has a sheet, and the account an export', async () => {
  const trip = await newTrip(HUT.replaceAll('"eddy"', '"constructor"'));
  const token = await newLink(trip, 'constructor');
  await server
    .visitor()
    .post('/api/sheet/marks')
    .set(SHEET_HEADER, token)
    .send({ marks: [aMark()] })
    .expect(200);
  const progress = (await owner.get(`/api/trips/${trip}/sheets`).expect(200)).body as SheetProgress;
  expect(Object.keys(progress.marks)).toEqual(['constructor']);
  await owner.get('/api/account/export').expect(200);
  await owner.get(`/api/trips/${trip}/messages`).expect(200);
});

test('first visits to the library at once are all answered', async () => {
  for (let n = 0; n < 3; n += 1) {
    const visitor = await server.signUp(`Reader-${n}`);
    const answers = await Promise.all(Array.from({ length: 12 }, () => visitor.get('/api/library')));
    expect(answers.map((a) => a.status)).toEqual(Array(12).fill(200));
  }
});

describe('the log', () => {
  test('has no values of a query that failed', async () => {
    const trip = await newTrip();
    const { trip: stored, version } = (await owner.get(`/api/trips/${trip}`).expect(200)).body as StoredTrip;
    const member = { ...stored.members[0]!, healthNotes: 'asthma, carries spray', bodyMassKg: 73.125 };
    await server.source.query('ALTER TABLE members MODIFY health_notes varchar(3) NULL');
    try {
      await owner
        .post(`/api/trips/${trip}/edits`)
        .send({ version, edits: [{ kind: 'put', collection: 'members', item: member }] })
        .expect(500);
    } finally {
      await server.source.query('ALTER TABLE members MODIFY health_notes text NULL');
    }
    const log = server.log.join('');
    expect(log).toContain('ER_DATA_TOO_LONG');
    expect(log).toContain('INSERT INTO `members`');
    expect(log).not.toMatch(/asthma|73\.125/);
  });

  test('has no message of the database, bare or as a cause', () => {
    const bare = Object.assign(new Error("Duplicate entry 'ann@example.org'"), {
      code: 'ER_DUP_ENTRY',
      sqlMessage: "Duplicate entry 'ann@example.org'",
      sql: "INSERT INTO users VALUES ('ann@example.org')",
    });
    for (const error of [bare, new Error('wrapped', { cause: bare })]) {
      const lines: string[] = [];
      makeLogger({ write: (line: string) => void lines.push(line) }).error({ err: error }, 'x');
      expect(lines.join('')).toContain('ER_DUP_ENTRY');
      expect(lines.join('')).not.toContain('ann@');
    }
    expect(describeError('a text')).toEqual({ type: 'string' });
  });
});
