import { once } from 'node:events';
import { createServer, type Server } from 'node:http';
import express from 'express';
import request from 'supertest';
import type { ForecastAnswer } from '@graft/core/api';
import type { Place } from '@graft/core/trip';
import { address } from '../testing/testServer.js';
import { fetchForecast } from './forecastClient.js';
import { forecastService, simulatedDay } from './forecastService.js';

const PLACE: Place = { name: 'Somewhere', latitudeDeg: 57.6, longitudeDeg: -16.9, valleyElevationM: 120 };
const app = express().use('/forecast', forecastService());
const QUERY = { latitude: '57.6', longitude: '-16.9', elevation: '120', from: '2027-05-10', days: '6' };

describe('the simulated service', () => {
  test('says the same for the same place and date, whatever else was asked', async () => {
    const six = (await request(app).get('/forecast/v1').query(QUERY).expect(200)).body as ForecastAnswer;
    const later = (
      await request(app)
        .get('/forecast/v1')
        .query({ ...QUERY, from: '2027-05-12', days: '1' })
        .expect(200)
    ).body as ForecastAnswer;
    expect(six.days).toHaveLength(6);
    expect(later.days[0]).toEqual(six.days[2]);
  });
  test('says something else elsewhere and on other days', () => {
    const here = simulatedDay(57.6, -16.9, 0, '2027-05-10');
    expect(simulatedDay(47.6, -16.9, 0, '2027-05-10')).not.toEqual(here);
    expect(simulatedDay(57.6, -16.9, 0, '2027-05-14')).not.toEqual({ ...here, date: '2027-05-14' });
  });
  test('keeps to plausible weather: nights colder than days, warmer summers, colder heights', () => {
    const year = Array.from({ length: 365 }, (_v, i) =>
      simulatedDay(50, 10, 0, new Date(Date.UTC(2027, 0, 1 + i)).toISOString().slice(0, 10)),
    );
    for (const day of year) {
      expect(day.nightC).toBeLessThan(day.dayC);
      expect(day.rainChance).toBeGreaterThanOrEqual(0.05);
      expect(day.rainChance).toBeLessThanOrEqual(0.95);
      expect(day.windKmh).toBeGreaterThan(0);
      expect(day.windKmh).toBeLessThan(60);
    }
    const mean = (days: typeof year): number => days.reduce((sum, d) => sum + d.dayC, 0) / days.length;
    expect(mean(year.slice(180, 240))).toBeGreaterThan(mean(year.slice(0, 60)) + 8);
    const low = simulatedDay(50, 10, 200, '2027-05-10').dayC;
    expect(low - simulatedDay(50, 10, 1200, '2027-05-10').dayC).toBeCloseTo(6.5, 1);
  });
  test.each([
    ['latitude', '95', 'latitude: expected a number from -90 to 90, got "95"'],
    ['days', '', 'days: expected a number from 1 to 60, got ""'],
    ['from', '2027-02-30', 'from: expected a date such as "2027-05-10", got "2027-02-30"'],
  ])('refuses a bad %s', async (key, value, message) => {
    const quiet = express().use('/forecast', forecastService());
    quiet.use(
      ((error: Error, _req, res, _next) =>
        void res.status(400).json(error.message)) as express.ErrorRequestHandler,
    );
    const answer = await request(quiet)
      .get('/forecast/v1')
      .query({ ...QUERY, [key]: value })
      .expect(400);
    expect(answer.body).toBe(message);
  });
});

describe('asking a service', () => {
  const servers: Server[] = [];
  const serve = async (handler: express.RequestHandler): Promise<string> => {
    const server = createServer(express().use(handler)).listen(0, '127.0.0.1');
    servers.push(server);
    await once(server, 'listening');
    return address(server);
  };
  afterAll(() => Promise.all(servers.map((s) => new Promise((resolve) => s.close(resolve)))));

  test('another service takes its place by its address alone', async () => {
    const url = await serve((req, res) => {
      res.json({
        source: 'made for the test',
        elevationM: Number(req.query['elevation']),
        days: [{ date: req.query['from'], dayC: 11, nightC: 3, rainChance: 0.2, windKmh: 12 }],
      });
    });
    expect(await fetchForecast(url, PLACE, '2027-05-10', 1)).toEqual([
      {
        id: '2027-05-10',
        dayC: 11,
        nightC: 3,
        rainChance: 0.2,
        windKmh: 12,
        byLeader: [],
        source: 'made for the test',
      },
    ]);
  });
  test.each<[string, express.RequestHandler, RegExp]>([
    ['an error', (_req, res) => void res.status(503).end(), /answered with status 503/],
    ['no JSON', (_req, res) => void res.send('<html>'), /cannot be reached/],
    [
      'nonsense',
      (_req, res) => void res.json({ source: 'x', elevationM: 0, days: [{ date: 'soon' }] }),
      /something else/,
    ],
  ])('%s is told, and that values can be entered by hand', async (_what, handler, words) => {
    await expect(fetchForecast(await serve(handler), PLACE, '2027-05-10', 1)).rejects.toThrow(words);
    await expect(fetchForecast(await serve(handler), PLACE, '2027-05-10', 1)).rejects.toThrow('by hand');
  });
  test('nobody there is told', async () => {
    await expect(fetchForecast('http://127.0.0.1:9', PLACE, '2027-05-10', 1)).rejects.toThrow(
      'cannot be reached',
    );
  });
});
