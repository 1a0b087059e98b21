import { QueryFailedError, type DataSource, type EntityManager } from 'typeorm';

/** Somebody else's write was in the way, and the database took this one back whole: it may be tried again. */
const PASSING = new Set(['ER_LOCK_DEADLOCK', 'ER_CHECKREAD']);
const TRIES = 6;
const PAUSE_MS = 15;

/** The code that the database gives an error. */
export function databaseCode(error: unknown): string | undefined {
  const from = error instanceof QueryFailedError ? (error.driverError as unknown) : error;
  return (from as { code?: string } | null | undefined)?.code;
}

/** Several statements as one: all of them or none; taken anew when the database gave way to somebody else's. */
export async function inTransaction<T>(
  source: DataSource,
  work: (manager: EntityManager) => Promise<T>,
  isolation: 'REPEATABLE READ' | 'READ COMMITTED' = 'REPEATABLE READ',
): Promise<T> {
  for (let attempt = 1; ; attempt += 1) {
    try {
      return await source.transaction(isolation, work);
    } catch (error) {
      if (attempt === TRIES || !PASSING.has(databaseCode(error) ?? '')) throw error;
      await new Promise((resolve) => setTimeout(resolve, PAUSE_MS * attempt * (1 + Math.random())));
    }
  }
}
