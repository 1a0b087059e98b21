import { Additions, ofTrip, type NewColumn, type NewTable } from './steps.js';

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
export class Packs1766000000000 extends Additions {
  readonly name = 'Packs1766000000000';
  protected readonly tables = TABLES;
  protected readonly columns = COLUMNS;
}
