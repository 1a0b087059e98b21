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

/** New tables, in an order that satisfies their foreign keys. */
const TABLES: readonly NewTable[] = [
  [
    'users',
    `id char(36) NOT NULL,
     email varchar(254) NOT NULL,
     name varchar(200) NOT NULL,
     password_hash varchar(200) NULL,
     demo tinyint NOT NULL,
     created_at datetime(3) NOT NULL,
     PRIMARY KEY (id),
     UNIQUE INDEX ix_users_email (email)`,
  ],
  [
    'sessions',
    `token_hash char(64) NOT NULL,
     user_id char(36) NOT NULL,
     created_at datetime(3) NOT NULL,
     seen_at datetime(3) NOT NULL,
     expires_at datetime(3) NOT NULL,
     PRIMARY KEY (token_hash),
     INDEX ix_sessions_user (user_id),
     ${ofUser('sessions')}`,
  ],
  [
    'trip_leaders',
    `trip_id char(36) NOT NULL,
     user_id char(36) NOT NULL,
     role varchar(32) NOT NULL,
     PRIMARY KEY (trip_id, user_id),
     INDEX ix_trip_leaders_user (user_id),
     ${ofTrip('trip_leaders')},
     ${ofUser('trip_leaders')}`,
  ],
  [
    'invitations',
    `token_hash char(64) NOT NULL,
     trip_id char(36) NOT NULL,
     role varchar(32) NOT NULL,
     created_at datetime(3) NOT NULL,
     expires_at datetime(3) NOT NULL,
     PRIMARY KEY (token_hash),
     INDEX ix_invitations_trip (trip_id),
     ${ofTrip('invitations')}`,
  ],
  [
    'waypoints',
    `trip_id char(36) NOT NULL,
     \`position\` int NOT NULL,
     id varchar(64) NOT NULL,
     name varchar(200) NOT NULL,
     kind varchar(32) NOT NULL,
     at_km double NOT NULL,
     reliance varchar(32) NOT NULL,
     note text NULL,
     PRIMARY KEY (trip_id, id),
     ${ofTrip('waypoints')}`,
  ],
  [
    'supplies',
    `trip_id char(36) NOT NULL,
     \`position\` int NOT NULL,
     id varchar(64) NOT NULL,
     name varchar(200) NOT NULL,
     state varchar(32) NOT NULL,
     note text NULL,
     PRIMARY KEY (trip_id, id),
     ${ofTrip('supplies')}`,
  ],
  [
    'weather',
    `trip_id char(36) NOT NULL,
     \`position\` int NOT NULL,
     id char(10) NOT NULL,
     day_c double NOT NULL,
     night_c double NOT NULL,
     rain_chance double NOT NULL,
     wind_kmh double NOT NULL,
     by_leader text NOT NULL,
     source varchar(200) NULL,
     PRIMARY KEY (trip_id, id),
     ${ofTrip('weather')}`,
  ],
  [
    'role_turns',
    `trip_id char(36) NOT NULL,
     \`position\` int NOT NULL,
     id varchar(64) NOT NULL,
     day int NOT NULL,
     role varchar(32) NOT NULL,
     member_id varchar(64) NOT NULL,
     PRIMARY KEY (trip_id, id),
     ${ofTrip('role_turns')}`,
  ],
];

const COLUMNS: readonly NewColumn[] = [
  ['trips', 'style', 'varchar(32)', 'camp'],
  ['trips', 'time_zone', 'varchar(64)', 'UTC'],
  ['trips', 'place', 'text'],
  ['trips', 'limit_policy', 'varchar(32)', 'shareOfBodyWeight'],
  ['trips', 'food_storage', 'varchar(32)', 'none'],
  ['trips', 'longest_day_h', 'double', 8],
  ['trips', 'set_off', 'char(5)', '08:00'],
  ['trips', 'water_l_per_h', 'double', 0.5],
  ['trips', 'track', 'longtext'],
  ['trips', 'day_marks_km', 'text'],
  ['trips', 'archived_at', 'datetime(3)'],
  ['trips', 'deleted_at', 'datetime(3)'],
  ['legs', 'camp_elevation_m', 'double'],
  ['party_groups', 'sleeps', 'double'],
  ['party_groups', 'pot_l', 'double'],
  ['members', 'house_rules', 'text'],
  ['members', 'limit_policy', 'varchar(32)'],
  ['members', 'carry_trials', 'longtext', '[]'],
  ['members', 'comfort_floor', 'double'],
  ['members', 'limit_history', 'longtext', '[]'],
  ['members', 'buddy_id', 'varchar(64)'],
  ['members', 'health_notes', 'text'],
];

/** House rules that older trips do not have, with the choice that they were planned by. */
const NEW_HOUSE_RULES = {
  bags: 'dryBags',
  rainProtection: 'liner',
  stacking: 'layers',
  frameless: 'uprights',
  tentSplit: 'split',
  tentSpace: 'exact',
};

/**
 * Accounts, sessions, who leads a trip; the brief; trials and history of limits. Trips from before accounts belong to
 * nobody until the first account is made, which takes them over.
 */
export class AccountsAndBrief1764500000000 implements MigrationInterface {
  readonly name = 'AccountsAndBrief1764500000000';

  async up(runner: QueryRunner): Promise<void> {
    await addTables(runner, TABLES);
    await addColumns(runner, COLUMNS);
    const trips = (await runner.query('SELECT id, house_rules FROM trips')) as {
      id: string;
      house_rules: string;
    }[];
    for (const { id, house_rules } of trips) {
      const rules = { ...NEW_HOUSE_RULES, ...(JSON.parse(house_rules) as object) };
      await runner.query('UPDATE trips SET house_rules = ? WHERE id = ?', [JSON.stringify(rules), id]);
    }
  }

  async down(runner: QueryRunner): Promise<void> {
    await dropColumns(runner, COLUMNS);
    await dropTables(runner, TABLES);
  }
}
