import { once } from 'node:events';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { SMTPServer } from 'smtp-server';
import type { OpenedSheet, SheetProgress } from '@graft/core/api';
import type { SendingAnswer, TripMessages } from '@graft/core/sheet';
import { ApiError } from '../http/apiError.js';
import { SHEET_HEADER } from '../sheets/sheetRoutes.js';
import { serverWithLeader, startTestServer, type TestServer } from '../testing/testServer.js';
import { messengerOf, type Messenger, type Outgoing } from './messenger.js';

const HUT = readFileSync(join(__dirname, '../../../../data/demo/hut-roof.graft.json'), 'utf8');

/** A service that notes what it carries; what becomes of it is set by the test. */
class NotingService implements Messenger {
  readonly carried: Outgoing[] = [];
  state: 'sent' | 'delivered' | 'failed' = 'sent';
  /** What comes of the next messages. */
  next: 'sent' | 'failed' | 'broken' = 'sent';
  /** The line is cut after so many. */
  cutAfter = Infinity;
  readonly info = () => Promise.resolve({ name: 'Noting', simulated: true });
  readonly send = (message: Outgoing) => {
    if (this.next === 'broken' || this.carried.length >= this.cutAfter)
      return Promise.reject(new ApiError(502, 'unavailable', 'The line is cut.'));
    this.carried.push(message);
    return Promise.resolve({ state: this.next, serviceId: String(this.carried.length) });
  };
  readonly stateOf = () =>
    Promise.resolve({ state: this.state, ...(this.state === 'failed' ? { reason: 'mailbox full' } : {}) });
}

const service = new NotingService();
const here = serverWithLeader({ messenger: service });
beforeEach(() => {
  service.carried.length = 0;
  service.state = 'sent';
  service.next = 'sent';
});

async function newTrip(by = here.leader): Promise<string> {
  return ((await by.post('/api/trips/import').send(HUT).expect(201)).body as { id: string }).id;
}
const address = (trip: string, member: string, to: string, status = 204) =>
  here.leader.put(`/api/trips/${trip}/messages/addresses/${member}`).send({ address: to }).expect(status);
const send = async (trip: string, kind: string, ...memberIds: string[]) =>
  (await here.leader.post(`/api/trips/${trip}/messages`).send({ kind, memberIds }).expect(200))
    .body as SendingAnswer;
const list = async (trip: string) =>
  (await here.leader.get(`/api/trips/${trip}/messages`).expect(200)).body as TripMessages;

test('links go to who has an address, each its own, and open that member’s sheet', async () => {
  const trip = await newTrip();
  await address(trip, 'eddy', 'eddy@example.org');
  expect(await send(trip, 'link', 'eddy', 'joss')).toEqual({
    sent: ['eddy'],
    unchanged: [],
    without: ['joss'],
    kept: [],
    failed: [],
  });
  expect(service.carried).toHaveLength(1);
  const [{ channel, to, text }] = service.carried as [Outgoing];
  expect([channel, to]).toEqual(['mail', 'eddy@example.org']);
  const token = /\/s\/#(\S{43})/.exec(text)![1]!;
  const opened = await here.server.visitor().get('/api/sheet').set(SHEET_HEADER, token).expect(200);
  expect((opened.body as OpenedSheet).sheet.memberId).toBe('eddy');
  // Neither the words nor the key are kept.
  const rows = await here.server.source.query<object[]>('SELECT * FROM messages');
  expect(JSON.stringify(rows)).not.toContain(token);
  expect(JSON.stringify(await list(trip))).not.toContain(token);
  expect(here.server.log.join('\n')).not.toContain(token);
});

test('changes go only to whom they concern, and once', async () => {
  const trip = await newTrip();
  await address(trip, 'eddy', 'eddy@example.org');
  await address(trip, 'joss', '+353 1 555 0123');
  expect(await send(trip, 'changes', 'eddy')).toMatchObject({ without: ['eddy'] });
  await send(trip, 'link', 'eddy', 'joss');
  expect(service.carried[1]).toMatchObject({ channel: 'text', to: '+353 1 555 0123' });
  expect(await send(trip, 'changes', 'eddy', 'joss')).toMatchObject({
    sent: [],
    unchanged: ['eddy', 'joss'],
  });
  const role = { id: 'r', day: 2, role: 'cook', memberId: 'joss' };
  await here.leader
    .post(`/api/trips/${trip}/edits`)
    .send({ version: 1, edits: [{ kind: 'put', collection: 'roles', item: role }] })
    .expect(200);
  expect(await send(trip, 'changes', 'eddy', 'joss')).toMatchObject({ sent: ['joss'], unchanged: ['eddy'] });
  expect(service.carried.at(-1)!.text).toContain('- Day 2: you are cook');
  expect(await send(trip, 'changes', 'joss')).toMatchObject({ unchanged: ['joss'] });

  // A reminder goes to whoever has a link, and leaves what changed to be told.
  await here.leader
    .post(`/api/trips/${trip}/edits`)
    .send({ version: 2, edits: [{ kind: 'put', collection: 'roles', item: { ...role, day: 1 } }] })
    .expect(200);
  expect(await send(trip, 'reminder', 'joss')).toMatchObject({ sent: ['joss'] });
  expect(service.carried.at(-1)!.text).toContain('say them under “About you”');
  expect(await send(trip, 'changes', 'joss')).toMatchObject({ sent: ['joss'] });
});

test('a link that does not get on its way ends no other', async () => {
  const trip = await newTrip();
  await address(trip, 'eddy', 'eddy@example.org');
  await address(trip, 'joss', 'joss@example.org');
  await send(trip, 'link', 'eddy');
  const token = /#(\S{43})/.exec(service.carried[0]!.text)![1]!;
  const opens = () => here.server.visitor().get('/api/sheet').set(SHEET_HEADER, token).expect(200);
  const post = (status: number) =>
    here.leader
      .post(`/api/trips/${trip}/messages`)
      .send({ kind: 'link', memberIds: ['eddy', 'joss'] })
      .expect(status);
  service.next = 'broken';
  await post(502);
  await opens();
  service.next = 'failed';
  await post(200);
  await opens();
  // Joss never had one.
  const { links } = (await here.leader.get(`/api/trips/${trip}/sheets`)).body as SheetProgress;
  expect(links.map((l) => l.memberId)).toEqual(['eddy']);
  expect((await list(trip)).messages.filter((m) => m.state === 'failed')).toHaveLength(2);
});

test('who has a link keeps it when links are sent again, and gets another only when that is asked for', async () => {
  const trip = await newTrip();
  await address(trip, 'eddy', 'eddy@example.org');
  await send(trip, 'link', 'eddy');
  const tokenIn = (text: string): string => /#(\S{43})/.exec(text)![1]!;
  const first = tokenIn(service.carried[0]!.text);
  const opens = (token: string, status: number) =>
    here.server.visitor().get('/api/sheet').set(SHEET_HEADER, token).expect(status);
  await address(trip, 'joss', 'joss@example.org');
  expect(await send(trip, 'link', 'eddy', 'joss')).toMatchObject({ kept: ['eddy'], sent: ['joss'] });
  expect(service.carried.map((m) => m.to)).toEqual(['eddy@example.org', 'joss@example.org']);
  await opens(first, 200);
  const again = await here.leader
    .post(`/api/trips/${trip}/messages`)
    .send({ kind: 'link', memberIds: ['eddy'], anew: true })
    .expect(200);
  expect(again.body).toMatchObject({ sent: ['eddy'], kept: [] });
  await opens(first, 404);
  await opens(tokenIn(service.carried.at(-1)!.text), 200);
});

test('what came of it is told by person, also when the line is cut in the middle', async () => {
  const trip = await newTrip();
  await address(trip, 'eddy', 'eddy@example.org');
  await address(trip, 'joss', 'joss@example.org');
  service.cutAfter = 1;
  expect(await send(trip, 'link', 'eddy', 'joss')).toMatchObject({
    sent: ['eddy'],
    failed: [{ memberId: 'joss', reason: 'The line is cut.' }],
  });
  expect((await list(trip)).messages.map((m) => [m.memberId, m.state, m.reason]).sort()).toEqual([
    ['eddy', 'sent', undefined],
    ['joss', 'failed', 'The line is cut.'],
  ]);
  service.cutAfter = Infinity;
  expect(await send(trip, 'link', 'eddy', 'joss')).toMatchObject({ kept: ['eddy'], sent: ['joss'] });
});

test('leaders who may only look see no addresses', async () => {
  const trip = await newTrip();
  await address(trip, 'eddy', 'eddy@example.org');
  await send(trip, 'link', 'eddy');
  const reader = await here.server.signUp('Onlooker');
  const { token } = (
    await here.leader.post(`/api/trips/${trip}/invitations`).send({ role: 'read' }).expect(201)
  ).body as { token: string };
  await reader.post(`/api/invitations/${token}/accept`).expect(200);
  for (const path of ['messages', 'leaders', 'sheets', 'history']) {
    const answer = await reader.get(`/api/trips/${trip}/${path}`).expect(200);
    expect(answer.text).not.toMatch(/eddy@example|leader@example/);
  }
  expect((await reader.get(`/api/trips/${trip}/leaders`)).text).toContain('onlooker@example.org');
  expect((await here.leader.get(`/api/trips/${trip}/messages`)).text).toContain('eddy@example.org');
});

test('what became of a message is asked until it is known', async () => {
  const trip = await newTrip();
  await address(trip, 'eddy', 'eddy@example.org');
  await send(trip, 'link', 'eddy');
  expect((await list(trip)).messages).toMatchObject([{ kind: 'link', memberId: 'eddy', state: 'sent' }]);
  service.state = 'failed';
  expect((await list(trip)).messages).toMatchObject([{ state: 'failed', reason: 'mailbox full' }]);
  service.state = 'delivered';
  expect((await list(trip)).messages).toMatchObject([{ state: 'failed' }]);
});

test.each([
  ['eddy at home', 'expected a mail address such as "ann@example.org" or a telephone number such as'],
  ['x'.repeat(201), 'expected at most 200 characters'],
])('the address "%s" is refused', async (to, words) => {
  const trip = await newTrip();
  const refused = await address(trip, 'eddy', to, 400);
  const { errors } = (refused.body as { error: { errors: { path: string; message: string }[] } }).error;
  expect(errors).toMatchObject([{ path: 'address', message: expect.stringContaining(words) as string }]);
  expect((await list(trip)).addresses).toEqual({});
});

test('addresses are kept with the trip and in no file, and forgotten when emptied', async () => {
  const trip = await newTrip();
  await address(trip, 'eddy', ' eddy@example.org ');
  expect((await list(trip)).addresses).toEqual({ eddy: 'eddy@example.org' });
  expect((await here.leader.get(`/api/trips/${trip}/export`).expect(200)).text).not.toContain(
    'eddy@example.org',
  );
  await address(trip, 'eddy', '');
  expect((await list(trip)).addresses).toEqual({});
  await address(trip, 'nobody', 'a@example.org', 404);
});

test('somebody who is not there gets nothing, nor does anybody else', async () => {
  const trip = await newTrip();
  await address(trip, 'eddy', 'eddy@example.org');
  await here.leader
    .post(`/api/trips/${trip}/messages`)
    .send({ kind: 'link', memberIds: ['eddy', 'nobody'] })
    .expect(404);
  await here.leader
    .post(`/api/trips/${trip}/messages`)
    .send({ kind: 'gossip', memberIds: ['eddy'] })
    .expect(400);
  expect(service.carried).toEqual([]);
});

describe('the simulated service', () => {
  let own: TestServer;
  beforeAll(async () => {
    own = await startTestServer();
  });
  afterAll(() => own.close());

  const KEY = { Authorization: 'Bearer the key of the tests' };

  test('delivers after a while, and shows each account what was sent for it', async () => {
    const [visitor, other] = [await own.signUp('Visitor'), await own.signUp('Other')];
    const post = (to: string) =>
      own
        .visitor()
        .post('/stand-ins/messages/v1/messages')
        .set({ ...KEY, 'X-Graft-Account': visitor.userId })
        .send({ channel: 'mail', to, subject: 'A <b>', text: 'see http://127.0.0.1/s/#key & more' })
        .expect(201);
    const [good, bad] = [await post('a@example.org'), await post('bounce@example.org')];
    const idOf = (answer: typeof good): string => (answer.body as { id: string }).id;
    const state = async (answer: typeof good) =>
      (
        await own
          .visitor()
          .get(`/stand-ins/messages/v1/messages/${idOf(answer)}`)
          .set(KEY)
      ).body as object;
    expect(await state(good)).toEqual({ state: 'sent' });
    await new Promise((resolve) => setTimeout(resolve, 900));
    expect(await state(good)).toEqual({ state: 'delivered' });
    expect(await state(bad)).toEqual({ state: 'failed', reason: 'no such address' });
    const page = (await visitor.get('/stand-ins/messages').expect(200)).text;
    expect(page).toContain('A &lt;b&gt;');
    expect(page).toContain('<a href="http://127.0.0.1/s/#key">http://127.0.0.1/s/#key</a> &amp; more');
    const theirs = (await other.get('/stand-ins/messages').expect(200)).text;
    expect(theirs).toContain('Nothing was sent yet.');
    expect(theirs).not.toMatch(/A &lt;b|#key|a@example/);
    await own.visitor().get('/stand-ins/messages').expect(401);
  });

  test('takes and tells nothing for anybody but the application, signed in or not', async () => {
    const visitor = await own.signUp('Curious');
    for (const who of [own.visitor(), visitor]) {
      await who
        .post('/stand-ins/messages/v1/messages')
        .send({ channel: 'mail', to: 'a@example.org', subject: 's', text: 't' })
        .expect(403);
      await who.get('/stand-ins/messages/v1/messages/any').expect(403);
      await who.post('/stand-ins/scale/v1/pan').send({ massKg: 1 }).expect(403);
      await who.post('/stand-ins/scale/v1/tare').expect(403);
      await who.post('/stand-ins/scale/v1/faults').send({ dropShare: 1, shaken: true }).expect(403);
      await who.get('/stand-ins/scale/v1/readings').expect(403);
    }
  });

  test('is asked by the application over its own protocol', async () => {
    const visitor = await own.signUp('Second');
    const trip = await newTrip(visitor);
    await visitor
      .put(`/api/trips/${trip}/messages/addresses/eddy`)
      .send({ address: 'e@example.org' })
      .expect(204);
    await visitor
      .post(`/api/trips/${trip}/messages`)
      .send({ kind: 'link', memberIds: ['eddy'] })
      .expect(200);
    const { service: who, messages } = (await visitor.get(`/api/trips/${trip}/messages`))
      .body as TripMessages;
    expect(who).toEqual({ name: 'Simulated outbox', simulated: true });
    expect(messages).toMatchObject([{ state: 'sent', address: 'e@example.org' }]);
  });
});

describe('a mail server', () => {
  const received: string[] = [];
  const smtp = new SMTPServer({
    authOptional: true,
    disabledCommands: ['STARTTLS', 'AUTH'],
    onRcptTo: ({ address: to }, _session, done) =>
      done(
        to.startsWith('gone') || to.startsWith('later')
          ? Object.assign(new Error('no such user'), { responseCode: to.startsWith('gone') ? 550 : 450 })
          : null,
      ),
    onData: (stream, _session, done) => {
      let text = '';
      stream.on('data', (part: Buffer) => (text += part.toString()));
      stream.on('end', () => {
        received.push(text);
        done();
      });
    },
  });
  let url = '';
  beforeAll(async () => {
    const listening = smtp.listen(0, '127.0.0.1');
    await once(listening, 'listening');
    url = `smtp://127.0.0.1:${(listening.address() as { port: number }).port}`;
  });
  afterAll(() => new Promise<void>((resolve) => void smtp.close(() => resolve())));
  const message = {
    channel: 'mail',
    to: 'ann@example.org',
    subject: 'Your sheet',
    text: 'Here it is.',
  } as const;

  test('takes mail', async () => {
    const server = messengerOf(url, 'Leader <leader@example.org>');
    expect(await server.info()).toEqual({ name: 'mail server 127.0.0.1', simulated: false });
    expect(await server.send(message, 'me')).toEqual({ state: 'sent' });
    expect(received[0]).toMatch(/^From: Leader <leader@example.org>/m);
    expect(received[0]).toMatch(/^To: ann@example.org/m);
    expect(received[0]).toContain('Here it is.');
    expect(received[0]).toMatch(/Content-Type: multipart\/alternative/);
    expect(received[0]).toMatch(/Content-Type: text\/plain/);
    expect(received[0]).toMatch(/Content-Type: text\/html/);
  });
  test('refuses an address: the message failed, and says why', async () => {
    const answer = await messengerOf(url, 'leader@example.org').send(
      { ...message, to: 'gone@example.org' },
      'me',
    );
    expect(answer).toMatchObject({
      state: 'failed',
      reason: expect.stringContaining('no such user') as string,
    });
  });
  test('a domain in letters of its own is written as mail servers know it', async () => {
    const to = 'Ann@bücher.example';
    await messengerOf(url, 'leader@example.org').send({ ...message, to }, 'me');
    expect(received.at(-1)).toMatch(/^To: Ann@xn--bcher-kva\.example/m);
  });

  test.each(['gone@example.org', 'later@example.org'])(
    'a refused recipient (%s) keeps no other mail from going',
    async (refused) => {
      const own = await startTestServer({ messenger: messengerOf(url, 'leader@example.org') });
      try {
        const by = await own.signUp('Leader');
        const trip = await newTrip(by);
        for (const [member, to] of [
          ['eddy', refused],
          ['joss', 'joss@example.org'],
        ])
          await by.put(`/api/trips/${trip}/messages/addresses/${member}`).send({ address: to }).expect(204);
        await by
          .post(`/api/trips/${trip}/messages`)
          .send({ kind: 'link', memberIds: ['eddy', 'joss'] })
          .expect(200);
        const { messages } = (await by.get(`/api/trips/${trip}/messages`)).body as TripMessages;
        expect(messages.map((m) => [m.memberId, m.state]).sort()).toEqual([
          ['eddy', 'failed'],
          ['joss', 'sent'],
        ]);
      } finally {
        await own.close();
      }
    },
  );
  test('carries no text messages', async () => {
    const answer = await messengerOf(url, '').send(
      { ...message, channel: 'text', to: '+353 1 555 0123' },
      'me',
    );
    expect(answer).toEqual({ state: 'failed', reason: 'this server only carries mail' });
  });
  test('that is not there is told as such', async () => {
    await expect(
      messengerOf('smtp://127.0.0.1:9', 'a@example.org').send(message, 'me'),
    ).rejects.toMatchObject({
      status: 502,
      message: expect.stringContaining('cannot be reached') as string,
    });
  });
});
