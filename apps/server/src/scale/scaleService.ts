/** The simulated bench scale behind the protocol of docs/scale-service.md: a stream of readings, and a tare. */
import { Router, type Response } from 'express';
import { boolean, number, object } from 'yup';
import type { ScaleInfo } from '@graft/core';
import { json, LARGEST } from '../http/body.js';
import { checked, noUnknown } from '../http/checked.js';
import { CAPACITY_KG, DIVISION_KG, SimulatedScale, type Faults } from './simulatedScale.js';

/** Ten readings a second, as a bench scale sends them. */
const EVERY_MS = 100;

const inRange = (low: number, high: number, unit: string) => {
  const words = `expected a number from ${low} to ${high}${unit}`;
  return number().strict().typeError(words).min(low, words).max(high, words).required(words);
};
const panRequest = object({ massKg: inRange(0, 60, ' kg') })
  .strict()
  .noUnknown(noUnknown);
const faultsRequest = object({
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

/** One pan for everybody who connects, like a real scale on a table. */
export function scaleService(random: () => number = Math.random, now: () => number = Date.now): Router {
  const scale = new SimulatedScale(now(), random);
  const listeners = new Set<Response>();
  let timer: NodeJS.Timeout | undefined;
  const send = (): void => {
    const reading = scale.next(now());
    if (reading === undefined) return;
    for (const res of listeners) res.write(`event: reading\ndata: ${JSON.stringify(reading)}\n\n`);
  };

  const form = json(LARGEST.form);
  const router = Router();
  router.get('/v1', (_req, res) => {
    res.json(SIMULATED_SCALE);
  });
  router.get('/v1/readings', (req, res) => {
    res.set({ 'Content-Type': 'text/event-stream', 'Cache-Control': 'no-store' });
    res.flushHeaders();
    listeners.add(res);
    timer ??= setInterval(send, EVERY_MS);
    req.on('close', () => {
      listeners.delete(res);
      if (listeners.size > 0) return;
      clearInterval(timer);
      timer = undefined;
    });
  });
  router.post('/v1/tare', (_req, res) => {
    scale.tare(now());
    res.status(204).end();
  });
  // Not part of a real scale's protocol: hands that put things on the simulated pan, and things that go wrong.
  router.post('/v1/pan', form, (req, res) => {
    scale.put(checked<{ massKg: number }>(panRequest, req.body).massKg, now());
    res.status(204).end();
  });
  router.post('/v1/faults', form, (req, res) => {
    scale.setFaults(checked<Faults>(faultsRequest, req.body));
    res.status(204).end();
  });
  return router;
}
