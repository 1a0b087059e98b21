/** A first start that is cut between any two statements, and first starts at once. */
import { randomBytes } from 'node:crypto';
import { join } from 'node:path';
import type { DataSource } from 'typeorm';
import { AccountStore } from '../accounts/accountStore.js';
import { ensureDemo } from '../demo.js';
import { IS_DEEP } from '../testing/isDeep.js';
import '../testing/testServer.js';
import { TripStore } from '../trips/tripStore.js';
import { bringUpToDate, makeDataSource, openDatabase } from './dataSource.js';

const DEMO = join(__dirname, '../../../../data/demo');

let admin: DataSource;
const made: string[] = [];
beforeAll(async () => {
  admin = await (await makeDataSource(process.env['GRAFT_TEST_DATABASE_URL']!)).initialize();
});
afterAll(async () => {
  for (const name of made) await admin.query(`DROP DATABASE \`${name}\``);
  await admin.destroy();
});

async function emptyDatabase(): Promise<string> {
  const name = `graft_first_${randomBytes(6).toString('hex')}`;
  await admin.query(`CREATE DATABASE \`${name}\``);
  made.push(name);
  const url = new URL(process.env['GRAFT_TEST_DATABASE_URL']!);
  url.pathname = `/${name}`;
  return url.href;
}

class Cut extends Error {}

/** A first start of which only so many statements reach the database. @returns how many it took, had it got so far */
async function firstStart(url: string, statements: number): Promise<number> {
  const source = await (await makeDataSource(url)).initialize();
  let count = 0;
  const make = source.createQueryRunner.bind(source);
  source.createQueryRunner = (mode) => {
    const runner = make(mode);
    const query: typeof runner.query = runner.query.bind(runner);
    runner.query = ((...args: Parameters<typeof query>) => {
      count += 1;
      return count > statements ? Promise.reject(new Cut()) : query(...args);
    }) as typeof runner.query;
    return runner;
  };
  try {
    await bringUpToDate(source);
    await ensureDemo(new AccountStore(source), DEMO);
  } catch (error) {
    if (!(error instanceof Cut)) throw error;
  } finally {
    await source.destroy();
  }
  return count;
}

async function expectWhole(url: string): Promise<void> {
  const source = await openDatabase(url);
  try {
    const { upQueries } = await source.driver.createSchemaBuilder().log();
    expect(upQueries.map((q) => q.query)).toEqual([]);
    const { account } = await ensureDemo(new AccountStore(source), DEMO);
    expect(await new TripStore(source).list(account.id)).toHaveLength(6);
  } finally {
    await source.destroy();
  }
}

let all = 0;
test('takes some hundred statements', async () => {
  const url = await emptyDatabase();
  all = await firstStart(url, Infinity);
  expect(all).toBeGreaterThan(100);
  await expectWhole(url);
});

/** Statements between two cuts; each one is a start of its own. */
const [STEP, STEP_OF_ONCE] = IS_DEEP ? [1, 10] : [30, 80];

test('that is cut after many a statement is gone on with at the next start', async () => {
  // One database for all, since each cut goes further than the one before; and some that are cut once only.
  const url = await emptyDatabase();
  for (let statements = 1; statements < all; statements += STEP) await firstStart(url, statements);
  await expectWhole(url);
  for (let statements = 3; statements < all; statements += STEP_OF_ONCE) {
    const once = await emptyDatabase();
    await firstStart(once, statements);
    await expectWhole(once);
  }
}, 300_000);

test('of three at once one makes the tables and the demo, and the others wait', async () => {
  const url = await emptyDatabase();
  await Promise.all([1, 2, 3].map(() => firstStart(url, Infinity)));
  await expectWhole(url);
}, 120_000);
