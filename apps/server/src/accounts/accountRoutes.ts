import { Router, type Request } from 'express';
import type { Account, AccountState } from '@graft/core/api';
import { serialiseTripFile } from '@graft/core/formats';
import { ApiError } from '../http/apiError.js';
import { json, LARGEST } from '../http/body.js';
import { machineOf } from '../http/brakes.js';
import { checked } from '../http/checked.js';
import type { LibraryStore } from '../library/libraryStore.js';
import type { IncidentStore } from '../incidents/incidentStore.js';
import type { MessageStore } from '../messages/messageStore.js';
import type { SheetNewsroom } from '../sheets/sheetNewsroom.js';
import type { SheetStore } from '../sheets/sheetStore.js';
import type { TripStore } from '../trips/tripStore.js';
import { MOST_VERSIONS } from '../trips/tripRequests.js';
import { deleteRequest, passwordRequest } from './accountRequests.js';
import { plainEmail } from './email.js';
import { enterRoutes, wrongPassword, type EnterParts } from './enterRoutes.js';
import { refuseWeak } from './passwordStrength.js';
import { accountOf, setSession, signedIn, tokenOf, visitorOf } from './signedIn.js';

export interface AccountParts extends EnterParts {
  readonly trips: TripStore;
  readonly library: LibraryStore;
  readonly sheets: SheetStore;
  readonly news: SheetNewsroom;
  /** Where members find the application, when that is not where the leader's browser finds it. */
  readonly publicUrl: string | undefined;
  readonly messages: MessageStore;
  readonly incidents: IncidentStore;
}

export function accountRoutes(parts: AccountParts): Router {
  const { accounts, brakes, trips, library, sheets, news, messages, incidents, demo, publicUrl } = parts;
  const router = Router();
  const form = json(LARGEST.form);
  /** The password of whoever is signed in. */
  const requirePassword = async (
    req: Pick<Request, 'ip'>,
    { id, email }: Account,
    password: string,
  ): Promise<void> => {
    const found = await brakes.guess(
      { limits: [{ what: 'password of a session', who: id, most: 10 }], machine: machineOf(req) },
      () => accounts.byPassword(email, password),
    );
    if (found === undefined) throw wrongPassword();
  };

  const state = (account: Account | undefined): AccountState => ({
    account: account ?? null,
    demoOffered: demo !== undefined,
    mail: parts.mail !== undefined,
    ...(publicUrl === undefined ? {} : { publicUrl }),
  });
  router.get('/', (_req, res) => {
    res.json(state(visitorOf(res)));
  });

  router.use(enterRoutes(parts, state));

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

  router.post('/password', signedIn, form, async (req, res) => {
    const { current, next } = checked<{ current: string; next: string }>(passwordRequest, req.body);
    const account = accountOf(res);
    const { id, email, name } = account;
    await requirePassword(req, account, current);
    await refuseWeak('next', next, [email, name]);
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
        history: deletedAt === undefined ? await trips.history(id, account.id, MOST_VERSIONS) : [],
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

  router.post('/delete', signedIn, form, async (req, res) => {
    const { email, password } = checked<{ email: string; password?: string }>(deleteRequest, req.body);
    const account = accountOf(res);
    if (plainEmail(email) !== account.email) {
      throw new ApiError(400, 'invalid', 'The address is not the one of this account; nothing was deleted.', [
        { path: 'email', message: `expected the address of this account, got "${email}"` },
      ]);
    }
    if (!account.demo) await requirePassword(req, account, password ?? '');
    await accounts.remove(account.id);
    await news.askAgain();
    setSession(req, res, undefined);
    res.json(state(undefined));
  });

  return router;
}
