import mysql2, { type Connection, type PoolOptions } from 'mysql2';
import { DataSource, type QueryRunner } from 'typeorm';
import { ENTITIES } from './entities.js';
import { allMigrations } from './migrations/all.js';
import { databaseCode, learnIsolation } from './transaction.js';

/**
 * MariaDB stores a double exactly but writes some of them one bit off in its text protocol (seen with 10.11:
 * 92.07119750401577 reads back as …576). Reads therefore go through prepared statements, whose binary protocol is exact.
 */
const exactDoubles = {
  ...mysql2,
  createPool: (options: PoolOptions) => {
    const pool = mysql2.createPool(options);
    pool.on('connection', (connection: Connection) => {
      const byText = connection.query.bind(connection) as (...args: unknown[]) => unknown;
      const byBinary = connection.execute.bind(connection) as (...args: unknown[]) => unknown;
      const query = (...args: unknown[]): unknown =>
        typeof args[0] === 'string' && /^\s*SELECT\b/i.test(args[0]) ? byBinary(...args) : byText(...args);
      connection.query = query as typeof connection.query;
    });
    return pool;
  },
};

/** A data source for a MariaDB by its URL; migrations are run by `openDatabase`. */
export async function makeDataSource(databaseUrl: string): Promise<DataSource> {
  const url = new URL(databaseUrl);
  return new DataSource({
    type: 'mariadb',
    host: url.hostname,
    port: Number(url.port === '' ? 3306 : url.port),
    username: decodeURIComponent(url.username),
    password: decodeURIComponent(url.password),
    database: decodeURIComponent(url.pathname.slice(1)),
    timezone: 'Z',
    charset: 'utf8mb4',
    driver: exactDoubles,
    entities: ENTITIES,
    migrations: [...(await allMigrations())],
    logging: false,
  });
}

/** How long a server waits for another one that brings the tables up to date. */
const PATIENCE_S = 300;

/** Connect and bring the schema up to date. */
export async function openDatabase(databaseUrl: string): Promise<DataSource> {
  const source = await (await makeDataSource(databaseUrl)).initialize();
  try {
    await bringUpToDate(source);
    await learnIsolation(source);
  } catch (error) {
    // Open connections would keep the process alive after the failure has been told.
    await source.destroy();
    throw error;
  }
  return source;
}

/** @returns whether there is such a lock: a cluster has none, and there one server alone is to bring tables up to date */
async function lock(runner: QueryRunner, name: string): Promise<boolean> {
  try {
    const [row] = (await runner.query('SELECT GET_LOCK(?, ?) AS got', [name, PATIENCE_S])) as {
      got: number | string | null;
    }[];
    if (Number(row?.got) !== 1)
      throw new Error(`another server has been changing the tables for ${PATIENCE_S} s`);
    return true;
  } catch (error) {
    if (databaseCode(error) === 'ER_NOT_SUPPORTED_YET') return false;
    throw error;
  }
}

/**
 * Run what migrations are left. Of servers that start at once one does, and the others wait; the lock ends with its
 * connection, however that ends.
 */
export async function bringUpToDate(source: DataSource): Promise<void> {
  const runner = source.createQueryRunner();
  const name = `graft tables ${String(source.options.database)}`.slice(0, 64);
  try {
    const isLocked = await lock(runner, name);
    await source.runMigrations({ transaction: 'none' });
    if (isLocked) await runner.query('SELECT RELEASE_LOCK(?)', [name]);
  } finally {
    await runner.release();
  }
}
