/**
 * The scale as signed-in pages see it: the readings of the service that is configured, passed on as they come. A page
 * may not talk to another address itself.
 */
import { Readable } from 'node:stream';
import { Router, type Response } from 'express';
import { boolean, number, object, string } from 'yup';
import type { ErrorBody } from '@graft/core/api';
import { accountOf, signedIn } from '../accounts/signedIn.js';
import { ApiError } from '../http/apiError.js';
import { json, LARGEST } from '../http/body.js';
import { outsideService } from '../http/outsideService.js';
import { standInHeaders } from '../http/standInKey.js';

const scale = outsideService('scale', 'Weights can be typed.', 3000);

const infoSchema = object({
  name: string().strict().min(1).max(200).required(),
  capacityKg: number().strict().positive().required(),
  divisionKg: number().strict().positive().required(),
  simulated: boolean().strict().required(),
});

/**
 * @param scaleUrl where the service's `/v1` is
 * @param key of the simulated scale that ships with the application; undefined for a real one
 */
export function scaleRoutes(scaleUrl: string, key?: string): Router {
  const router = Router();
  const headers = (res: Response): Record<string, string> => standInHeaders(key, accountOf(res).id);
  router.use(signedIn);

  router.get('/', async (_req, res) => {
    res.json(await scale.read(`${scaleUrl}/v1`, infoSchema, headers(res)));
  });

  router.get('/readings', async (_req, res) => {
    const gone = new AbortController();
    res.on('close', () => gone.abort());
    const answer = await scale.ask(`${scaleUrl}/v1/readings`, {
      signal: gone.signal,
      headers: headers(res),
    });
    if (!answer.ok) throw scale.unavailable(`answered with status ${answer.status}`);
    if (answer.body === null) throw scale.unavailable('sent no readings');
    res.set({ 'Content-Type': 'text/event-stream' });
    res.flushHeaders();
    const readings = Readable.fromWeb(answer.body);
    // The scale went away or the page did: either way the stream ends, and a page that is there asks again.
    readings.on('error', () => res.end());
    readings.pipe(res);
  });

  for (const path of ['/tare', '/pan', '/faults']) {
    router.post(path, json(LARGEST.form), async (req, res) => {
      const answer = await scale.ask(`${scaleUrl}/v1${path}`, {
        method: 'POST',
        headers: { 'Content-Type': 'application/json', ...headers(res) },
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
