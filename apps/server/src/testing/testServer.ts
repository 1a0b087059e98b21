/** The real application on a real MariaDB for tests, each test file in a database of its own. */
import 'reflect-metadata';
import { randomBytes } from 'node:crypto';
import type { Express } from 'express';
import { pino, type Logger } from 'pino';
import type { DataSource } from 'typeorm';
import { makeDataSource, openDatabase } from '../database/dataSource.js';
import { makeApp } from '../http/app.js';
import { TripStore } from '../trips/tripStore.js';

export interface TestServer {
  readonly app: Express;
  readonly store: TripStore;
  readonly source: DataSource;
  /** What was logged, line by line. */
  readonly log: readonly string[];
  readonly close: () => Promise<void>;
}

export async function startTestServer(): Promise<TestServer> {
  const url = process.env['GRAFT_TEST_DATABASE_URL'];
  if (url === undefined) {
    throw new Error(
      'GRAFT_TEST_DATABASE_URL is not set: run the server tests through npm test, which starts a throwaway database',
    );
  }
  const name = `graft_test_${randomBytes(6).toString('hex')}`;
  const admin = await makeDataSource(url).initialize();
  await admin.query(`CREATE DATABASE \`${name}\``);
  const own = new URL(url);
  own.pathname = `/${name}`;
  const source = await openDatabase(own.href);
  const store = new TripStore(source);
  const log: string[] = [];
  const logger = pino({}, { write: (line: string) => void log.push(line) }) as unknown as Logger;
  return {
    app: makeApp({ store, logger, webDir: undefined }),
    store,
    source,
    log,
    close: async () => {
      await source.destroy();
      await admin.query(`DROP DATABASE \`${name}\``);
      await admin.destroy();
    },
  };
}
