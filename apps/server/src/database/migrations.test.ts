import { makeDataSource } from './dataSource.js';
import { startTestServer, type TestServer } from '../testing/testServer.js';

let server: TestServer;
beforeAll(async () => {
  server = await startTestServer();
});
afterAll(() => server.close());

test('entities and migrations describe the same tables', async () => {
  const { upQueries } = await server.source.driver.createSchemaBuilder().log();
  expect(upQueries.map((q) => q.query)).toEqual([]);
});

test('migrations can be undone and played again', async () => {
  await server.source.undoLastMigration({ transaction: 'none' });
  const tables = (await server.source.query('SHOW TABLES')) as object[];
  expect(tables.map((t) => Object.values(t)[0])).toEqual(['migrations']);
  await server.source.runMigrations({ transaction: 'none' });
  expect(await server.store.count()).toBe(0);
});

test('a database that is not there is an error, not a hang', async () => {
  const url = new URL(process.env['GRAFT_TEST_DATABASE_URL']!);
  url.pathname = '/graft_missing';
  await expect(makeDataSource(url.href).initialize()).rejects.toThrow(/Unknown database/);
});
