/** Brakes on guessing: too many refused requests, and the next ones are refused unseen. */
import { setTimeout as pause } from 'node:timers/promises';
import type { Request, RequestHandler, Response } from 'express';
import { ipKeyGenerator, MemoryStore, rateLimit, type Options } from 'express-rate-limit';
import { ApiError } from './apiError.js';

export const MINUTE_MS = 60_000;

/** Of the newer addresses one household or phone has so many: as many bits name the same machine. */
const IPV6_BITS = 64;

/** The machine a request comes from, as far as a proxy that is trusted says so. */
export const machineOf = (req: Request): string => ipKeyGenerator(req.ip ?? '', IPV6_BITS);

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

/** Whoever has guessed too often waits so long for each answer. */
const SLOW_MS = 1000;

/**
 * The same where many ask at once from one machine, as a whole party does from a hut's network. Only what was refused as
 * not found counts, and whoever asks for what there is gets it, however many guessed from the same place: what is
 * guessed here is too long to be found, so that a guesser costs no more than what looking costs.
 */
export class Guesses {
  private readonly counts = new MemoryStore();

  constructor(
    private readonly limit: number,
    private readonly minutes: number,
    private readonly slowMs = SLOW_MS,
  ) {
    this.counts.init({ windowMs: minutes * MINUTE_MS } as Options);
  }

  /** @throws ApiError 429, late, in place of 404 where too much was refused to the machine that asks */
  async guard<T>(req: Request, work: () => Promise<T>): Promise<T> {
    try {
      return await work();
    } catch (error) {
      if (!(error instanceof ApiError) || error.status !== 404) throw error;
      const { totalHits } = await this.counts.increment(machineOf(req));
      if (totalHits <= this.limit) throw error;
      await pause(this.slowMs);
      throw tooMany(this.minutes);
    }
  }
}
