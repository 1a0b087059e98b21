/**
 * The scale as signed-in pages see it: the readings of the service that is configured, passed on as they come. A page
 * may not talk to another address itself.
 */
import { Readable } from 'node:stream';
import { Router } from 'express';
import { boolean, number, object, string } from 'yup';
import { schemaErrors } from '@graft/core';
import { signedIn } from '../accounts/signedIn.js';
import { ApiError } from '../http/apiError.js';

const TIMEOUT_MS = 3000;

const infoSchema = object({
  name: string().strict().min(1).max(200).required(),
  capacityKg: number().strict().positive().required(),
  divisionKg: number().strict().positive().required(),
  simulated: boolean().strict().required(),
});

const unavailable = (what: string): ApiError =>
  new ApiError(502, 'unavailable', `The scale ${what}. Masses can be typed.`);

/** Ask the scale something; whatever goes wrong is told as what the scale did. */
async function ask(url: string, init: RequestInit): Promise<globalThis.Response> {
  let answer: globalThis.Response;
  try {
    answer = await fetch(url, init);
  } catch (error) {
    const timedOut = error instanceof DOMException && error.name === 'TimeoutError';
    throw unavailable(timedOut ? `did not answer within ${TIMEOUT_MS / 1000} s` : 'cannot be reached');
  }
  if (answer.status === 400) {
    const body = (await answer.json()) as { error: { message: string; errors: [] } };
    throw new ApiError(400, 'invalid', body.error.message, body.error.errors);
  }
  if (!answer.ok) throw unavailable(`answered with status ${answer.status}`);
  return answer;
}

/** @param scaleUrl where the service's `/v1` is */
export function scaleRoutes(scaleUrl: string): Router {
  const router = Router();
  router.use(signedIn);

  router.get('/', async (_req, res) => {
    const answer = await ask(`${scaleUrl}/v1`, { signal: AbortSignal.timeout(TIMEOUT_MS) });
    const info: unknown = await answer.json();
    const [error] = schemaErrors(infoSchema, info);
    if (error !== undefined)
      throw unavailable(`answered with something else (${error.path}: ${error.message})`);
    res.json(info);
  });

  router.get('/readings', async (_req, res) => {
    const gone = new AbortController();
    res.on('close', () => gone.abort());
    const answer = await ask(`${scaleUrl}/v1/readings`, { signal: gone.signal });
    if (answer.body === null) throw unavailable('sent no readings');
    res.set({ 'Content-Type': 'text/event-stream' });
    res.flushHeaders();
    const readings = Readable.fromWeb(answer.body as Parameters<typeof Readable.fromWeb>[0]);
    // The scale went away or the page did: either way the stream ends, and a page that is there asks again.
    readings.on('error', () => res.end());
    readings.pipe(res);
  });

  for (const path of ['/tare', '/pan', '/faults']) {
    router.post(path, async (req, res) => {
      await ask(`${scaleUrl}/v1${path}`, {
        method: 'POST',
        headers: { 'Content-Type': 'application/json' },
        body: JSON.stringify(req.body ?? {}),
        signal: AbortSignal.timeout(TIMEOUT_MS),
      });
      res.status(204).end();
    });
  }
  return router;
}
