import { Router } from 'express';
import { object, string } from 'yup';
import { INVITED_ROLES, type InvitedRole } from '@graft/core/api';
import { accountOf, signedIn } from '../accounts/signedIn.js';
import { json, LARGEST } from '../http/body.js';
import { checked, noUnknown } from '../http/checked.js';
import type { SheetNewsroom } from '../sheets/sheetNewsroom.js';
import type { Gate } from './gate.js';
import type { LeaderStore } from './leaderStore.js';

export const roleRequest = object({
  role: string()
    .strict()
    .oneOf([...INVITED_ROLES], `expected one of ${INVITED_ROLES.join(', ')}`)
    .required(`expected a role: one of ${INVITED_ROLES.join(', ')}`),
})
  .strict()
  .noUnknown(noUnknown);

/** Who leads a trip; mounted under a trip's address. */
export function leaderRoutes(store: LeaderStore, may: Gate, news: SheetNewsroom): Router {
  const router = Router({ mergeParams: true });
  const me = accountOf;

  router.get('/:id/leaders', async (req, res) => {
    res.json(await store.leaders(req.params.id, me(res).id));
  });
  router.post('/:id/invitations', may('owner'), json(LARGEST.form), async (req, res) => {
    const { role } = checked<{ role: InvitedRole }>(roleRequest, req.body);
    res.status(201).json({ token: await store.invite(req.params.id, me(res).id, role) });
  });
  router.delete('/:id/invitations/:invitationId', async (req, res) => {
    await store.revoke(req.params.id, me(res).id, req.params.invitationId);
    res.status(204).end();
  });
  router.put(
    '/:id/leaders/:userId',
    may<{ id: string; userId: string }>('owner'),
    json(LARGEST.form),
    async (req, res) => {
      const { role } = checked<{ role: InvitedRole }>(roleRequest, req.body);
      await store.setRole(req.params.id, me(res).id, req.params.userId, role);
      res.status(204).end();
    },
  );
  router.delete('/:id/leaders/:userId', async (req, res) => {
    await store.removeLeader(req.params.id, me(res).id, req.params.userId);
    await news.askAgain();
    res.status(204).end();
  });
  return router;
}

/** What an invitation's link opens. */
export function invitationRoutes(store: LeaderStore): Router {
  const router = Router();
  router.use(signedIn);
  router.get('/:token', async (req, res) => {
    res.json(await store.offer(req.params.token));
  });
  router.post('/:token/accept', async (req, res) => {
    res.json({ tripId: await store.accept(req.params.token, accountOf(res).id) });
  });
  return router;
}
