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

const REPEATABLE = 'REPEATABLE READ';
/** Databases whose transactions are so without being told: a statement less in each. */
const repeatableByItself = new WeakSet<DataSource>();

/** Find out how the transactions of a database are. */
export async function learnIsolation(source: DataSource): Promise<void> {
  // Newer versions of the database call it by the second name.
  const found = await source.query<{ Value: string }[]>(
    "SHOW SESSION VARIABLES WHERE Variable_name IN ('tx_isolation', 'transaction_isolation')",
  );
  if (found.length > 0 && found.every((row) => row.Value === 'REPEATABLE-READ'))
    repeatableByItself.add(source);
}

/** Several statements as one: all of them or none; taken anew when the database gave way to somebody else's. */
export async function inTransaction<T>(
  source: DataSource,
  work: (manager: EntityManager) => Promise<T>,
  isolation: typeof REPEATABLE | 'READ COMMITTED' = REPEATABLE,
): Promise<T> {
  for (let attempt = 1; ; attempt += 1) {
    try {
      return await (isolation === REPEATABLE && repeatableByItself.has(source)
        ? source.transaction(work)
        : source.transaction(isolation, work));
    } catch (error) {
      if (attempt === TRIES || !PASSING.has(databaseCode(error) ?? '')) throw error;
      await new Promise((resolve) => setTimeout(resolve, PAUSE_MS * attempt * (1 + Math.random())));
    }
  }
}
