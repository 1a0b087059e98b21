/**
 * Steps that migrations have in common. A statement of the database cannot be rolled back with others, and a first start
 * may be cut between any two: every step may be taken again, and does nothing where it was taken before.
 */
import type { MigrationInterface, QueryRunner } from 'typeorm';

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
    await runner.query(`CREATE TABLE IF NOT EXISTS \`${table}\` (${columns}) ENGINE=InnoDB`);
  }
}

export async function dropTables(runner: QueryRunner, tables: readonly NewTable[]): Promise<void> {
  for (const [table] of [...tables].reverse()) await runner.query(`DROP TABLE IF EXISTS \`${table}\``);
}

/** One statement a table, not one a column: each of them makes the table anew. */
export async function addColumns(runner: QueryRunner, columns: readonly NewColumn[]): Promise<void> {
  for (const table of new Set(columns.map(([name]) => name))) {
    const own = columns.filter(([name]) => name === table);
    const alter = (parts: readonly string[]): Promise<unknown> =>
      runner.query(`ALTER TABLE \`${table}\` ${parts.join(', ')}`);
    await alter(own.map(([, column, type]) => `ADD COLUMN IF NOT EXISTS \`${column}\` ${type} NULL`));
    const filled = own.filter(([, , , old]) => old !== undefined);
    if (filled.length === 0) continue;
    await runner.query(
      `UPDATE \`${table}\` SET ${filled.map(([, column]) => `\`${column}\` = COALESCE(\`${column}\`, ?)`).join(', ')}`,
      filled.map(([, , , old]) => old),
    );
    await alter(filled.map(([, column, type]) => `MODIFY \`${column}\` ${type} NOT NULL`));
  }
}

export async function dropColumns(runner: QueryRunner, columns: readonly NewColumn[]): Promise<void> {
  for (const [table, column] of [...columns].reverse()) {
    await runner.query(`ALTER TABLE \`${table}\` DROP COLUMN IF EXISTS \`${column}\``);
  }
}

/** A migration that only adds: tables first, then columns; its way back takes both away again. */
export abstract class Additions implements MigrationInterface {
  abstract readonly name: string;
  protected abstract readonly tables: readonly NewTable[];
  protected abstract readonly columns: readonly NewColumn[];

  async up(runner: QueryRunner): Promise<void> {
    await addTables(runner, this.tables);
    await addColumns(runner, this.columns);
  }

  async down(runner: QueryRunner): Promise<void> {
    await dropColumns(runner, this.columns);
    await dropTables(runner, this.tables);
  }
}
