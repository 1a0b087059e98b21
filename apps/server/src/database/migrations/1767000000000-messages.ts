import { Additions, ofTrip, type NewColumn, type NewTable } from './steps.js';

const TABLES: readonly NewTable[] = [
  [
    'member_addresses',
    `trip_id char(36) NOT NULL,
     member_id varchar(64) NOT NULL,
     address varchar(200) NOT NULL,
     PRIMARY KEY (trip_id, member_id),
     ${ofTrip('member_addresses')}`,
  ],
  [
    'messages',
    `trip_id char(36) NOT NULL,
     id char(36) NOT NULL,
     member_id varchar(64) NOT NULL,
     kind varchar(32) NOT NULL,
     channel varchar(32) NOT NULL,
     address varchar(200) NOT NULL,
     sent_at datetime(3) NOT NULL,
     state varchar(32) NOT NULL,
     reason text NULL,
     service_id varchar(200) NULL,
     PRIMARY KEY (trip_id, id),
     ${ofTrip('messages')}`,
  ],
];

const COLUMNS: readonly NewColumn[] = [['sheet_links', 'told_sheet', 'longtext']];

/** Messages to members: addresses, what was sent, and what it told. */
export class Messages1767000000000 extends Additions {
  readonly name = 'Messages1767000000000';
  protected readonly tables = TABLES;
  protected readonly columns = COLUMNS;
}
