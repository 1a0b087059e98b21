import {
  getCoreRowModel,
  getSortedRowModel,
  useReactTable,
  type ColumnDef,
  type Row as TableRow,
  type SortingState,
  type Table,
} from '@tanstack/react-table';
import { useMemo, useState } from 'react';
import type { Column, Line, Section } from './column';

/** Numbers by size, all else as text. */
function byValue<Row>(a: TableRow<Row>, b: TableRow<Row>, columnId: string): number {
  const [x, y] = [a.getValue<string | number>(columnId), b.getValue<string | number>(columnId)];
  return typeof x === 'number' && typeof y === 'number' ? x - y : String(x).localeCompare(String(y));
}

export interface Lines<Row> {
  readonly table: Table<Row>;
  readonly lines: readonly Line<Row>[];
  readonly rows: readonly Row[];
}

/** Sections one under another; sorted, their rows without the heads between them. */
export function useLines<Row>(
  sections: readonly Section<Row>[],
  columns: readonly Column<Row>[],
  rowKey: (row: Row) => string,
): Lines<Row> {
  const [chosen, setSorting] = useState<SortingState>([]);
  // A sort that its column has left behind orders by nothing.
  const sorting = useMemo(
    () => chosen.filter((s) => columns.some((c) => c.id === s.id && c.order !== undefined)),
    [chosen, columns],
  );
  const data = useMemo(() => sections.flatMap((s) => [...s.rows]), [sections]);
  const defs = useMemo(
    () =>
      columns.map(({ id, order, numeric }): ColumnDef<Row> => ({
        id,
        enableSorting: order !== undefined,
        sortDescFirst: numeric === true,
        sortingFn: byValue,
        ...(order === undefined ? {} : { accessorFn: order }),
      })),
    [columns],
  );
  // What it returns is read in this render only, never handed to a memoised part.
  // oxlint-disable-next-line react/incompatible-library
  const table = useReactTable({
    data,
    columns: defs,
    state: { sorting },
    onSortingChange: setSorting,
    enableMultiSort: false,
    // There are no pages to go back to the first of.
    autoResetAll: false,
    getRowId: rowKey,
    getCoreRowModel: getCoreRowModel(),
    getSortedRowModel: getSortedRowModel(),
  });
  const sorted = sorting.length === 0 ? undefined : table.getSortedRowModel().rows;
  const lines = useMemo((): readonly Line<Row>[] => {
    const asLine = (row: Row): Line<Row> => ({ kind: 'row', key: rowKey(row), row });
    if (sorted !== undefined) return sorted.map((r) => asLine(r.original));
    return sections.flatMap(({ key, head, rows }) => [
      ...(head === undefined ? [] : [{ kind: 'head' as const, key, head }]),
      ...rows.map(asLine),
    ]);
  }, [sorted, sections, rowKey]);
  const rows = useMemo(() => lines.flatMap((line) => (line.kind === 'row' ? [line.row] : [])), [lines]);
  return { table, lines, rows };
}
