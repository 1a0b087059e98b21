/** The simulated bench scale behind the protocol of docs/scale-service.md: a stream of readings, and a tare. */
import type { IncomingMessage } from 'node:http';
import { Router, type Response } from 'express';
import { LRUCache } from 'lru-cache';
import { boolean, number, object } from 'yup';
import type { ScaleInfo } from '@graft/core/api';
import { json, LARGEST } from '../http/body.js';
import { checked, noUnknown } from '../http/checked.js';
import { askedFor, forOurselves } from '../http/standInKey.js';
import { CAPACITY_KG, DIVISION_KG, SimulatedScale, type Faults } from './simulatedScale.js';

/** Ten readings a second, as a bench scale sends them. */
const EVERY_MS = 100;

const inRange = (low: number, high: number, unit: string) => {
  const words = `expected a number from ${low} to ${high}${unit}`;
  return number().strict().typeError(words).min(low, words).max(high, words).required(words);
};
export const panRequest = object({ massKg: inRange(0, 60, ' kg') })
  .strict()
  .noUnknown(noUnknown);
export const faultsRequest = object({
  dropShare: inRange(0, 1, ''),
  shaken: boolean().strict().typeError('expected true or false').required('expected true or false'),
})
  .strict()
  .noUnknown(noUnknown);

const SIMULATED_SCALE: ScaleInfo = {
  name: 'Simulated bench scale',
  capacityKg: CAPACITY_KG,
  divisionKg: DIVISION_KG,
  simulated: true,
};

/** Pans that are kept; of one that nobody has used for longest, what lies on it is forgotten. */
const MOST_PANS = 200;

/** A scale on a table, and who looks at it. */
class Table {
  private readonly listeners = new Set<Response>();
  private timer: NodeJS.Timeout | undefined;
  readonly scale: SimulatedScale;

  constructor(
    random: () => number,
    private readonly now: () => number,
  ) {
    this.scale = new SimulatedScale(now(), random);
  }

  listen(res: Response): void {
    this.listeners.add(res);
    this.timer ??= setInterval(() => this.send(), EVERY_MS);
    res.on('close', () => {
      this.listeners.delete(res);
      if (this.listeners.size > 0) return;
      clearInterval(this.timer);
      this.timer = undefined;
    });
  }

  private send(): void {
    const reading = this.scale.next(this.now());
    if (reading === undefined) return;
    for (const res of this.listeners) res.write(`event: reading\ndata: ${JSON.stringify(reading)}\n\n`);
  }
}

/**
 * A table for each account in whose name it is asked; where it stands alone one for everybody who connects.
 *
 * @param key of the application that it ships with; undefined where it stands alone
 */
export function scaleService(
  key?: string,
  random: () => number = Math.random,
  now: () => number = Date.now,
): Router {
  const tables = new LRUCache<string, Table>({ max: MOST_PANS });
  const tableOf = (req: IncomingMessage): Table => {
    const account = askedFor(req);
    const table = tables.get(account) ?? new Table(random, now);
    tables.set(account, table);
    return table;
  };

  const form = json(LARGEST.form);
  const router = Router();
  router.use(forOurselves(key));
  router.get('/v1', (_req, res) => {
    res.json(SIMULATED_SCALE);
  });
  router.get('/v1/readings', (req, res) => {
    res.set({ 'Content-Type': 'text/event-stream', 'Cache-Control': 'no-store' });
    res.flushHeaders();
    tableOf(req).listen(res);
  });
  router.post('/v1/tare', (req, res) => {
    tableOf(req).scale.tare(now());
    res.status(204).end();
  });
  // Not part of a real scale's protocol: hands that put things on the simulated pan, and things that go wrong.
  router.post('/v1/pan', form, (req, res) => {
    tableOf(req).scale.put(checked<{ massKg: number }>(panRequest, req.body).massKg, now());
    res.status(204).end();
  });
  router.post('/v1/faults', form, (req, res) => {
    tableOf(req).scale.setFaults(checked<Faults>(faultsRequest, req.body));
    res.status(204).end();
  });
  return router;
}
