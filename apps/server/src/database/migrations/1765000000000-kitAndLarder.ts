import type { MigrationInterface, QueryRunner } from 'typeorm';
import {
  addColumns,
  addTables,
  dropColumns,
  dropTables,
  ofTrip,
  ofUser,
  type NewColumn,
  type NewTable,
} from './steps.js';

const PART = `trip_id char(36) NOT NULL,
     \`position\` int NOT NULL`;

const TABLES: readonly NewTable[] = [
  [
    'meals',
    `${PART},
     id varchar(64) NOT NULL,
     day int NOT NULL,
     kind varchar(32) NOT NULL,
     group_id varchar(64) NOT NULL,
     dish text NOT NULL,
     PRIMARY KEY (trip_id, id),
     ${ofTrip('meals')}`,
  ],
  [
    'canisters',
    `${PART},
     id varchar(64) NOT NULL,
     group_id varchar(64) NOT NULL,
     name varchar(200) NOT NULL,
     net_kg double NOT NULL,
     tare_kg double NOT NULL,
     gross_kg double NULL,
     PRIMARY KEY (trip_id, id),
     ${ofTrip('canisters')}`,
  ],
  [
    'pickups',
    `${PART},
     id varchar(64) NOT NULL,
     day int NOT NULL,
     kind varchar(32) NOT NULL,
     name varchar(200) NOT NULL,
     fuel tinyint NOT NULL,
     takes_waste tinyint NOT NULL,
     PRIMARY KEY (trip_id, id),
     ${ofTrip('pickups')}`,
  ],
  [
    'arrangements',
    `${PART},
     id varchar(64) NOT NULL,
     kind varchar(32) NOT NULL,
     thing_id varchar(64) NULL,
     text text NOT NULL,
     who varchar(200) NOT NULL,
     by_date char(10) NULL,
     done tinyint NOT NULL,
     PRIMARY KEY (trip_id, id),
     ${ofTrip('arrangements')}`,
  ],
  [
    'dismissals',
    `${PART},
     id varchar(200) NOT NULL,
     reason text NOT NULL,
     PRIMARY KEY (trip_id, id),
     ${ofTrip('dismissals')}`,
  ],
  [
    'libraries',
    `user_id char(36) NOT NULL,
     version int NOT NULL,
     PRIMARY KEY (user_id),
     ${ofUser('libraries')}`,
  ],
  [
    'library_entries',
    `user_id char(36) NOT NULL,
     id varchar(64) NOT NULL,
     \`position\` int NOT NULL,
     kind varchar(32) NOT NULL,
     name varchar(200) NOT NULL,
     data longtext NOT NULL,
     PRIMARY KEY (user_id, id),
     CONSTRAINT fk_library_entries_library FOREIGN KEY (user_id) REFERENCES libraries(user_id)
       ON DELETE CASCADE ON UPDATE NO ACTION`,
  ],
];

/** What trips from before the larder hold: nothing planned in it, its defaults of then. */
const LARDER = JSON.stringify({
  spareDay: false,
  parcels: 'day',
  snackGPerDay: 0,
  snackKcalPerG: 4.6,
  snackCapKg: 0.9,
  hotDrinkL: 0.5,
  startWaterC: 8,
  snow: false,
  wind: 'breezy',
  fuelReserve: 0.15,
  treatment: 'filter',
  cookWaterPieces: false,
  cookWaterL: 2,
});

const COLUMNS: readonly NewColumn[] = [
  ['trips', 'insects', 'varchar(32)'],
  ['trips', 'by_air', 'tinyint'],
  ['trips', 'larder', 'text', LARDER],
  ['party_groups', 'stove', 'varchar(32)'],
  ['members', 'snack_g_per_day', 'double'],
  ['kits', 'split_ways', 'int'],
  ['things', 'food_capacity_l', 'double'],
  ['things', 'measured_on', 'char(10)'],
  ['things', 'owner', 'varchar(200)'],
  ['things', 'wear', 'varchar(32)'],
  ['things', 'expires_on', 'char(10)'],
  ['things', 'needs', 'text'],
  ['things', 'nests_in', 'varchar(64)'],
  ['things', 'library_id', 'varchar(64)'],
  ['things', 'made_by', 'varchar(32)'],
  ['things', 'together', 'varchar(200)'],
  ['things', 'want', 'varchar(32)'],
];

/** Kit libraries; what a thing may say of its mass, owner and state; meals, fuel, pick-ups; loans and questions. */
export class KitAndLarder1765000000000 implements MigrationInterface {
  readonly name = 'KitAndLarder1765000000000';

  async up(runner: QueryRunner): Promise<void> {
    await addTables(runner, TABLES);
    await addColumns(runner, COLUMNS);
  }

  async down(runner: QueryRunner): Promise<void> {
    await dropColumns(runner, COLUMNS);
    await dropTables(runner, TABLES);
  }
}
