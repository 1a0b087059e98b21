import { verify } from '@node-rs/argon2';
import type { AccountState } from '@graft/core/api';
import { serialiseTripFile } from '@graft/core/formats';
import { emptyTrip } from '@graft/core/trip';
import { UserRow, SessionRow } from '../database/entities.js';
import { PASSWORD, startTestServer, type TestServer, type Visitor } from '../testing/testServer.js';

let server: TestServer;
beforeAll(async () => {
  server = await startTestServer();
});
afterAll(() => server.close());

const who = async (browser: Visitor): Promise<AccountState['account']> =>
  ((await browser.get('/api/account').expect(200)).body as AccountState).account;
const errorsOf = (answer: { body: unknown }) =>
  (answer.body as { error: { errors: { path: string; message: string }[] } }).error.errors;

describe('signing up', () => {
  test('signs in, and keeps the password as an argon2id hash only', async () => {
    const browser = await server.signUp('Ilka');
    expect(await who(browser)).toMatchObject({ email: 'ilka@example.org', name: 'Ilka', demo: false });
    const user = await server.source.manager.findOneByOrFail(UserRow, { email: 'ilka@example.org' });
    expect(user.passwordHash).toMatch(/^\$argon2id\$v=19\$m=19456,t=2,p=1\$/);
    expect(await verify(user.passwordHash!, PASSWORD)).toBe(true);
  });
  test('the cookie is out of reach of scripts and other sites; the database holds its hash', async () => {
    const answer = await server
      .visitor()
      .post('/api/account/sign-up')
      .send({ email: 'Cookie@Example.org', name: 'C', password: PASSWORD })
      .expect(200);
    const [cookie] = answer.headers['set-cookie'] as unknown as string[];
    expect(cookie).toMatch(/^graft_session=[\w-]{43}; .*HttpOnly.*SameSite=Strict/);
    const token = /graft_session=([^;]+)/.exec(cookie!)![1]!;
    const hashes = (await server.source.manager.find(SessionRow)).map((row) => row.tokenHash);
    expect(hashes).not.toContain(token);
    expect((answer.body as AccountState).account!.email).toBe('cookie@example.org');
  });
  test.each([
    ['no address', { name: 'X', password: PASSWORD }, 'email', 'expected an e-mail address'],
    [
      'a bad address',
      { email: 'x', name: 'X', password: PASSWORD },
      'email',
      'expected an e-mail address such as "ilse@example.org"',
    ],
    [
      'a short password',
      { email: 'x@y.org', name: 'X', password: 'short' },
      'password',
      'expected at least 10 characters',
    ],
    ['no name', { email: 'x@y.org', name: ' ', password: PASSWORD }, 'name', 'expected a name'],
    [
      'a stray field',
      { email: 'x@y.org', name: 'X', password: PASSWORD, demo: true },
      '',
      'has a field nobody knows: demo',
    ],
  ])('with %s is refused by name', async (_what, body, path, message) => {
    const answer = await server.visitor().post('/api/account/sign-up').send(body).expect(400);
    expect(errorsOf(answer)).toContainEqual({ path, message });
  });
  test('one address has one account, whatever its case', async () => {
    await server.signUp('Twin');
    const again = { email: 'TWIN@example.org', name: 'Other', password: PASSWORD };
    const answer = await server.visitor().post('/api/account/sign-up').send(again).expect(400);
    expect(errorsOf(answer)[0]!.path).toBe('email');
  });
});

describe('signing in and out', () => {
  const signIn = (browser: Visitor, email: string, password: string) =>
    browser.post('/api/account/sign-in').send({ email, password });

  test('needs the right password; a wrong one and an unknown address get the same answer', async () => {
    await server.signUp('Rune');
    const browser = server.visitor();
    const wrong = await signIn(browser, 'rune@example.org', 'not the password').expect(400);
    const unknown = await signIn(browser, 'nobody@example.org', 'not the password').expect(400);
    expect(wrong.body).toEqual(unknown.body);
    expect(await who(browser)).toBeNull();
    await signIn(browser, 'Rune@Example.org', PASSWORD).expect(200);
    expect((await who(browser))!.name).toBe('Rune');
  });
  test('signing out ends this session, signing out everywhere all of them', async () => {
    const first = await server.signUp('Sol');
    const second = server.visitor();
    await signIn(second, 'sol@example.org', PASSWORD).expect(200);
    await first.post('/api/account/sign-out').expect(200);
    expect(await who(first)).toBeNull();
    expect((await who(second))!.name).toBe('Sol');
    await signIn(first, 'sol@example.org', PASSWORD).expect(200);
    await second.post('/api/account/sign-out-everywhere').expect(200);
    expect([await who(first), await who(second)]).toEqual([null, null]);
  });
  test('a session that has run out is none', async () => {
    const browser = await server.signUp('Late');
    await server.source.query('UPDATE sessions SET expires_at = ? WHERE user_id = ?', [
      new Date(Date.now() - 1000),
      browser.userId,
    ]);
    expect(await who(browser)).toBeNull();
  });
  test('a new password ends the other sessions', async () => {
    const here = await server.signUp('Moss');
    const there = server.visitor();
    await signIn(there, 'moss@example.org', PASSWORD).expect(200);
    const change = (current: string, next: string) =>
      here.post('/api/account/password').send({ current, next });
    await change('wrong one, really', 'another long one').expect(400);
    await change(PASSWORD, 'short').expect(400);
    await change(PASSWORD, 'another long one').expect(204);
    expect(await who(there)).toBeNull();
    expect((await who(here))!.name).toBe('Moss');
    await signIn(there, 'moss@example.org', PASSWORD).expect(400);
    await signIn(there, 'moss@example.org', 'another long one').expect(200);
  });
  test('the demo is entered with one call, and only through it', async () => {
    const browser = server.visitor();
    expect(((await browser.get('/api/account').expect(200)).body as AccountState).demoOffered).toBe(true);
    await browser.post('/api/account/demo').expect(200);
    expect(await who(browser)).toMatchObject({ demo: true, name: 'Demo leader' });
    await signIn(server.visitor(), 'demo@graft.invalid', 'nobody has this password').expect(400);
  });
});

describe('my data', () => {
  const newTrip = async (browser: Visitor, name: string): Promise<string> => {
    const text = serialiseTripFile(emptyTrip('a-trip', name, '2027-05-10', 2));
    return ((await browser.post('/api/trips/import').send(text).expect(201)).body as { id: string }).id;
  };

  test('comes in one file: account, sessions, own trips whole, others by name', async () => {
    const me = await server.signUp('Vera');
    const friend = await server.signUp('Wim');
    await newTrip(me, 'Mine');
    const deleted = await newTrip(me, 'Thrown away');
    await me.delete(`/api/trips/${deleted}?version=1`).expect(204);
    const theirs = await newTrip(friend, 'Theirs');
    const invited = await friend.post(`/api/trips/${theirs}/invitations`).send({ role: 'read' }).expect(201);
    const { token } = invited.body as { token: string };
    await me.post(`/api/invitations/${token}/accept`).expect(200);
    const answer = await me.get('/api/account/export').expect(200);
    expect(answer.headers['content-disposition']).toContain('graft-account.json');
    expect(answer.body).toMatchObject({
      format: 'graft-account',
      account: { email: 'vera@example.org', name: 'Vera' },
      sessions: [{}],
      trips: [
        {
          file: { trip: { name: 'Mine' } },
          sheets: { links: [], marks: {} },
          addresses: {},
          messages: [],
        },
        { file: { trip: { name: 'Thrown away' } } },
      ],
      leadsWithOthers: [{ name: 'Theirs', owner: 'Wim', role: 'read' }],
    });
    expect(JSON.stringify(answer.body)).not.toMatch(/argon2|passwordHash/);
  });
  test('goes with the account, and only with address and password', async () => {
    const me = await server.signUp('Yrsa');
    const friend = await server.signUp('Zeno');
    const id = await newTrip(me, 'To be gone');
    const invited = await me.post(`/api/trips/${id}/invitations`).send({ role: 'full' }).expect(201);
    await friend.post(`/api/invitations/${(invited.body as { token: string }).token}/accept`).expect(200);
    await me.post('/api/account/delete').send({ email: 'zeno@example.org', password: PASSWORD }).expect(400);
    await me
      .post('/api/account/delete')
      .send({ email: 'yrsa@example.org', password: 'not this one' })
      .expect(400);
    await me.post('/api/account/delete').send({ email: 'Yrsa@example.org', password: PASSWORD }).expect(200);
    expect(await who(me)).toBeNull();
    await friend.get(`/api/trips/${id}`).expect(404);
    const left = await server.source.query<object[]>('SELECT id FROM trips WHERE id = ?', [id]);
    expect(left).toEqual([]);
    expect((await who(friend))!.name).toBe('Zeno');
  });
});

test('says where members find the application, when it is told', async () => {
  const plain = (await server.visitor().get('/api/account').expect(200)).body as AccountState;
  expect(plain).not.toHaveProperty('publicUrl');
});
