import type { MigrationInterface, QueryRunner } from 'typeorm';
import {
  addColumns,
  addTables,
  dropColumns,
  dropTables,
  ofTrip,
  type NewColumn,
  type NewTable,
} from './steps.js';

const TABLES: readonly NewTable[] = [
  [
    'practice',
    `trip_id char(36) NOT NULL,
     \`position\` int NOT NULL,
     id varchar(64) NOT NULL,
     learner varchar(200) NOT NULL,
     member_id varchar(64) NOT NULL,
     date char(10) NOT NULL,
     points double NOT NULL,
     lost text NOT NULL,
     PRIMARY KEY (trip_id, id),
     ${ofTrip('practice')}`,
  ],
];

const COLUMNS: readonly NewColumn[] = [
  ['packs', 'main', 'text'],
  ['packs', 'lid_style', 'varchar(32)'],
  ['packs', 'frameless', 'tinyint'],
  ['placements', 'spot', 'text'],
];

/** The main compartment in true size, exact places in a stow, and tries at stowing. */
export class Packs1766000000000 implements MigrationInterface {
  readonly name = 'Packs1766000000000';

  async up(runner: QueryRunner): Promise<void> {
    await addTables(runner, TABLES);
    await addColumns(runner, COLUMNS);
  }

  async down(runner: QueryRunner): Promise<void> {
    await dropColumns(runner, COLUMNS);
    await dropTables(runner, TABLES);
  }
}
