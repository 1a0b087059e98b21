/**
 * The simulated services that ship with the application are for the application itself. It asks them with a key that
 * only it has, in the name of an account. They keep what is of one account from all others.
 */
import { createHash, timingSafeEqual } from 'node:crypto';
import type { IncomingMessage } from 'node:http';
import type { RequestHandler } from 'express';
import { ApiError } from './apiError.js';

const ACCOUNT_HEADER = 'x-graft-account';

/** What goes with a request to a simulated service; nothing for a real one, which has no key of ours. */
export function standInHeaders(key: string | undefined, accountId?: string): Record<string, string> {
  if (key === undefined) return {};
  return {
    Authorization: `Bearer ${key}`,
    ...(accountId === undefined ? {} : { [ACCOUNT_HEADER]: accountId }),
  };
}

/** @param key undefined where a simulated service stands alone and serves whoever asks */
export function forOurselves<P>(key: string | undefined): RequestHandler<P> {
  return (req, _res, next) => {
    if (key !== undefined && !isSame(req.headers.authorization ?? '', `Bearer ${key}`))
      throw new ApiError(403, 'forbidden', 'This simulated service answers this application only.');
    next();
  };
}

/** In whose name the application asks. */
export const askedFor = (req: IncomingMessage): string => {
  const account = req.headers[ACCOUNT_HEADER];
  return typeof account === 'string' ? account : '';
};

function isSame(a: string, b: string): boolean {
  const [left, right] = [a, b].map((text) => createHash('sha256').update(text).digest());
  return timingSafeEqual(left!, right!);
}
