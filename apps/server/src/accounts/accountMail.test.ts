/** Accounts on a server that sends mail: nobody learns who has one, and a forgotten password is set anew by a link. */
import type { AccountState } from '@graft/core/api';
import type { Messenger, Outgoing } from '../messages/messenger.js';
import { PASSWORD, startTestServer, type TestServer, type Visitor } from '../testing/testServer.js';

let server: TestServer;
const sent: Outgoing[] = [];
const messenger: Messenger = {
  info: () => Promise.resolve({ name: 'mail', simulated: false }),
  send: (message) => {
    sent.push(message);
    return Promise.resolve({ state: 'sent' });
  },
  stateOf: () => Promise.resolve({ state: 'sent' }),
};
beforeAll(async () => {
  server = await startTestServer({ messenger, mails: true });
});
afterAll(() => server.close());
beforeEach(() => void sent.splice(0));

const post = (browser: Visitor, way: string, body: object) => browser.post(`/api/account/${way}`).send(body);
const who = async (browser: Visitor) =>
  ((await browser.get('/api/account').expect(200)).body as AccountState).account;
const ask = (email: string, password = PASSWORD, browser = server.visitor()) =>
  post(browser, 'sign-up', { email, name: 'Ilse', password });
/** The token of the link in the last mail, which leads where the server stands and not where a request says. */
const tokenOf = (way: string): string =>
  new RegExp(`https://graft\\.example\\.org/${way}#(\\S{43})`).exec(sent.at(-1)!.text)![1]!;
const account = async (email: string): Promise<Visitor> => {
  await ask(email).expect(202);
  const browser = server.visitor();
  await post(browser, 'confirm', { token: tokenOf('confirm') }).expect(200);
  return browser;
};

test('an account is made by the link that goes to its address, once', async () => {
  const browser = server.visitor();
  const asked = await ask('ilse@example.org', PASSWORD, browser).expect(202);
  expect(asked.body).toMatchObject({ account: null, mail: true });
  expect(asked.headers['set-cookie']).toBeUndefined();
  await post(browser, 'sign-in', { email: 'ilse@example.org', password: PASSWORD }).expect(400);
  expect(sent).toMatchObject([{ to: 'ilse@example.org', subject: 'Graft: finish your account' }]);
  const token = tokenOf('confirm');
  await post(browser, 'confirm', { token: `${token.slice(0, -1)}x` }).expect(404);
  await post(browser, 'confirm', { token }).expect(200);
  expect(await who(browser)).toMatchObject({ email: 'ilse@example.org', name: 'Ilse' });
  await post(server.visitor(), 'confirm', { token }).expect(404);
  await post(server.visitor(), 'sign-in', { email: 'ilse@example.org', password: PASSWORD }).expect(200);
});

test('whether an address has an account is told to that address only', async () => {
  await account('known@example.org');
  sent.splice(0);
  const answers = [await ask('known@example.org'), await ask('unknown@example.org')];
  expect(answers[0]!.status).toBe(202);
  expect(answers[0]!.body).toEqual(answers[1]!.body);
  const bare = (answer: (typeof answers)[0]): object => {
    const { date: _date, ...headers } = answer.headers as Record<string, string>;
    return headers;
  };
  expect(bare(answers[0]!)).toEqual(bare(answers[1]!));
  expect(sent.map((m) => [m.to, m.subject])).toEqual([
    ['known@example.org', 'Graft: you have an account'],
    ['unknown@example.org', 'Graft: finish your account'],
  ]);
  const forgotten = [];
  for (const email of ['known@example.org', 'nobody@example.org'])
    forgotten.push(await post(server.visitor(), 'forgotten', { email }).expect(202));
  expect(forgotten[0]!.body).toEqual(forgotten[1]!.body);
});

test('two links for one address make one account', async () => {
  await ask('twice@example.org').expect(202);
  const first = tokenOf('confirm');
  await ask('twice@example.org', 'quiet river under a tin moon').expect(202);
  const second = tokenOf('confirm');
  await post(server.visitor(), 'confirm', { token: second }).expect(200);
  await post(server.visitor(), 'confirm', { token: first }).expect(404);
  const enter = (password: string) =>
    post(server.visitor(), 'sign-in', { email: 'twice@example.org', password });
  await enter(PASSWORD).expect(400);
  await enter('quiet river under a tin moon').expect(200);
});

test('a forgotten password is set anew by a link, once, and everybody else is signed out', async () => {
  const there = await account('moss@example.org');
  await post(server.visitor(), 'forgotten', { email: 'MOSS@example.org' }).expect(202);
  const older = tokenOf('reset');
  await post(server.visitor(), 'forgotten', { email: 'moss@example.org' }).expect(202);
  const token = tokenOf('reset');
  const here = server.visitor();
  const weak = await post(here, 'reset', { token, password: 'password1234' }).expect(400);
  expect(weak.body).toMatchObject({ error: { errors: [{ path: 'password' }] } });
  // A link of the one kind is none of the other.
  await post(here, 'confirm', { token: older }).expect(404);
  await post(here, 'reset', { token, password: 'quiet river under a tin moon' }).expect(200);
  expect(await who(here)).toMatchObject({ email: 'moss@example.org' });
  expect(await who(there)).toBeNull();
  for (const used of [token, older])
    await post(server.visitor(), 'reset', { token: used, password: 'another moon over a tin roof' }).expect(
      404,
    );
  await post(there, 'sign-in', { email: 'moss@example.org', password: PASSWORD }).expect(400);
  await post(there, 'sign-in', {
    email: 'moss@example.org',
    password: 'quiet river under a tin moon',
  }).expect(200);
});

test('links that went by mail end', async () => {
  await ask('late@example.org').expect(202);
  const token = tokenOf('confirm');
  await server.source.query('UPDATE mail_tokens SET expires_at = ?', [new Date(Date.now() - 1)]);
  await post(server.visitor(), 'confirm', { token }).expect(404);
});

test('nobody’s mailbox is filled from here', async () => {
  for (let n = 0; n < 12; n += 1) await ask('flooded@example.org').expect(202);
  expect(sent).toHaveLength(5);
});

test('both ways of writing a domain are one account', async () => {
  await account('Vera@Bücher.example');
  expect(sent.at(-1)!.to).toBe('vera@xn--bcher-kva.example');
  for (const email of ['vera@bücher.example', 'VERA@XN--BCHER-KVA.example'])
    await post(server.visitor(), 'sign-in', { email, password: PASSWORD }).expect(200);
});

test.each([
  ['password1234', /commonly used password/],
  ['ilse@example.org', /personal/],
  ['aaaaaaaaaaaaaaaa', /[Rr]epeated/],
  ['qwertzuiop', /easy to guess|commonly used/],
])('the password "%s" is refused with the reason', async (password, reason) => {
  const answer = await ask('ilse@example.org', password).expect(400);
  const { errors } = (answer.body as { error: { errors: { path: string; message: string }[] } }).error;
  expect(errors).toMatchObject([{ path: 'password', message: expect.stringMatching(reason) as string }]);
  expect(sent).toEqual([]);
});
