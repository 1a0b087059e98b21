import { Router, type Request } from 'express';
import { sheetMarksSchema, type SheetMark } from '@graft/core';
import { accountOf } from '../accounts/signedIn.js';
import { ApiError } from '../http/apiError.js';
import { guesses } from '../http/attempts.js';
import { checked } from '../http/checked.js';
import type { SheetNewsroom } from './sheetNewsroom.js';
import type { SheetStore } from './sheetStore.js';

/** What leaders do with sheets; mounted under a trip's address. */
export function sheetRoutes(store: SheetStore, news: SheetNewsroom): Router {
  const router = Router({ mergeParams: true });
  const me = accountOf;

  router.get('/:id/sheets', async (req, res) => {
    res.json(await store.progress(req.params.id, me(res).id));
  });
  router.get('/:id/sheets/events', async (req, res) => {
    await store.mayFollow(req.params.id, me(res).id);
    news.follow(req.params.id, res);
  });
  router.post('/:id/sheets/:memberId/link', async (req, res) => {
    const { id, memberId } = req.params;
    res.status(201).json({ token: await store.makeLink(id, me(res).id, memberId) });
  });
  router.delete('/:id/sheets/:memberId/link', async (req, res) => {
    await store.withdrawLink(req.params.id, me(res).id, req.params.memberId);
    res.status(204).end();
  });
  router.post('/:id/sheets/:memberId/marks', async (req, res) => {
    const { id, memberId } = req.params;
    const account = me(res);
    const { marks } = checked<{ marks: readonly SheetMark[] }>(sheetMarksSchema, req.body);
    await store.answer(id, account.id, memberId, marks);
    res.status(204).end();
  });
  return router;
}

/** Carries the token of a member's link: in no address, and so in no log. */
export const SHEET_HEADER = 'x-graft-sheet';

/** What a member's link opens. */
export function memberRoutes(store: SheetStore): Router {
  const router = Router();
  const brake = guesses(100, 15);
  router.use(brake.before);
  router.get('/', async (req, res) => {
    res.json(await store.open(tokenOf(req)));
  });
  router.post('/marks', async (req, res) => {
    const token = tokenOf(req);
    const { marks } = checked<{ marks: readonly SheetMark[] }>(sheetMarksSchema, req.body);
    res.json({ marks: await store.tell(token, marks) });
  });
  router.use(brake.after);
  return router;
}

function tokenOf(req: Request): string {
  const token = req.get(SHEET_HEADER);
  if (token === undefined || token === '')
    throw new ApiError(
      401,
      'notSignedIn',
      `Expected the token of a sheet’s link in the header ${SHEET_HEADER}.`,
    );
  return token;
}
