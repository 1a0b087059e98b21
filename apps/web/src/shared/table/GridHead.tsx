import type { Table } from '@tanstack/react-table';
import type { ReactNode } from 'react';
import { VisuallyHidden } from '../../theme/chakra';
import type { Column } from './column';

interface Props<Row> {
  readonly table: Table<Row>;
  readonly columns: readonly Column<Row>[];
  /** The box that ticks all rows, where rows can be ticked. */
  readonly tickAll: ReactNode;
}

/** The columns' names; those that can be sorted by are buttons. */
export function GridHead<Row>({ table, columns, tickAll }: Props<Row>) {
  return (
    <thead>
      <tr>
        {tickAll !== undefined && (
          <th scope="col" data-bare="">
            {tickAll}
          </th>
        )}
        {columns.map((column) => (
          <HeadCell
            key={column.id}
            column={column}
            sorted={table.getColumn(column.id)?.getIsSorted() ?? false}
            onSort={() => table.getColumn(column.id)?.toggleSorting()}
          />
        ))}
      </tr>
    </thead>
  );
}

function HeadCell<Row>({
  column,
  sorted,
  onSort,
}: {
  column: Column<Row>;
  sorted: false | 'asc' | 'desc';
  onSort: () => void;
}) {
  return (
    <th
      scope="col"
      data-numeric={column.numeric === true ? '' : undefined}
      aria-sort={sorted === false ? undefined : sorted === 'desc' ? 'descending' : 'ascending'}
    >
      {column.header === '' ? (
        <VisuallyHidden>What can be done</VisuallyHidden>
      ) : column.order === undefined ? (
        column.header
      ) : (
        <button type="button" className="sort-button" onClick={onSort} title="Sort by this column">
          {column.header}
          {sorted !== false && (sorted === 'desc' ? ' ↓' : ' ↑')}
        </button>
      )}
    </th>
  );
}
