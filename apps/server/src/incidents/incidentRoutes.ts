import { Router } from 'express';
import { object, string } from 'yup';
import { UUID_PATTERN } from '@graft/core/schema';
import { incidentSchema, type IncidentNote } from '@graft/core/trail';
import { accountOf } from '../accounts/signedIn.js';
import { json, LARGEST } from '../http/body.js';
import { checked, noUnknown } from '../http/checked.js';
import type { Gate } from '../trips/gate.js';
import type { IncidentStore } from './incidentStore.js';

export const noteRequest = object({
  id: string().strict().matches(UUID_PATTERN, 'expected a random UUID').required('expected a random UUID'),
  note: incidentSchema,
})
  .strict()
  .noUnknown(noUnknown);

/** The incident log; mounted under a trip's address. */
export function incidentRoutes(store: IncidentStore, may: Gate): Router {
  const router = Router({ mergeParams: true });
  router.get('/:id/incidents', async (req, res) => {
    res.json({ incidents: await store.list(req.params.id, accountOf(res).id) });
  });
  router.post('/:id/incidents', may('full'), json(LARGEST.marks), async (req, res) => {
    const { id, note } = checked<{ id: string; note: IncidentNote }>(noteRequest, req.body);
    res.status(201).json(await store.add(req.params.id, accountOf(res), id, note));
  });
  return router;
}
