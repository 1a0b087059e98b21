/** Brakes on guessing: too many refused requests, and the next ones are refused unseen. */
import type { IncomingMessage } from 'node:http';
import type { Request, RequestHandler, Response } from 'express';
import { ipKeyGenerator, MemoryStore, rateLimit, type Options } from 'express-rate-limit';
import { ApiError } from './apiError.js';

export const MINUTE_MS = 60_000;

/** The machine a request comes from. */
export const machineOf = (req: IncomingMessage): string => ipKeyGenerator(req.socket.remoteAddress ?? '');

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
 * The same where many ask at once from one machine, as a whole party does from a hut's network: only what was refused as
 * not found counts.
 */
export class Guesses {
  private readonly counts = new MemoryStore();

  constructor(
    private readonly limit: number,
    private readonly minutes: number,
  ) {
    this.counts.init({ windowMs: minutes * MINUTE_MS } as Options);
  }

  /** @throws ApiError 429, with no work done, when too much was refused to the machine that asks */
  async guard<T>(req: IncomingMessage, work: () => Promise<T>): Promise<T> {
    const machine = machineOf(req);
    const known = await this.counts.get(machine);
    if ((known?.totalHits ?? 0) >= this.limit) throw tooMany(this.minutes);
    try {
      return await work();
    } catch (error) {
      if (error instanceof ApiError && error.status === 404) await this.counts.increment(machine);
      throw error;
    }
  }
}
