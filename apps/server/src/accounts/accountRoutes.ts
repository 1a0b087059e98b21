import { Router, type Request, type Response } from 'express';
import { rateLimit } from 'express-rate-limit';
import type { Account, AccountState } from '@graft/core/api';
import { serialiseTripFile } from '@graft/core/formats';
import { ApiError } from '../http/apiError.js';
import { attempts, machineOf, MINUTE_MS } from '../http/attempts.js';
import { json, LARGEST } from '../http/body.js';
import { checked } from '../http/checked.js';
import type { LibraryStore } from '../library/libraryStore.js';
import type { IncidentStore } from '../incidents/incidentStore.js';
import type { MessageStore } from '../messages/messageStore.js';
import type { SheetNewsroom } from '../sheets/sheetNewsroom.js';
import type { SheetStore } from '../sheets/sheetStore.js';
import type { TripStore } from '../trips/tripStore.js';
import { deleteRequest, passwordRequest, signInRequest, signUpRequest } from './accountRequests.js';
import type { AccountStore, NewAccount } from './accountStore.js';
import { accountOf, setSession, signedIn, tokenOf, visitorOf } from './signedIn.js';

export interface AccountParts {
  readonly accounts: AccountStore;
  readonly trips: TripStore;
  readonly library: LibraryStore;
  readonly sheets: SheetStore;
  readonly news: SheetNewsroom;
  /** Where members find the application, when that is not where the leader's browser finds it. */
  readonly publicUrl: string | undefined;
  readonly messages: MessageStore;
  readonly incidents: IncidentStore;
  /** Gives the demo account, with its trips; undefined where no demo is offered. */
  readonly demo: (() => Promise<Account>) | undefined;
}

const wrongPassword = (): ApiError =>
  new ApiError(400, 'invalid', 'Address and password do not belong together.', [
    { path: 'password', message: 'expected the password of this account' },
  ]);
const lower = (email: unknown): string => (typeof email === 'string' ? email.trim().toLowerCase() : '');

export function accountRoutes(parts: AccountParts): Router {
  const { accounts, trips, library, sheets, news, messages, incidents, demo, publicUrl } = parts;
  const router = Router();
  const byMachine = attempts(100, 15, machineOf);
  const byAddress = attempts(
    10,
    15,
    (req) => `${machineOf(req)} ${lower((req.body as { email?: unknown } | null | undefined)?.email)}`,
  );
  const form = json(LARGEST.form);
  const byAccount = attempts(10, 15, (_req, res) => accountOf(res).id);
  const newAccounts = rateLimit({
    windowMs: 60 * MINUTE_MS,
    limit: 100,
    standardHeaders: 'draft-8',
    legacyHeaders: false,
    keyGenerator: machineOf,
    handler: () => {
      throw new ApiError(429, 'tooMany', 'Too many new accounts from this machine. Try again in an hour.');
    },
  });

  const state = (account: Account | undefined): AccountState => ({
    account: account ?? null,
    demoOffered: demo !== undefined,
    ...(publicUrl === undefined ? {} : { publicUrl }),
  });
  const enter = async (req: Request, res: Response, account: Account): Promise<void> => {
    // A session from before is not taken over by whoever signs in.
    const old = tokenOf(req);
    if (old !== undefined) await accounts.closeSession(old);
    setSession(req, res, await accounts.openSession(account.id));
    res.json(state(account));
  };

  router.get('/', (_req, res) => {
    res.json(state(visitorOf(res)));
  });

  router.post('/sign-up', newAccounts, form, async (req, res) => {
    const body = checked<NewAccount>(signUpRequest, req.body);
    await enter(req, res, await accounts.add({ ...body, name: body.name.trim(), email: lower(body.email) }));
  });

  router.post('/sign-in', byMachine, form, byAddress, async (req, res) => {
    const { email, password } = checked<{ email: string; password: string }>(signInRequest, req.body);
    const account = await accounts.byPassword(lower(email), password);
    if (account === undefined) throw wrongPassword();
    await enter(req, res, account);
  });

  router.post('/demo', async (req, res) => {
    if (demo === undefined) throw new ApiError(404, 'notFound', 'This server offers no demo.');
    await enter(req, res, await demo());
  });

  router.post('/sign-out', async (req, res) => {
    const token = tokenOf(req);
    if (token !== undefined) await accounts.closeSession(token);
    await news.askAgain();
    setSession(req, res, undefined);
    res.json(state(undefined));
  });

  router.post('/sign-out-everywhere', signedIn, async (req, res) => {
    await accounts.closeSessions(accountOf(res).id);
    await news.askAgain();
    setSession(req, res, undefined);
    res.json(state(undefined));
  });

  router.post('/password', signedIn, byAccount, form, async (req, res) => {
    const { current, next } = checked<{ current: string; next: string }>(passwordRequest, req.body);
    const { id, email } = accountOf(res);
    if ((await accounts.byPassword(email, current)) === undefined) throw wrongPassword();
    await accounts.setPassword(id, next);
    await accounts.closeSessions(id, tokenOf(req));
    await news.askAgain();
    res.status(204).end();
  });

  router.get('/export', signedIn, async (_req, res) => {
    const account = accountOf(res);
    const all = await trips.list(account.id);
    const owned = all.filter((t) => t.role === 'owner');
    const files = [];
    for (const { id, archived, deletedAt } of owned) {
      const { trip } = await trips.get(id, account.id, { deletedToo: true });
      // What members told and where they are reached is in no trip file.
      const told = deletedAt === undefined ? await sheets.progress(id, account.id) : undefined;
      files.push({
        archived,
        deletedAt,
        file: JSON.parse(serialiseTripFile(trip)) as unknown,
        sheets: told,
        ...(await messages.kept(id)),
        incidents: await incidents.kept(id),
        removed: deletedAt === undefined ? await trips.removed(id, account.id) : [],
      });
    }
    const { id, email, name } = account;
    const data = {
      format: 'graft-account',
      version: 1,
      account: { id, email, name },
      sessions: await accounts.sessions(id),
      trips: files,
      library: (await library.get(id)).entries,
      // Trips of others are theirs to export; what is kept of this account is the part it has in them.
      leadsWithOthers: all
        .filter((t) => t.role !== 'owner')
        .map((t) => ({ name: t.name, owner: t.owner, role: t.role })),
    };
    res
      .type('application/json')
      .attachment('graft-account.json')
      .send(`${JSON.stringify(data, null, 2)}\n`);
  });

  router.post('/delete', signedIn, byAccount, form, async (req, res) => {
    const { email, password } = checked<{ email: string; password?: string }>(deleteRequest, req.body);
    const account = accountOf(res);
    if (lower(email) !== account.email) {
      throw new ApiError(400, 'invalid', 'The address is not the one of this account; nothing was deleted.', [
        { path: 'email', message: `expected the address of this account, got "${email}"` },
      ]);
    }
    if (!account.demo && (await accounts.byPassword(account.email, password ?? '')) === undefined)
      throw wrongPassword();
    await accounts.remove(account.id);
    await news.askAgain();
    setSession(req, res, undefined);
    res.json(state(undefined));
  });

  return router;
}
