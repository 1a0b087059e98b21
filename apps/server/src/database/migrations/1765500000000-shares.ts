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

const PART = `trip_id char(36) NOT NULL,
     \`position\` int NOT NULL,
     id varchar(64) NOT NULL`;

const TABLES: readonly NewTable[] = [
  [
    'handovers',
    `${PART},
     piece_id varchar(64) NOT NULL,
     day int NOT NULL,
     to_member_id varchar(64) NULL,
     reason text NOT NULL,
     PRIMARY KEY (trip_id, id),
     ${ofTrip('handovers')}`,
  ],
  [
    'variants',
    `${PART},
     name varchar(200) NOT NULL,
     changes longtext NOT NULL,
     share longtext NOT NULL,
     PRIMARY KEY (trip_id, id),
     ${ofTrip('variants')}`,
  ],
];

const COLUMNS: readonly NewColumn[] = [
  ['trips', 'fairness', 'varchar(32)', 'ownLimit'],
  ['members', 'last_day', 'int'],
];

/** The school of fairness, what changes hands on the way, what-ifs beside the plan, and a member's last day. */
export class Shares1765500000000 implements MigrationInterface {
  readonly name = 'Shares1765500000000';

  async up(runner: QueryRunner): Promise<void> {
    await addTables(runner, TABLES);
    await addColumns(runner, COLUMNS);
  }

  async down(runner: QueryRunner): Promise<void> {
    await dropColumns(runner, COLUMNS);
    await dropTables(runner, TABLES);
  }
}
