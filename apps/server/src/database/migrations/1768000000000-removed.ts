import { Additions, ofTrip, type NewColumn, type NewTable } from './steps.js';

const TABLES: readonly NewTable[] = [
  [
    'removed_parts',
    `trip_id char(36) NOT NULL,
     id char(36) NOT NULL,
     removed_at datetime(3) NOT NULL,
     removed_by varchar(200) NOT NULL,
     what varchar(400) NOT NULL,
     taken longtext NOT NULL,
     sheets longtext NOT NULL,
     PRIMARY KEY (trip_id, id),
     ${ofTrip('removed_parts')}`,
  ],
];
const COLUMNS: readonly NewColumn[] = [];

/** What was taken out of trips, with what members had told, so that it can be brought back. */
export class Removed1768000000000 extends Additions {
  readonly name = 'Removed1768000000000';
  protected readonly tables = TABLES;
  protected readonly columns = COLUMNS;
}
