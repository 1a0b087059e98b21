/** The description of the API holds against the routes, against OpenAPI's own schema, and against what is answered. */
import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Ajv2020 } from 'ajv/dist/2020.js';
import { aMark } from '../testing/marks.js';
import { routesOf } from '../testing/routes.js';
import { PASSWORD, startTestServer, type TestServer, type Visitor } from '../testing/testServer.js';

const HUT = readFileSync(join(__dirname, '../../../../data/demo/hut-roof.graft.json'), 'utf8');

interface Described {
  readonly paths: Readonly<
    Record<
      string,
      Readonly<
        Record<
          string,
          {
            readonly operationId: string;
            readonly security: readonly object[];
            readonly requestBody?: {
              readonly content: Readonly<Record<string, { readonly schema: object }>>;
            };
            readonly responses: Readonly<
              Record<string, { readonly content?: Readonly<Record<string, { readonly schema: object }>> }>
            >;
          }
        >
      >
    >
  >;
  readonly components: { readonly schemas: Readonly<Record<string, object>> };
}

let server: TestServer;
let leader: Visitor & { readonly userId: string };
let described: Described;
const ajv = new Ajv2020({ strict: false, allErrors: true, validateFormats: false });
beforeAll(async () => {
  server = await startTestServer();
  leader = await server.signUp('Ilse');
  described = (await server.visitor().get('/api/openapi.json').expect(200)).body as Described;
  ajv.addSchema({ $id: 'api', ...described });
});
afterAll(() => server.close());

/** What stands under a path of the description, as a check of its own. */
const check = (...keys: readonly string[]) =>
  ajv.compile({
    $ref: `api#/${keys.map((k) => encodeURIComponent(k.replaceAll('~', '~0').replaceAll('/', '~1'))).join('/')}`,
  });

test('is OpenAPI 3.1', () => {
  const folder = mkdtempSync(join(tmpdir(), 'graft-api-'));
  const file = join(folder, 'openapi.json');
  writeFileSync(file, JSON.stringify(described));
  // A program of its own: it is no module that tests can load.
  const validator = join(__dirname, '../../../../node_modules/.bin/validate-api');
  const { status, stdout, stderr } = spawnSync(process.execPath, [validator, file], { encoding: 'utf8' });
  rmSync(folder, { recursive: true });
  expect([status, stdout + stderr]).toEqual([0, expect.any(String)]);
  expect(described).toMatchObject({ openapi: '3.1.0' });
});

test('describes every route of the API, and none that is not there', () => {
  const told = Object.entries(described.paths).flatMap(([path, methods]) =>
    Object.keys(methods).map((method) => `${method.toUpperCase()} ${path.replace(/\{(\w+)\}/g, ':$1')}`),
  );
  const there = routesOf(server.app).filter((route) => route.includes(' /api'));
  expect(told.sort()).toEqual([...there].sort());
  const ids = Object.values(described.paths).flatMap((m) => Object.values(m).map((o) => o.operationId));
  expect(new Set(ids).size).toBe(ids.length);
});

test('says of each route whether it asks who one is', async () => {
  for (const [path, methods] of Object.entries(described.paths))
    for (const [method, { security }] of Object.entries(methods)) {
      const at = path.replace(/\{\w+\}/g, '0');
      const answer = await server.visitor()[method as 'get'](at).timeout(5000);
      expect([method, path, answer.status === 401]).toEqual([method, path, security.length > 0]);
    }
});

test('what it says of requests is what is taken, and of answers what is given', async () => {
  const made = await leader.post('/api/trips/import').send(HUT).expect(201);
  const { id } = made.body as { id: string };
  const stored = await leader.get(`/api/trips/${id}`).expect(200);
  const { trip } = stored.body as { trip: { members: object[] } };
  const calls: readonly [string, string, string, object?][] = [
    ['get', '/api/account', '/api/account'],
    [
      'post',
      '/api/account/sign-in',
      '/api/account/sign-in',
      { email: 'ilse@example.org', password: PASSWORD },
    ],
    ['get', '/api/trips', '/api/trips'],
    ['post', '/api/trips', '/api/trips', { name: 'Walk', startDate: '2027-05-01', days: 2, style: 'hut' }],
    ['post', '/api/trips/import', '/api/trips/import', JSON.parse(HUT) as object],
    ['get', '/api/trips/{id}', `/api/trips/${id}`],
    ['get', '/api/trips/{id}/export', `/api/trips/${id}/export`],
    ['get', '/api/trips/{id}/forecast', `/api/trips/${id}/forecast`],
    [
      'post',
      '/api/trips/{id}/edits',
      `/api/trips/${id}/edits`,
      {
        version: 1,
        edits: [
          { kind: 'set', field: 'notes', value: 'At the bridge.' },
          { kind: 'put', collection: 'members', item: trip.members[0] },
          { kind: 'order', collection: 'members', keys: ['joss', 'eddy'] },
        ],
      },
    ],
    ['get', '/api/trips/{id}/history', `/api/trips/${id}/history?below=9`],
    ['get', '/api/trips/{id}/history/{version}', `/api/trips/${id}/history/1`],
    ['get', '/api/trips/{id}/messages', `/api/trips/${id}/messages`],
    ['post', '/api/trips/{id}/messages', `/api/trips/${id}/messages`, { kind: 'link', memberIds: ['eddy'] }],
    [
      'post',
      '/api/trips/{id}/sheets/{memberId}/marks',
      `/api/trips/${id}/sheets/eddy/marks`,
      { marks: [aMark()] },
    ],
    ['get', '/api/trips/{id}/sheets', `/api/trips/${id}/sheets`],
    ['post', '/api/trips/{id}/invitations', `/api/trips/${id}/invitations`, { role: 'read' }],
    ['get', '/api/library', '/api/library'],
    ['get', '/api/scale', '/api/scale'],
  ];
  for (const [method, path, at, body] of calls) {
    const call = leader[method as 'post'](at);
    const answer = await (body === undefined ? call : call.send(body));
    expect([path, answer.status, answer.status < 300]).toEqual([path, answer.status, true]);
    if (body !== undefined) {
      const takes = check('paths', path, method, 'requestBody', 'content', 'application/json', 'schema');
      expect([path, takes(body), takes.errors]).toEqual([path, true, null]);
      expect([path, takes({ ...body, odd: 1 })]).toEqual([path, false]);
    }
    if (answer.status === 204) continue;
    const gives = check(
      'paths',
      path,
      method,
      'responses',
      String(answer.status),
      'content',
      'application/json',
      'schema',
    );
    expect([path, gives(answer.body), gives.errors]).toEqual([path, true, null]);
  }
  const refused = await leader.post('/api/trips').send({}).expect(400);
  expect(check('components', 'schemas', 'Error')(refused.body)).toBe(true);
});
