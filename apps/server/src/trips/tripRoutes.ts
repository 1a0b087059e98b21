import { Router, text } from 'express';
import type { AnySchema } from 'yup';
import {
  emptyTrip,
  freshId,
  InvalidInputError,
  parseTripFile,
  schemaErrors,
  serialiseTripFile,
  type TripEdit,
} from '@graft/core';
import type { TripStore } from './tripStore.js';
import { editRequest, newTripRequest, versionQuery } from './tripRequests.js';

/** The largest trip file that is read; the demo class of 28 has half a megabyte. */
const LARGEST_FILE = '8mb';

export function tripRoutes(store: TripStore): Router {
  const router = Router();

  router.get('/', async (_req, res) => {
    res.json({ trips: await store.list() });
  });

  router.post('/', async (req, res) => {
    const { name, startDate, days } = checked<{ name: string; startDate: string; days: number }>(
      newTripRequest,
      req.body,
    );
    const stored = await store.add(emptyTrip(freshId(name, []), name, startDate, days));
    res.status(201).json({ id: stored.id, version: stored.version });
  });

  router.post('/import', text({ type: () => true, limit: LARGEST_FILE }), async (req, res) => {
    const body: unknown = req.body;
    const stored = await store.add(parseTripFile(typeof body === 'string' ? body : ''));
    res.status(201).json({ id: stored.id, version: stored.version });
  });

  router.get('/:id', async (req, res) => {
    res.json(await store.get(req.params.id));
  });

  router.get('/:id/export', async (req, res) => {
    const { trip } = await store.get(req.params.id);
    res.type('application/json').attachment(`${trip.id}.graft.json`).send(serialiseTripFile(trip));
  });

  router.post('/:id/edits', async (req, res) => {
    const { version, edits } = checked<{ version: number; edits: readonly TripEdit[] }>(
      editRequest,
      req.body,
    );
    res.json({ version: await store.edit(req.params.id, version, edits) });
  });

  router.delete('/:id', async (req, res) => {
    const { version } = checked<{ version: string }>(versionQuery, req.query);
    await store.remove(req.params.id, Number(version));
    res.status(204).end();
  });

  return router;
}

/** A validated body, or every error of it. */
function checked<T>(schema: unknown, value: unknown): T {
  const errors = schemaErrors(schema as AnySchema, value ?? {});
  if (errors.length > 0) throw new InvalidInputError(errors);
  return value as T;
}
