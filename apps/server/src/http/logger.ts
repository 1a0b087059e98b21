/** The log: what happened, without what people wrote. */
import { destination, pino, type DestinationStream, type Logger } from 'pino';
import { QueryFailedError } from 'typeorm';
import { cut } from '@graft/core/units';

/** Waits in memory while the disk takes nothing, bytes; what is more is dropped. */
const MOST_WAITING = 1_000_000;
/** Of a statement, characters. */
const LONGEST_QUERY = 300;

/** To a file or stream by its number; one that takes nothing, such as on a full disk, is not a reason to end. */
export function logTo(fd: number): Logger {
  const stream = destination({ fd, sync: true, maxLength: MOST_WAITING });
  // There is nowhere to tell it: what waits is written when there is room again.
  stream.on('error', () => undefined);
  return makeLogger(stream);
}

export function makeLogger(stream: DestinationStream): Logger {
  return pino({ serializers: { err: describe } }, stream);
}

/**
 * An error as it may be logged. What the database refuses repeats the values that it was given, body weights and notes
 * among them, in the statement, its parameters and its message: only the statement's text with its gaps is kept.
 */
export function describe(error: unknown): object {
  if (!(error instanceof Error)) return { type: typeof error };
  const { name, stack } = error;
  const code = (error as { code?: unknown }).code;
  if (error instanceof QueryFailedError) {
    const from = error.driverError as { code?: string; errno?: number; sqlState?: string };
    return {
      type: name,
      code: from.code,
      errno: from.errno,
      sqlState: from.sqlState,
      query: cut(error.query, LONGEST_QUERY),
      stack: placesOf(stack),
    };
  }
  const isDatabase = 'sqlMessage' in error || 'sql' in error;
  return {
    type: name,
    ...(code === undefined ? {} : { code }),
    ...(isDatabase ? { stack: placesOf(stack) } : { message: error.message, stack }),
    ...(error.cause === undefined ? {} : { cause: describe(error.cause) }),
  };
}

/** Where it happened, without the message that a stack begins with. */
function placesOf(stack: string | undefined): string | undefined {
  return stack
    ?.split('\n')
    .filter((line) => /^\s+at /.test(line))
    .join('\n');
}
