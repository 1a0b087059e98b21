/** What anybody may send: asked first who they are, then how much it is, and only then what it says. */
import { gzipSync } from 'node:zlib';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import type request from 'supertest';
import type { ErrorBody } from '@graft/core/api';
import type { FieldError } from '@graft/core/schema';
import { SHEET_HEADER } from '../sheets/sheetRoutes.js';
import { startTestServer, type TestServer, type Visitor } from '../testing/testServer.js';

const HUT = readFileSync(join(__dirname, '../../../../data/demo/hut-roof.graft.json'), 'utf8');

let server: TestServer;
let leader: Visitor;
let trip: string;
let token: string;
beforeAll(async () => {
  server = await startTestServer();
  leader = await server.signUp('Leader');
  trip = ((await leader.post('/api/trips/import').send(HUT).expect(201)).body as { id: string }).id;
  const made = await leader.post(`/api/trips/${trip}/sheets/eddy/link`).expect(201);
  token = (made.body as { token: string }).token;
});
afterAll(() => server.close());

const errorOf = (answer: request.Response): ErrorBody['error'] => (answer.body as ErrorBody).error;
const deep = (depth: number): string => `${'['.repeat(depth)}${']'.repeat(depth)}`;

describe('who asks is looked at before what they say', () => {
  const huge = JSON.stringify({ marks: Array(20_000).fill({}) });
  test.each([
    ['a sheet’s marks without a token', () => server.visitor().post('/api/sheet/marks'), 401],
    [
      'a sheet’s marks with a void token',
      () => server.visitor().post('/api/sheet/marks').set(SHEET_HEADER, 'x'.repeat(43)),
      404,
    ],
    ['edits without an account', () => server.visitor().post(`/api/trips/${trip}/edits`), 401],
    ['an import without an account', () => server.visitor().post('/api/trips/import'), 401],
    ['the library without an account', () => server.visitor().post('/api/library/edits'), 401],
    ['edits of a trip that is not there', () => leader.post('/api/trips/nobody/edits'), 404],
    ['a note in a trip that is not there', () => leader.post('/api/trips/nobody/incidents'), 404],
    ['messages of a trip that is not there', () => leader.post('/api/trips/nobody/messages'), 404],
    ['marks of a trip that is not there', () => leader.post('/api/trips/nobody/sheets/eddy/marks'), 404],
  ])('%s', async (_what, ask, status) => {
    await ask().type('json').send(huge).expect(status);
    await ask().type('json').send('{ broken').expect(status);
  });
});

describe('how much it is is looked at before what it says', () => {
  const marks = (body: string | Buffer, encoding = 'identity') =>
    server
      .visitor()
      .post('/api/sheet/marks')
      .set(SHEET_HEADER, token)
      .set('Content-Encoding', encoding)
      .type('json')
      // As it is: a buffer too.
      .serialize((sent) => sent as string)
      .send(body);

  test.each([
    ['marks', 64_000, (body: string) => marks(body)],
    ['edits', 1_000_000, (body: string) => leader.post(`/api/trips/${trip}/edits`).type('json').send(body)],
    ['a form', 16_000, (body: string) => leader.post('/api/account/sign-in').type('json').send(body)],
    ['a file', 8_000_000, (body: string) => leader.post('/api/trips/import').type('text').send(body)],
  ])('%s of more than its %d bytes', async (_what, most, send) => {
    const refused = await send(' '.repeat(most + 1)).expect(413);
    expect(errorOf(refused).message).toContain(`${most / 1000} kB`);
    await send(`${' '.repeat(most - 1)}x`).expect(400);
  });

  test('counts what is compressed by what it holds', async () => {
    const zeros = gzipSync(Buffer.alloc(70_000, '0'));
    expect(zeros.length).toBeLessThan(200);
    await marks(zeros, 'gzip').expect(413);
    await marks(gzipSync('{"marks":[]}'), 'gzip').expect(400);
    await marks(Buffer.from('no gzip'), 'gzip').expect(400);
    await marks('{}', 'zstd').expect(415);
    await marks('{}', 'constructor').expect(415);
  });

  test('nesting is refused wherever JSON is read', async () => {
    for (const send of [
      () => marks(deep(30_000)),
      () => leader.post(`/api/trips/${trip}/edits`).type('json').send(deep(400_000)),
      () => leader.post('/api/trips/import').type('text').send(deep(4_000_000)),
      () => server.visitor().post('/api/account/sign-in').type('json').send(deep(7_000)),
      () => leader.post('/api/scale/pan').type('json').send(deep(7_000)),
    ]) {
      const refused = await send().expect(400);
      expect(errorOf(refused).errors[0]!.message).toContain('at most 40 deep');
    }
  });
});

describe('an answer is small, whatever it answers', () => {
  const told = (answer: request.Response): readonly FieldError[] => {
    expect(answer.text.length).toBeLessThan(60_000);
    return errorOf(answer).errors;
  };

  test('a list that is hardly anything but brackets: one error', async () => {
    const answer = await server
      .visitor()
      .post('/api/sheet/marks')
      .set(SHEET_HEADER, token)
      .send({ marks: Array(10_000).fill({}) })
      .expect(400);
    expect(told(answer).map((e) => e.path)).toEqual(['']);
  });

  test('fifty errors of many', async () => {
    const file = JSON.parse(HUT) as { trip: { personalThings: object[] } };
    file.trip.personalThings = Array.from({ length: 2500 }, () => ({ id: 'x y', name: 'A thing' }));
    const answer = await leader.post('/api/trips/import').send(JSON.stringify(file)).expect(400);
    expect(told(answer)).toHaveLength(50);
    expect(errorOf(answer).message).toBe('50 or more errors; nothing was saved.');
  });

  test('references that point nowhere are fifty at most too', async () => {
    const edits = Array.from({ length: 1000 }, (_v, i) => ({
      kind: 'put',
      collection: 'share',
      item: { pieceId: `p${i}`, memberId: 'nobody', locked: false },
    }));
    const answer = await leader.post(`/api/trips/${trip}/edits`).send({ version: 1, edits }).expect(400);
    expect(told(answer)).toHaveLength(50);
  });

  test('a text is not repeated whole', async () => {
    const file = JSON.parse(HUT) as { trip: { notes?: string; [more: string]: unknown } };
    file.trip.notes = 'n'.repeat(7_000_000);
    const long = await leader.post('/api/trips/import').send(JSON.stringify(file)).expect(400);
    expect(told(long)).toHaveLength(1);
    expect(long.text.length).toBeLessThan(400);
    delete file.trip.notes;
    file.trip['k'.repeat(1_000_000)] = 1;
    const key = await leader.post('/api/trips/import').send(JSON.stringify(file)).expect(400);
    expect(key.text.length).toBeLessThan(600);
    const address = await server
      .visitor()
      .post('/api/account/sign-in')
      .send({ email: `${'e'.repeat(9000)}@x.org`, password: 'p' })
      .expect(400);
    expect(address.text.length).toBeLessThan(600);
  });
});

describe('a body that is none is a refusal, not a fault of the server', () => {
  test.each(['sign-in', 'sign-up', 'password', 'delete'])('%s', async (route) => {
    for (const body of ['', 'null', '7', '{"email":{"a":1},"password":["x"]}']) {
      const answer = await leader.post(`/api/account/${route}`).type('json').send(body);
      expect([body, answer.status]).toEqual([body, 400]);
    }
    const form = await leader.post(`/api/account/${route}`).type('form').send('email=a@b.org&password=x');
    expect(form.status).toBe(400);
  });
});
