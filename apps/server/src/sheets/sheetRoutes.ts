import type { IncomingMessage } from 'node:http';
import { Router, type Request } from 'express';
import { sheetMarkErrors, type SheetMark } from '@graft/core/sheet';
import { accountOf } from '../accounts/signedIn.js';
import { ApiError } from '../http/apiError.js';
import { json, jsonBody, LARGEST } from '../http/body.js';
import { machineOf, type Brakes } from '../http/brakes.js';
import { checked, refuse } from '../http/checked.js';
import type { Gate } from '../trips/gate.js';
import { sendSheetsRequest } from '../trips/tripRequests.js';
import type { NewsFollower } from './newsFollower.js';
import type { SheetNewsroom } from './sheetNewsroom.js';
import type { SheetStore } from './sheetStore.js';

/** What leaders do with sheets; mounted under a trip's address. */
export function sheetRoutes(
  store: SheetStore,
  news: SheetNewsroom,
  follower: NewsFollower,
  may: Gate,
  isStillSignedIn: (req: Request, accountId: string) => Promise<boolean>,
): Router {
  const router = Router({ mergeParams: true });
  const me = accountOf;

  router.get('/:id/sheets', async (req, res) => {
    res.json(await store.progress(req.params.id, me(res).id));
  });
  router.get('/:id/sheets/events', async (req, res) => {
    const { id } = req.params;
    const account = me(res);
    await store.mayFollow(id, account.id);
    await follower.watch(id);
    news.follow(id, res, async () => {
      if (!(await isStillSignedIn(req, account.id))) return false;
      await store.mayFollow(id, account.id);
      return true;
    });
  });
  router.get('/:id/sheets/unsent', async (req, res) => {
    res.json(await store.sent.unsent(req.params.id, me(res).id));
  });
  router.post('/:id/sheets/send', may<{ id: string }>('full'), json(LARGEST.form), async (req, res) => {
    const { id } = req.params;
    const { version } = checked<{ version: number }>(sendSheetsRequest, req.body);
    res.json({ memberIds: await store.sent.send(id, me(res).id, version) });
  });
  router.post('/:id/sheets/:memberId/link', async (req, res) => {
    const { id, memberId } = req.params;
    const { token } = await store.makeLink(id, me(res).id, memberId);
    res.status(201).json({ token });
  });
  router.delete('/:id/sheets/:memberId/link', async (req, res) => {
    await store.withdrawLink(req.params.id, me(res).id, req.params.memberId);
    res.status(204).end();
  });
  router.post(
    '/:id/sheets/:memberId/marks',
    may<{ id: string; memberId: string }>('full'),
    json(LARGEST.marks),
    async (req, res) => {
      const { id, memberId } = req.params;
      const account = me(res);
      await store.answer(id, account.id, memberId, marksOf(req.body));
      res.status(204).end();
    },
  );
  return router;
}

/** Carries the token of a member's link: in no address, and so in no log. */
export const SHEET_HEADER = 'x-graft-sheet';

/** What a member's link opens. They read their own bodies, after the link: who may comes before what they say. */
export function memberRoutes(store: SheetStore, brakes: Brakes): Router {
  const look = <T>(req: Request, work: () => Promise<T>): Promise<T> =>
    brakes.look({ what: 'link of a sheet', who: machineOf(req), most: 100 }, 15, work);
  const router = Router();
  router.get('/', async (req, res) => {
    res.json(await look(req, () => store.open(tokenOf(req))));
  });
  router.post('/marks', async (req, res) => {
    const marks = await look(req, async () => {
      const link = await store.link(tokenOf(req));
      return store.tell(link, marksOf(await jsonBody(req, LARGEST.marks)));
    });
    res.json({ marks });
  });
  return router;
}

function marksOf(body: unknown): readonly SheetMark[] {
  refuse(sheetMarkErrors(body));
  return (body as { marks: readonly SheetMark[] }).marks;
}

function tokenOf({ headers }: IncomingMessage): string {
  const token = headers[SHEET_HEADER];
  if (typeof token !== 'string' || token === '')
    throw new ApiError(
      401,
      'notSignedIn',
      `Expected the token of a sheet’s link in the header ${SHEET_HEADER}.`,
    );
  return token;
}
