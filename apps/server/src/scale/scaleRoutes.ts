/**
 * The scale as signed-in pages see it: the readings of the service that is configured, passed on as they come. A page
 * may not talk to another address itself.
 */
import { Readable } from 'node:stream';
import { Router } from 'express';
import { boolean, number, object, string } from 'yup';
import type { ErrorBody } from '@graft/core';
import { signedIn } from '../accounts/signedIn.js';
import { ApiError } from '../http/apiError.js';
import { json, LARGEST } from '../http/body.js';
import { outsideService } from '../http/outsideService.js';

const scale = outsideService('scale', 'Masses can be typed.', 3000);

const infoSchema = object({
  name: string().strict().min(1).max(200).required(),
  capacityKg: number().strict().positive().required(),
  divisionKg: number().strict().positive().required(),
  simulated: boolean().strict().required(),
});

/** @param scaleUrl where the service's `/v1` is */
export function scaleRoutes(scaleUrl: string): Router {
  const router = Router();
  router.use(signedIn);

  router.get('/', async (_req, res) => {
    res.json(await scale.read(`${scaleUrl}/v1`, infoSchema));
  });

  router.get('/readings', async (_req, res) => {
    const gone = new AbortController();
    res.on('close', () => gone.abort());
    const answer = await scale.ask(`${scaleUrl}/v1/readings`, { signal: gone.signal });
    if (!answer.ok) throw scale.unavailable(`answered with status ${answer.status}`);
    if (answer.body === null) throw scale.unavailable('sent no readings');
    res.set({ 'Content-Type': 'text/event-stream' });
    res.flushHeaders();
    const readings = Readable.fromWeb(answer.body as Parameters<typeof Readable.fromWeb>[0]);
    // The scale went away or the page did: either way the stream ends, and a page that is there asks again.
    readings.on('error', () => res.end());
    readings.pipe(res);
  });

  for (const path of ['/tare', '/pan', '/faults']) {
    router.post(path, json(LARGEST.form), async (req, res) => {
      const answer = await scale.ask(`${scaleUrl}/v1${path}`, {
        method: 'POST',
        headers: { 'Content-Type': 'application/json' },
        body: JSON.stringify(req.body ?? {}),
      });
      if (answer.status === 400) {
        // What cannot lie on a pan is told in the scale's own words.
        const { error } = (await answer.json()) as ErrorBody;
        throw new ApiError(400, 'invalid', error.message, error.errors);
      }
      if (!answer.ok) throw scale.unavailable(`answered with status ${answer.status}`);
      res.status(204).end();
    });
  }
  return router;
}
