/** A database that is gone, frozen or full: told as such within five seconds, whatever the request waits for. */
import type { IncomingMessage, ServerResponse } from 'node:http';
import { databaseCode } from '../database/transaction.js';
import type { DatabaseWatch } from '../database/databaseWatch.js';
import { ApiError } from './apiError.js';

/** A request that takes so long makes us ask whether the database answers at all. */
const SLOW_MS = 1500;
export const RETRY_AFTER_S = 5;

const GONE = new Set([
  'ECONNREFUSED',
  'ECONNRESET',
  'EPIPE',
  'ETIMEDOUT',
  'PROTOCOL_CONNECTION_LOST',
  'PROTOCOL_SEQUENCE_TIMEOUT',
  'PROTOCOL_ENQUEUE_AFTER_FATAL_ERROR',
  'ER_SERVER_SHUTDOWN',
  'ER_CON_COUNT_ERROR',
  'ER_CONNECTION_KILLED',
  'ER_LOCK_WAIT_TIMEOUT',
  'ER_LOCK_DEADLOCK',
  // A node that has lost its cluster.
  'ER_UNKNOWN_COM_ERROR',
  'ER_ERROR_DURING_COMMIT',
]);
/** What a full disk makes of a write. */
const FULL = new Set([
  'ER_RECORD_FILE_FULL',
  'ER_DISK_FULL',
  'ER_ERROR_ON_WRITE',
  'ER_TEMP_FILE_WRITE_FAILURE',
]);

/** The refusal for an error of the database that is no fault of the request; undefined for any other error. */
export function databaseRefusal(error: unknown): ApiError | undefined {
  const code = databaseCode(error) ?? '';
  if (FULL.has(code)) return unavailable('The disk of the database is full; nothing was saved.');
  if (GONE.has(code) || isClosedPool(error)) return databaseAway();
  return undefined;
}

/** The driver's own words, which come without a code. */
const isClosedPool = (error: unknown): boolean =>
  error instanceof Error &&
  /closed state|Pool is closed|Queue limit reached|pool is closed/i.test(error.message);

const unavailable = (message: string): ApiError => new ApiError(503, 'unavailable', message);
export const databaseAway = (): ApiError =>
  unavailable('The database does not answer. Try again in a few seconds.');

/** Refuse a request for which the database does not answer; one that is slow for another reason is left to finish. */
export function guardSlow(
  watch: DatabaseWatch,
  res: ServerResponse<IncomingMessage>,
  refuse: (error: ApiError) => void,
): void {
  let timer: NodeJS.Timeout;
  const look = async (): Promise<void> => {
    const answers = await watch.answers();
    if (res.headersSent || res.closed) return;
    if (answers) timer = setTimeout(() => void look(), SLOW_MS);
    else refuse(databaseAway());
  };
  timer = setTimeout(() => void look(), SLOW_MS);
  res.once('close', () => clearTimeout(timer));
}
