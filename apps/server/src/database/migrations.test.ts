import { MysqlQueryRunner } from 'typeorm/driver/mysql/MysqlQueryRunner.js';
import { tripErrors } from '@graft/core/formats';
import type { Trip } from '@graft/core/trip';
import { makeDataSource } from './dataSource.js';
import { Tracks1773000000000 } from './migrations/1773000000000-tracks.js';
import { startTestServer, type TestServer } from '../testing/testServer.js';

let server: TestServer;
beforeAll(async () => {
  server = await startTestServer();
});
afterAll(() => server.close());

/** Take back migrations until that one is taken back too. */
async function undoDownTo(name: string): Promise<void> {
  const { source } = server;
  const done = source.migrations.map((m) => m.name);
  for (const _later of done.slice(done.indexOf(name)))
    await source.undoLastMigration({ transaction: 'none' });
}

test('entities and migrations describe the same tables', async () => {
  const { upQueries } = await server.source.driver.createSchemaBuilder().log();
  expect(upQueries.map((q) => q.query)).toEqual([]);
});

test('migrations can be undone and played again', async () => {
  for (const _migration of server.source.migrations)
    await server.source.undoLastMigration({ transaction: 'none' });
  const tables = await server.source.query<object[]>('SHOW TABLES');
  expect(tables.map((t) => Object.values(t)[0])).toEqual(['migrations']);
  await server.source.runMigrations({ transaction: 'none' });
  const { upQueries } = await server.source.driver.createSchemaBuilder().log();
  expect(upQueries.map((q) => q.query)).toEqual([]);
});

test('trips from before accounts keep their content, and the first account takes them over', async () => {
  const { source } = server;
  // Back to the first tables.
  for (const _later of source.migrations.slice(1)) await source.undoLastMigration({ transaction: 'none' });
  const id = '00000000-0000-4000-8000-000000000001';
  await source.query(
    `INSERT INTO trips (id, file_id, name, start_date, notes, packing_school, house_rules, version, updated_at)
     VALUES (?, 'old', 'Old trip', '2026-08-01', NULL, 'low', ?, 3, '2026-07-01 10:00:00')`,
    [
      id,
      JSON.stringify({
        tent: 'top',
        poles: 'sidePocket',
        firstAid: 'deep',
        food: 'split',
        outside: 'freely',
        reservoir: 'sleeve',
        fuel: 'liquidOutside',
        rainGear: 'lid',
        lid: 'light',
      }),
    ],
  );
  await source.query(
    `INSERT INTO legs (trip_id, \`position\`, id, name, distance_km, climb_m, descent_m, ground, hours, water_l, camp_water_l, after_rain)
     VALUES (?, 0, 'day-1', 'Day 1', 12.5, 300, 200, 'moor', 4, 1.5, 0, 0)`,
    [id],
  );
  await source.query(
    `INSERT INTO packs (trip_id, \`position\`, id, name, tare_kg, rated_load_kg, centre_of_gravity_cm)
     VALUES (?, 0, 'p', 'Pack', 1.9, 20, '{"x":0,"y":6,"z":20}')`,
    [id],
  );
  await source.query(
    `INSERT INTO zones (trip_id, \`position\`, pack_id, id, name, kind, side, \`at\`, width_cm, depth_cm, height_cm, volume_l, open_above)
     VALUES (?, 0, 'p', 'core', 'Core', 'core', 'centre', '{"x":0,"y":2,"z":0}', 30, 20, 40, 20, 0)`,
    [id],
  );
  await source.query(
    `INSERT INTO members (trip_id, \`position\`, id, name, body_mass_kg, stature_cm, torso_cm, age_band, experience, conditions, pack_id)
     VALUES (?, 0, 'a', 'Aud', 61.5, 170, 46, 'adult', 'regular', '[]', 'p')`,
    [id],
  );
  await source.runMigrations({ transaction: 'none' });
  await server.accounts.demoAccount();
  const first = await server.signUp('Aud');
  const second = await server.signUp('Bo');
  const answer = await first.get(`/api/trips/${id}`).expect(200);
  const { trip } = answer.body as { trip: Trip };
  expect(trip).toMatchObject({
    name: 'Old trip',
    style: 'camp',
    timeZone: 'UTC',
    houseRules: { tent: 'top', firstAid: 'deep', bags: 'dryBags', tentSpace: 'exact' },
    legs: [{ distanceKm: 12.5 }],
    members: [{ name: 'Aud', bodyMassKg: 61.5, carryTrials: [], limitHistory: [] }],
  });
  expect(tripErrors(trip)).toEqual([]);
  await second.get(`/api/trips/${id}`).expect(404);
});

test('a track moves to a table of its own, wherever that was cut, and back', async () => {
  const { source } = server;
  const leader = await server.signUp('Cleo');
  const made = await leader
    .post('/api/trips')
    .send({ name: 'Walk', startDate: '2027-05-01', days: 1 })
    .expect(201);
  const { id } = made.body as { id: string };
  const track = { points: [] };
  const value = JSON.stringify(track);
  const tracks = (): Promise<object[]> => source.query<object[]>('SELECT trip_id, track FROM tracks');
  await source.query('INSERT INTO tracks (trip_id, `position`, track) VALUES (?, 0, ?)', [id, value]);
  for (const cut of [[], ['CREATE TABLE'], ['CREATE TABLE', 'INSERT']]) {
    await undoDownTo(new Tracks1773000000000().name);
    expect(await source.query('SELECT track FROM trips WHERE id = ?', [id])).toEqual([{ track: value }]);
    // What a start that was cut after so many steps has left.
    const runner = source.createQueryRunner();
    const { query } = MysqlQueryRunner.prototype;
    const asked = jest.spyOn(MysqlQueryRunner.prototype, 'query').mockImplementation(function (
      this: MysqlQueryRunner,
      ...args
    ): Promise<unknown> {
      const isStep = /^\s*(CREATE TABLE|INSERT IGNORE|ALTER TABLE)/.test(args[0]);
      if (isStep && !cut.some((done) => args[0].trimStart().startsWith(done)))
        return Promise.reject(new Error('cut'));
      return query.apply(this, args);
    });
    await expect(new Tracks1773000000000().up(runner)).rejects.toThrow('cut');
    asked.mockRestore();
    await runner.release();
    await source.runMigrations({ transaction: 'none' });
    expect(await tracks()).toEqual([{ trip_id: id, track: value }]);
  }
});

test('a database that is not there is an error, not a hang', async () => {
  const url = new URL(process.env['GRAFT_TEST_DATABASE_URL']!);
  url.pathname = '/graft_missing';
  await expect((await makeDataSource(url.href)).initialize()).rejects.toThrow(/Unknown database/);
});
