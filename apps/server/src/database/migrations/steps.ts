/** Steps that migrations have in common. */
import type { QueryRunner } from 'typeorm';

/** A table's name and its columns, keys and constraints. */
export type NewTable = readonly [table: string, columns: string];
/** Table, column, type; what rows that are there already hold, for columns that must hold something. */
export type NewColumn = readonly [table: string, column: string, type: string, old?: string | number];

export const ofTrip = (table: string): string =>
  `CONSTRAINT fk_${table}_trip FOREIGN KEY (trip_id) REFERENCES trips(id) ON DELETE CASCADE ON UPDATE NO ACTION`;
export const ofUser = (table: string): string =>
  `CONSTRAINT fk_${table}_user FOREIGN KEY (user_id) REFERENCES users(id) ON DELETE CASCADE ON UPDATE NO ACTION`;

export async function addTables(runner: QueryRunner, tables: readonly NewTable[]): Promise<void> {
  for (const [table, columns] of tables) {
    await runner.query(`CREATE TABLE \`${table}\` (${columns}) ENGINE=InnoDB`);
  }
}

export async function dropTables(runner: QueryRunner, tables: readonly NewTable[]): Promise<void> {
  for (const [table] of [...tables].reverse()) await runner.query(`DROP TABLE \`${table}\``);
}

export async function addColumns(runner: QueryRunner, columns: readonly NewColumn[]): Promise<void> {
  for (const [table, column, type, old] of columns) {
    await runner.query(`ALTER TABLE \`${table}\` ADD \`${column}\` ${type} NULL`);
    if (old === undefined) continue;
    await runner.query(`UPDATE \`${table}\` SET \`${column}\` = ?`, [old]);
    await runner.query(`ALTER TABLE \`${table}\` MODIFY \`${column}\` ${type} NOT NULL`);
  }
}

export async function dropColumns(runner: QueryRunner, columns: readonly NewColumn[]): Promise<void> {
  for (const [table, column] of [...columns].reverse()) {
    await runner.query(`ALTER TABLE \`${table}\` DROP COLUMN \`${column}\``);
  }
}
