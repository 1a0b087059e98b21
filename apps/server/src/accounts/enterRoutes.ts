/** Ways into an account: signing up and in, the demo, a new password for whoever forgot theirs. */
import { Router, type Request, type Response } from 'express';
import type { Account, AccountState } from '@graft/core/api';
import type { MailTokenRow } from '../database/entities.js';
import { ApiError } from '../http/apiError.js';
import { json, LARGEST } from '../http/body.js';
import { machineOf, type Brakes, type Limit } from '../http/brakes.js';
import { checked } from '../http/checked.js';
import type { AccountMail } from './accountMail.js';
import {
  forgottenRequest,
  resetRequest,
  signInRequest,
  signUpRequest,
  tokenRequest,
} from './accountRequests.js';
import type { AccountStore } from './accountStore.js';
import { plainEmail } from './email.js';
import { hashPassword } from './passwords.js';
import { refuseWeak } from './passwordStrength.js';
import { knownTokenOf, setKnown, setSession, tokenOf } from './signedIn.js';

/** What is asked of a request, whatever its address names. */
type Asking = Pick<Request, 'ip' | 'headers' | 'secure'>;

export interface EnterParts {
  readonly accounts: AccountStore;
  readonly brakes: Brakes;
  /** Sends what goes to addresses of accounts; undefined where this server sends no mail. */
  readonly mail: AccountMail | undefined;
  /** Gives a demo account, with its trips; undefined where no demo is offered. */
  readonly demo: (() => Promise<Account>) | undefined;
}

export const wrongPassword = (): ApiError =>
  new ApiError(400, 'invalid', 'Address and password do not belong together.', [
    { path: 'password', message: 'expected the password of this account' },
  ]);
const voidLink = (): ApiError =>
  new ApiError(404, 'notFound', 'This link is void: used, or too old. Ask for a new one.');
const HOUR = 60;
/** An address gets so many mails an hour, whoever asks for them. */
const MOST_MAILS = 5;

export function enterRoutes(
  { accounts, brakes, mail, demo }: EnterParts,
  state: (account: Account | undefined) => AccountState,
): Router {
  const router = Router();
  const form = json(LARGEST.form);
  const ofMachine = (what: string, req: Asking, most: number): Limit => ({
    what,
    who: machineOf(req),
    most,
  });

  const enter = async (req: Asking, res: Response, account: Account): Promise<void> => {
    // A session from before is not taken over by whoever signs in.
    const old = tokenOf(req);
    if (old !== undefined) await accounts.closeSession(old);
    setSession(req, res, await accounts.openSession(account.id));
    const known = knownTokenOf(req);
    if (!account.demo && (known === undefined || !(await accounts.isKnownBrowser(known, account.email))))
      setKnown(req, res, await accounts.rememberBrowser(account.id));
    res.json(state(account));
  };
  const mayHaveMail = async (email: string): Promise<boolean> => {
    try {
      await brakes.allow({ what: 'mail about an account', who: email, most: MOST_MAILS }, HOUR, '');
      return true;
    } catch (error) {
      // Told to nobody: whoever asks may not be whose address it is.
      if (error instanceof ApiError) return false;
      throw error;
    }
  };
  const byMailLink = (
    req: Asking,
    token: string,
    use: (row: MailTokenRow) => Promise<Account | undefined>,
  ): Promise<Account> =>
    brakes.look(ofMachine('link from a mail', req, 100), 15, async () => {
      const row = await accounts.mailToken(token);
      const account = row === undefined ? undefined : await use(row);
      if (account === undefined) throw voidLink();
      return account;
    });
  const newAccounts = (req: Asking): Promise<void> =>
    brakes.allow(
      ofMachine('new account', req, 100),
      HOUR,
      'Too many new accounts from this machine. Try again in an hour.',
    );

  router.post('/sign-up', form, async (req, res) => {
    await newAccounts(req);
    const body = checked<{ email: string; name: string; password: string }>(signUpRequest, req.body);
    const name = body.name.trim();
    const email = plainEmail(body.email);
    await refuseWeak('password', body.password, [body.email, name]);
    const newAccount = { email, name, passwordHash: await hashPassword(body.password) };
    if (mail === undefined) {
      await enter(req, res, await accounts.add(newAccount));
      return;
    }
    // The same answer whether there is an account or not: only its address is told.
    if (await mayHaveMail(email)) {
      if ((await accounts.byEmail(email)) === undefined) await mail.confirm(newAccount);
      else mail.known(email);
    }
    res.status(202).json(state(undefined));
  });

  router.post('/confirm', form, async (req, res) => {
    const { token } = checked<{ token: string }>(tokenRequest, req.body);
    await enter(req, res, await byMailLink(req, token, (row) => accounts.confirm(row)));
  });

  router.post('/sign-in', form, async (req, res) => {
    const body = checked<{ email: string; password: string }>(signInRequest, req.body);
    const email = plainEmail(body.email);
    const machine = machineOf(req);
    const known = knownTokenOf(req);
    const isKnown = known !== undefined && (await accounts.isKnownBrowser(known, email));
    const limits = isKnown
      ? [{ what: 'password from a known browser', who: known, most: 10 }]
      : [
          { what: 'password of an account', who: email, most: 50 },
          { what: 'password of an account from a machine', who: `${machine} ${email}`, most: 10 },
          { what: 'password from a machine', who: machine, most: 100 },
        ];
    const account = await brakes.guess({ limits, machine }, () => accounts.byPassword(email, body.password));
    if (account === undefined) throw wrongPassword();
    await enter(req, res, account);
  });

  router.post('/forgotten', form, async (req, res) => {
    if (mail === undefined)
      throw new ApiError(
        404,
        'notFound',
        'This Graft sends no mail: whoever runs it can make you a link for a new password (npm run password).',
      );
    await brakes.allow(
      ofMachine('forgotten password', req, 50),
      HOUR,
      'Too many mails were asked for from this machine. Try again in an hour.',
    );
    const email = plainEmail(checked<{ email: string }>(forgottenRequest, req.body).email);
    const account = (await mayHaveMail(email)) ? await accounts.byEmail(email) : undefined;
    if (account !== undefined) await mail.reset(account.id, email);
    res.status(202).json(state(undefined));
  });

  router.post('/reset', form, async (req, res) => {
    const { token, password } = checked<{ token: string; password: string }>(resetRequest, req.body);
    await refuseWeak('password', password, []);
    await enter(req, res, await byMailLink(req, token, (row) => accounts.reset(row, password)));
  });

  router.post('/demo', async (req, res) => {
    if (demo === undefined) throw new ApiError(404, 'notFound', 'This server offers no demo.');
    await brakes.allow(
      ofMachine('demo', req, 200),
      HOUR,
      'Too many demos from this machine. Try again in an hour.',
    );
    await enter(req, res, await demo());
  });

  return router;
}
