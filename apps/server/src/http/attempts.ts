/** Brakes on guessing: too many refused requests, and the next ones are refused unseen. */
import type { Request, RequestHandler, Response } from 'express';
import { ipKeyGenerator, rateLimit } from 'express-rate-limit';
import { ApiError } from './apiError.js';

export const MINUTE_MS = 60_000;

/** The machine a request comes from. */
export const machineOf = (req: Request): string => ipKeyGenerator(req.ip ?? '');

/** Requests that are refused are counted by a key, such as the machine they come from. */
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
      throw new ApiError(429, 'tooMany', `Too many attempts. Try again in ${minutes} minutes.`);
    },
  });
}
