import { DataSource } from 'typeorm';
import { ENTITIES } from './entities.js';
import { FirstTables1764000000000 } from './migrations/1764000000000-firstTables.js';

/** A data source for a MariaDB by its URL; migrations are run by `openDatabase`. */
export function makeDataSource(databaseUrl: string): DataSource {
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
    entities: ENTITIES,
    migrations: [FirstTables1764000000000],
    logging: false,
  });
}

/** Connect and bring the schema up to date. */
export async function openDatabase(databaseUrl: string): Promise<DataSource> {
  const source = await makeDataSource(databaseUrl).initialize();
  await source.runMigrations({ transaction: 'none' });
  return source;
}
