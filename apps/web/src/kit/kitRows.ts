/** What a row of the kit table is, and where it belongs. */
import { ITEM_SCHEMAS, schemaErrors, thingErrors } from '@graft/core/schema';
import { isPersonal, type PersonalThing, type Piece } from '@graft/core/trip';

export type KitRow = Piece | PersonalThing;

/** The first thing wrong with a row: a piece is checked as part of a kit, whose schema holds its own. */
export function checkRow(row: KitRow, days: number): string | undefined {
  const [error] = isPersonal(row)
    ? schemaErrors(ITEM_SCHEMAS.personalThings, row)
    : schemaErrors(ITEM_SCHEMAS.kits, { id: 'kit', name: 'kit', pieces: [row] });
  return error?.message ?? thingErrors(row, days)[0]?.message;
}

/** Rows that a station keeps change there, not here. */
export function keptElsewhere(row: KitRow): boolean {
  return row.madeBy !== undefined;
}
