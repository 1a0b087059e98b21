/**
 * Brakes on whoever asks too often or guesses. What is counted is kept in the database, so that several servers count as
 * one. Who is right is never refused for what others guessed: guesses wait in line, and so few of them are tried.
 */
import { createHash } from 'node:crypto';
import { setTimeout as pause } from 'node:timers/promises';
import type { Request } from 'express';
import ipaddr from 'ipaddr.js';
import { LessThan, type DataSource } from 'typeorm';
import { AttemptRow } from '../database/entities.js';
import { MINUTE_MS } from '../time.js';
import { ApiError } from './apiError.js';
import { Line } from './line.js';

/** What was tried too often is tried once in so long. */
const SPACING_MS = 1000;

/**
 * The machine a request comes from, as far as a proxy that is trusted says so. Of the newer addresses one household or
 * phone has as many as 64 bits name: it is the rest that tells machines apart.
 */
export function machineOf({ ip }: Pick<Request, 'ip'>): string {
  if (ip === undefined || !ipaddr.isValid(ip)) return '';
  const address = ipaddr.process(ip);
  if (address.kind() === 'ipv4') return address.toString();
  return `${address.toByteArray().slice(0, 8).join('.')}/64`;
}

/** How often something may be done by the same one within so long. */
export interface Limit {
  readonly what: string;
  readonly who: string;
  readonly most: number;
}

export class Brakes {
  private readonly line: Line;

  constructor(
    private readonly source: DataSource,
    spacingMs = SPACING_MS,
    private readonly slowMs = spacingMs,
  ) {
    this.line = new Line(spacingMs);
  }

  /** Something that may be done so often. @throws ApiError 429 beyond that, with the words given */
  async allow(limit: Limit, minutes: number, words: string): Promise<void> {
    if ((await this.count(limit, minutes)) > limit.most) throw new ApiError(429, 'tooMany', words);
  }

  /**
   * A guess at a secret that could be guessed, such as a password. Those that came true are not counted. Beyond a limit
   * guesses are tried one after the other, each machine in its turn.
   *
   * @param about by whom and at what; the first of the limits that is exceeded names the line to wait in
   * @param work undefined for a wrong guess
   * @throws ApiError 429 where a wrong guess is one too many, and where too many wait from the same machine
   */
  async guess<T>(
    { limits, machine }: { readonly limits: readonly Limit[]; readonly machine: string },
    work: () => Promise<T | undefined>,
  ): Promise<T | undefined> {
    const counts: number[] = [];
    // Those under way count too: many at once are no way around.
    for (const limit of limits) counts.push(await this.count(limit, GUESS_MINUTES));
    const over = limits.find((limit, i) => counts[i]! > limit.most);
    const found =
      over === undefined ? await work() : await this.line.wait(keyOf(over), machine, work, tooManyWait);
    if (found !== undefined) for (const limit of limits) await this.uncount(limit);
    else if (over !== undefined)
      throw new ApiError(
        429,
        'tooMany',
        'That was wrong, and it was wrong too often: each further attempt waits its turn. The right one is let in.',
      );
    return found;
  }

  /**
   * A guess at what is too long to be found, such as the token of a link: it costs no more than what looking costs. Only
   * what was refused as not found counts, so that whoever has a link gets what it opens, however many guess beside them.
   *
   * @throws ApiError 429, late, in place of 404 where too much was refused to the machine that asks
   */
  async look<T>(limit: Limit, minutes: number, work: () => Promise<T>): Promise<T> {
    try {
      return await work();
    } catch (error) {
      if (!(error instanceof ApiError) || error.status !== 404) throw error;
      if ((await this.count(limit, minutes)) <= limit.most) throw error;
      await pause(this.slowMs);
      throw new ApiError(429, 'tooMany', `Too many attempts. Try again in ${minutes} minutes.`);
    }
  }

  /** Forget what is over. */
  async sweep(now = new Date()): Promise<void> {
    await this.source.manager.delete(AttemptRow, { until: LessThan(now) });
  }

  /** @returns how often it was done, this time counted, since the first time within the window */
  private async count(limit: Limit, minutes: number): Promise<number> {
    const now = new Date();
    const until = new Date(now.getTime() + minutes * MINUTE_MS);
    const [row] = await this.source.query<{ hits: number }[]>(
      `INSERT INTO attempts (counted, hits, until) VALUES (?, 1, ?)
       ON DUPLICATE KEY UPDATE hits = IF(until <= ?, 1, hits + 1), until = IF(until <= ?, VALUES(until), until)
       RETURNING hits`,
      [keyOf(limit), until, now, now],
    );
    return row!.hits;
  }

  private async uncount(limit: Limit): Promise<void> {
    await this.source.query('UPDATE attempts SET hits = hits - 1 WHERE counted = ? AND hits > 0', [
      keyOf(limit),
    ]);
  }
}

const GUESS_MINUTES = 15;
const tooManyWait = (): ApiError =>
  new ApiError(
    429,
    'tooMany',
    'Too many attempts from this machine wait for their turn. Try again in a minute.',
  );

/** Addresses are not kept in plain. */
function keyOf({ what, who }: Limit): string {
  return createHash('sha256').update(`${what}\n${who}`).digest('hex');
}
