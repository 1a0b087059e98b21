import type { MigrationInterface, QueryRunner } from 'typeorm';
import { addTables, dropTables, ofTrip, type NewTable } from './steps.js';

const TABLES: readonly NewTable[] = [
  [
    'sheet_links',
    `trip_id char(36) NOT NULL,
     member_id varchar(64) NOT NULL,
     token_hash char(64) NOT NULL,
     created_at datetime(3) NOT NULL,
     opened_at datetime(3) NULL,
     seen_at datetime(3) NULL,
     PRIMARY KEY (trip_id, member_id),
     UNIQUE INDEX ix_sheet_links_token (token_hash),
     ${ofTrip('sheet_links')}`,
  ],
  [
    'sheet_marks',
    `trip_id char(36) NOT NULL,
     member_id varchar(64) NOT NULL,
     id char(36) NOT NULL,
     kind varchar(32) NOT NULL,
     thing_id varchar(64) NULL,
     value text NOT NULL,
     at char(24) NOT NULL,
     replaces text NOT NULL,
     by_leader tinyint NOT NULL,
     received_at datetime(3) NOT NULL,
     PRIMARY KEY (trip_id, member_id, id),
     ${ofTrip('sheet_marks')}`,
  ],
];

/** Members' sheets: their links, and what members tell from them. */
export class Sheets1766500000000 implements MigrationInterface {
  readonly name = 'Sheets1766500000000';

  async up(runner: QueryRunner): Promise<void> {
    await addTables(runner, TABLES);
  }

  async down(runner: QueryRunner): Promise<void> {
    await dropTables(runner, TABLES);
  }
}
