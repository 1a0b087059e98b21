import type { MigrationInterface, QueryRunner } from 'typeorm';
import { addTables, dropTables, ofTrip, type NewTable } from './steps.js';

const TABLES: readonly NewTable[] = [
  [
    'tracks',
    `\`trip_id\` char(36) NOT NULL, \`position\` int NOT NULL, \`track\` longtext NOT NULL,
     PRIMARY KEY (\`trip_id\`), ${ofTrip('tracks')}`,
  ],
];

/** A trip's track in a table of its own: an edit of the trip does not write it again. */
export class Tracks1773000000000 implements MigrationInterface {
  readonly name = 'Tracks1773000000000';

  async up(runner: QueryRunner): Promise<void> {
    await addTables(runner, TABLES);
    // Once the column is gone its content has been taken over.
    if (!(await runner.hasColumn('trips', 'track'))) return;
    await runner.query(
      'INSERT IGNORE INTO tracks (trip_id, `position`, track) SELECT id, 0, track FROM trips WHERE track IS NOT NULL',
    );
    await runner.query('ALTER TABLE trips DROP COLUMN track');
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE trips ADD COLUMN IF NOT EXISTS track longtext NULL');
    if (!(await runner.hasTable('tracks'))) return;
    await runner.query(
      'UPDATE trips JOIN tracks ON tracks.trip_id = trips.id SET trips.track = tracks.track',
    );
    await dropTables(runner, TABLES);
  }
}
