/** Brakes on guessing: too many refused requests, and the next ones are refused unseen. */
import type { ErrorRequestHandler, Request, RequestHandler, Response } from 'express';
import { ipKeyGenerator, rateLimit } from 'express-rate-limit';
import { ApiError } from './apiError.js';

export const MINUTE_MS = 60_000;

/** The machine a request comes from. */
export const machineOf = (req: Request): string => ipKeyGenerator(req.ip ?? '');

const tooMany = (minutes: number): ApiError =>
  new ApiError(429, 'tooMany', `Too many attempts. Try again in ${minutes} minutes.`);

/** Requests that are refused are counted by a key, such as the machine they come from; those under way count too. */
export function attempts(
  limit: number,
  minutes: number,
  key: (req: Request, res: Response) => string,
): RequestHandler {
  return rateLimit({
    windowMs: minutes * MINUTE_MS,
    limit,
    skipSuccessfulRequests: true,
    standardHeaders: 'draft-8',
    legacyHeaders: false,
    keyGenerator: key,
    handler: () => {
      throw tooMany(minutes);
    },
  });
}

/**
 * The same where many ask at once from one machine, as a whole party does from a hut's network: only what was refused
 * counts. `before` goes before the routes, `after` behind them.
 */
export function guesses(
  limit: number,
  minutes: number,
): { readonly before: RequestHandler; readonly after: ErrorRequestHandler } {
  const counter = rateLimit({
    windowMs: minutes * MINUTE_MS,
    limit: Infinity,
    standardHeaders: false,
    legacyHeaders: false,
    keyGenerator: machineOf,
  });
  return {
    before: async (req, _res, next) => {
      const known = await counter.getKey(machineOf(req));
      if ((known?.totalHits ?? 0) >= limit) throw tooMany(minutes);
      next();
    },
    after: (error: unknown, req, res, next) => {
      if (error instanceof ApiError && error.status === 404) void counter(req, res, () => next(error));
      else next(error);
    },
  };
}
