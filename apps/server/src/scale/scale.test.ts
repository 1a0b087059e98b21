/** The scale's protocol over a real socket: settling, tare, lost and unsteady readings, and what the application passes on. */
import { once } from 'node:events';
import { createServer, type Server } from 'node:http';
import express from 'express';
import request from 'supertest';
import { hearReading, NOTHING_WEIGHED, weighingState, type ScaleReading } from '@graft/core/lists';
import { address, startTestServer, type TestServer } from '../testing/testServer.js';
import { scaleRoutes } from './scaleRoutes.js';
import { scaleService } from './scaleService.js';
import { DIVISION_KG, SimulatedScale } from './simulatedScale.js';

/** Park & Miller's minimal standard generator (from memory): the same noise in every run. */
function seeded(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state * 16807) % 2147483647;
    return state / 2147483647;
  };
}

describe('the simulated scale', () => {
  const readings = (scale: SimulatedScale, fromMs: number, count: number): (ScaleReading | undefined)[] =>
    Array.from({ length: count }, (_v, i) => scale.next(fromMs + i * 100));
  test('swings, settles and only then calls itself stable, on the right mass', () => {
    const scale = new SimulatedScale(0, seeded(1));
    scale.put(1.234, 0);
    const all = readings(scale, 50, 40).map((reading) => reading!);
    expect(all.slice(0, 5).every((reading) => !reading.stable)).toBe(true);
    expect(Math.abs(all[0]!.massKg - 1.234)).toBeGreaterThan(0.1);
    const stable = all.filter((reading) => reading.stable);
    expect(stable.length).toBeGreaterThan(10);
    for (const { massKg } of stable) expect(Math.abs(massKg - 1.234)).toBeLessThanOrEqual(0.003);
  });
  test('weighs net of its tare, and negative once the bowl is taken off', () => {
    const scale = new SimulatedScale(0, seeded(2));
    scale.put(0.3, 0);
    scale.tare(10_000);
    scale.put(0.8, 10_000);
    expect(scale.next(20_000)!.massKg).toBeCloseTo(0.5, 2);
    scale.put(0, 20_000);
    expect(scale.next(30_000)!.massKg).toBeCloseTo(-0.3, 2);
  });
  test('more than it can bear is an overload and never stable', () => {
    const scale = new SimulatedScale(0, seeded(3));
    scale.put(31, 0);
    expect(readings(scale, 10_000, 10).every((reading) => reading!.overload && !reading!.stable)).toBe(true);
  });
  test('shaken it never settles; dropped readings leave gaps in the count', () => {
    const scale = new SimulatedScale(0, seeded(4));
    scale.put(1, 0);
    scale.setFaults({ dropShare: 0, shaken: true });
    expect(readings(scale, 10_000, 50).some((reading) => reading!.stable)).toBe(false);
    scale.setFaults({ dropShare: 0.5, shaken: false });
    const heard = readings(scale, 20_000, 100).filter((reading) => reading !== undefined);
    expect(heard.length).toBeGreaterThan(25);
    expect(heard.length).toBeLessThan(75);
    expect(heard[heard.length - 1]!.seq - heard[0]!.seq).toBeGreaterThan(heard.length);
  });
});

/** Readings from a stream of events, until `enough` of those so far. */
async function listen(
  url: string,
  enough: (readings: readonly ScaleReading[]) => boolean,
  headers: Record<string, string> = {},
): Promise<readonly ScaleReading[]> {
  const stop = new AbortController();
  const answer = await fetch(url, { signal: stop.signal, headers });
  expect(answer.headers.get('content-type')).toContain('text/event-stream');
  const decoder = new TextDecoder();
  const readings: ScaleReading[] = [];
  let text = '';
  for await (const chunk of answer.body as unknown as AsyncIterable<Uint8Array>) {
    text += decoder.decode(chunk, { stream: true });
    const events = text.split('\n\n');
    text = events.pop()!;
    for (const event of events) {
      expect(event).toMatch(/^event: reading\ndata: \{.*\}$/);
      readings.push(JSON.parse(event.replace(/^event: reading\ndata: /, '')) as ScaleReading);
    }
    if (enough(readings)) break;
  }
  stop.abort();
  return readings;
}
const steady = (readings: readonly ScaleReading[]): number | undefined => {
  const weighing = readings.reduce((w, reading) => hearReading(w, reading, 0, DIVISION_KG), NOTHING_WEIGHED);
  const state = weighingState(weighing, 0, DIVISION_KG);
  return state.kind === 'stable' ? state.massKg : undefined;
};

describe('over the socket', () => {
  let server: Server;
  let url: string;
  beforeAll(async () => {
    server = createServer(express().use('/scale', scaleService(undefined, seeded(5)))).listen(0, '127.0.0.1');
    await once(server, 'listening');
    url = `${address(server)}/scale`;
  });
  afterAll(() => new Promise((resolve) => server.close(resolve)));
  const post = (path: string, body: object) => request(url).post(path).send(body);

  test('says what it is', async () => {
    expect((await request(url).get('/v1').expect(200)).body).toEqual({
      name: 'Simulated bench scale',
      capacityKg: 30,
      divisionKg: 0.001,
      simulated: true,
    });
  });
  test('what is put on the pan becomes a stable mass', async () => {
    await post('/v1/pan', { massKg: 0.64 }).expect(204);
    const readings = await listen(`${url}/v1/readings`, (all) => steady(all) !== undefined);
    expect(steady(readings)).toBeCloseTo(0.64, 2);
    expect(readings[0]!.stable).toBe(false);
  });
  test('with half of the readings lost a mass is still only taken from three in a row', async () => {
    await post('/v1/faults', { dropShare: 0.5, shaken: false }).expect(204);
    const readings = await listen(`${url}/v1/readings`, (all) => steady(all) !== undefined);
    const last = readings.slice(-3).map((reading) => reading.seq);
    expect(last).toEqual([last[0], last[0]! + 1, last[0]! + 2]);
    await post('/v1/faults', { dropShare: 0, shaken: false }).expect(204);
  });
});

describe('through the application', () => {
  let server: TestServer;
  beforeAll(async () => {
    server = await startTestServer();
  });
  afterAll(() => server.close());

  test('a signed-in page gets info, readings and the tare; nobody else does', async () => {
    const leader = await server.signUp('Weigher');
    expect((await leader.get('/api/scale').expect(200)).body).toMatchObject({ simulated: true });
    await leader.post('/api/scale/pan').send({ massKg: 1.5 }).expect(204);
    await server.visitor().get('/api/scale/readings').expect(401);
    const http = createServer(server.app).listen(0, '127.0.0.1');
    await once(http, 'listening');
    const signedIn = await request(address(http))
      .post('/api/account/sign-in')
      .set('X-Graft-Request', '1')
      .send({ email: 'weigher@example.org', password: 'stone ground, dark pine' })
      .expect(200);
    const cookie = (signedIn.headers['set-cookie'] as unknown as string[])[0]!.split(';')[0]!;
    const readings = await listen(`${address(http)}/api/scale/readings`, (all) => steady(all) !== undefined, {
      cookie,
    });
    expect(steady(readings)).toBeCloseTo(1.5, 2);
    await leader.post('/api/scale/tare').expect(204);
    http.closeAllConnections();
    await new Promise((resolve) => http.close(resolve));
  });
  test('what cannot lie on a pan is refused with the scale’s own words', async () => {
    const leader = await server.signUp('Joker');
    const answer = await leader.post('/api/scale/pan').send({ massKg: 'heavy' }).expect(400);
    expect((answer.body as { error: { errors: unknown } }).error.errors).toEqual([
      { path: 'massKg', message: 'expected a number from 0 to 60 kg' },
    ]);
  });
  test.each([
    ['cannot be reached', 'http://127.0.0.1:9/scale'],
    ['answered with status 404', 'unknown path'],
  ])('a scale that %s is told as such', async (words, at) => {
    const dead = createServer(express()).listen(0, '127.0.0.1');
    await once(dead, 'listening');
    const app = express()
      .use((_req, res, next) => {
        res.locals['account'] = { id: 'a' };
        next();
      })
      .use('/api/scale', scaleRoutes(at.startsWith('http') ? at : address(dead)));
    app.use(((error, _req, res, _next) => {
      res.status((error as { status: number }).status).json({ message: (error as Error).message });
    }) as express.ErrorRequestHandler);
    const answer = await request(app).get('/api/scale').expect(502);
    expect((answer.body as { message: string }).message).toBe(`The scale ${words}. Weights can be typed.`);
    await new Promise((resolve) => dead.close(resolve));
  });
});
