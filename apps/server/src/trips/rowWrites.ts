/** Rows of tables, written and taken away many at a time. */
import type { EntityManager, EntityTarget, ObjectLiteral } from 'typeorm';

export type Row = Readonly<Record<string, unknown>>;
export type Entity = EntityTarget<ObjectLiteral>;

/**
 * Every column is written, from the table's own list of them: one that the item does not have becomes empty, and a field
 * without a column is an error of the program, not lost.
 *
 * A plain statement, since mapping thousands of rows through entities takes several times as long as writing them.
 */
export async function putRows(manager: EntityManager, entity: Entity, rows: readonly Row[]): Promise<void> {
  const { connection } = manager;
  const { tableName, columns } = connection.getMetadata(entity);
  const names = columns.map((c) => `\`${c.databaseName}\``);
  const known = new Set(columns.map((c) => c.propertyName));
  const values = rows.flatMap((row) => {
    const odd = Object.keys(row).find((field) => !known.has(field) && row[field] !== undefined);
    if (odd !== undefined) throw new Error(`the table ${tableName} has no column for the field ${odd}`);
    return columns.map((c): unknown =>
      connection.driver.preparePersistentValue(row[c.propertyName] ?? null, c),
    );
  });
  const places = `(${names.map(() => '?').join(', ')})`;
  await manager.query(
    `INSERT INTO \`${tableName}\` (${names.join(', ')}) VALUES ${rows.map(() => places).join(', ')}
     ON DUPLICATE KEY UPDATE ${names.map((name) => `${name} = VALUES(${name})`).join(', ')}`,
    values,
  );
}

/** @param key properties that name a row within its trip */
export async function removeRows(
  manager: EntityManager,
  tripId: string,
  { entity, key }: { readonly entity: Entity; readonly key: readonly string[] },
  rows: readonly Row[],
): Promise<void> {
  const table = manager.connection.getMetadata(entity);
  const columns = key.map((name) => `\`${table.findColumnWithPropertyName(name)!.databaseName}\``);
  const places = rows.map(() => `(${key.map(() => '?').join(', ')})`);
  await manager.query(
    `DELETE FROM \`${table.tableName}\` WHERE trip_id = ? AND (${columns.join(', ')}) IN (${places.join(', ')})`,
    [tripId, ...rows.flatMap((row) => key.map((name) => row[name]))],
  );
}
