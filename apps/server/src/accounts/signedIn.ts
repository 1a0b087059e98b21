/** Who is asking: the session cookie, and routes that need one. */
import { parseCookie, stringifySetCookie } from 'cookie';
import type { Request, RequestHandler, Response } from 'express';
import type { Account } from '@graft/core/api';
import { ApiError } from '../http/apiError.js';
import { KNOWN_BROWSER_DAYS, SESSION_DAYS, type AccountStore } from './accountStore.js';

const COOKIE = 'graft_session';

/** The session token that a request carries, if any. */
export function tokenOf(req: Pick<Request, 'headers'>): string | undefined {
  return parseCookie(req.headers.cookie ?? '')[COOKIE];
}

/** Give the browser its session. */
export function setSession(req: Pick<Request, 'secure'>, res: Response, token: string | undefined): void {
  setCookie(req, res, COOKIE, token ?? '', token === undefined ? 0 : SESSION_DAYS);
}

const KNOWN_COOKIE = 'graft_known';

/** The token by which a browser is known that somebody signed in from before, if any. */
export function knownTokenOf(req: Pick<Request, 'headers'>): string | undefined {
  return parseCookie(req.headers.cookie ?? '')[KNOWN_COOKIE];
}

export function setKnown(req: Pick<Request, 'secure'>, res: Response, token: string): void {
  setCookie(req, res, KNOWN_COOKIE, token, KNOWN_BROWSER_DAYS, '/api/account');
}

/** Out of reach of scripts, never sent by another site's pages. */
function setCookie(
  req: Pick<Request, 'secure'>,
  res: Response,
  name: string,
  value: string,
  days: number,
  path = '/',
): void {
  res.append(
    'Set-Cookie',
    stringifySetCookie({
      name,
      value,
      httpOnly: true,
      sameSite: 'strict',
      secure: req.secure,
      path,
      maxAge: days * 86_400,
    }),
  );
}

/** Find out who asks, for every route behind it. */
export function recognise(accounts: AccountStore): RequestHandler {
  return async (req, res, next) => {
    const token = tokenOf(req);
    res.locals['account'] = token === undefined ? undefined : await accounts.bySession(token);
    next();
  };
}

/** Whether the session of a request, such as one that keeps a stream open, still is of that account. */
export const stillSignedIn =
  (accounts: AccountStore) =>
  async (req: Request, accountId: string): Promise<boolean> => {
    const token = tokenOf(req);
    return token !== undefined && (await accounts.bySession(token))?.id === accountId;
  };

/** Whoever is signed in, or undefined. */
export function visitorOf(res: Response): Account | undefined {
  return res.locals['account'] as Account | undefined;
}

/** The account that is signed in; without one the request is refused with 401. */
export function accountOf(res: Response): Account {
  const account = visitorOf(res);
  if (account === undefined) throw new ApiError(401, 'notSignedIn', 'Sign in first.');
  return account;
}

export const signedIn: RequestHandler = (_req, res, next) => {
  accountOf(res);
  next();
};
