/** What the kit table's columns are made from. */
import type { Check } from '../shared/fields';
import type { MassUnit } from '@graft/core/units';
import type { LibraryEntry } from '@graft/core/library';
import type { Trip, Thing } from '@graft/core/trip';
import { isPersonal } from '@graft/core/trip';
import type { Column } from '../shared/table/column';
import type { KitRow } from './kitRows';
import type { Knowledge } from './useKnowledge';
import { keptElsewhere } from './kitRows';
import type { Places } from './kitPlaces';
import { massColumn } from '../shared/thingColumns';

export interface KitColumnParts {
  readonly massUnit: MassUnit;
  readonly places: Places;
  readonly groups: Trip['groups'];
  readonly library: readonly LibraryEntry[];
  readonly knowledge: Knowledge;
  readonly check: Check<KitRow>;
  readonly save: (row: KitRow, field: string) => void;
  /** A change that is more than a row's own. */
  readonly act: (label: string, step: (trip: Trip) => Trip) => void;
}

/** A column that can be edited only in rows that pass a test, besides its own. */
function editableWhen(test: (row: KitRow) => boolean, column: Column<KitRow>): Column<KitRow> {
  const { edit } = column;
  if (edit === undefined) return column;
  return { ...column, edit: { ...edit, when: (row) => test(row) && (edit.when?.(row) ?? true) } };
}
export const onlyByHand = (column: Column<KitRow>): Column<KitRow> =>
  editableWhen((row) => !keptElsewhere(row), column);
export const onlyPersonal = (column: Column<KitRow>): Column<KitRow> => editableWhen(isPersonal, column);
export const onlyPieces = (column: Column<KitRow>): Column<KitRow> =>
  editableWhen((row) => !isPersonal(row), column);

/** Columns of any thing, for rows that are things of one kind or the other. */
export const wide = (column: Column<Thing>): Column<KitRow> => column;

type AnyRow = KitRow & Record<string, unknown>;
/** Fields that only some rows have: a column of them is made as if all had, and shown where one has. */
export function loosely({ check, save }: KitColumnParts): {
  readonly check: Check<AnyRow>;
  readonly save: (row: AnyRow, field: string) => void;
} {
  return { check, save };
}
export const loose = (column: Column<AnyRow>): Column<KitRow> => column as unknown as Column<KitRow>;

export function massOf(parts: KitColumnParts): Column<KitRow> {
  return { ...wide(massColumn(parts, parts.massUnit)), order: (row) => row.massKg };
}
