import { memo, type RefObject } from 'react';
import { canEdit, type Column } from './column';
import { CellEditor } from './CellEditor';
import type { Editing, RowCalls } from './useCells';

interface RowProps {
  /** Where it stands among the lines, for a table that draws only some. */
  readonly index?: number;
  readonly ticked?: boolean;
  readonly row: unknown;
  readonly id: string;
  readonly name: string;
  readonly columns: readonly Column<unknown>[];
  readonly chosen: boolean;
  /** The cell of this row that Tab reaches, if it is in this row. */
  readonly tabStop: string | undefined;
  readonly editing: Editing | undefined;
  readonly calls: RefObject<RowCalls<unknown> | undefined>;
}

export const GridRow = memo(function GridRow({
  row,
  id: rowId,
  name: rowName,
  columns,
  chosen,
  tabStop,
  editing,
  calls,
  index,
  ticked,
}: RowProps) {
  const call = (): RowCalls<unknown> => calls.current!;
  return (
    <tr
      className="grid-row"
      data-index={index}
      data-row={rowId}
      data-chosen={chosen ? true : undefined}
      aria-rowindex={index === undefined ? undefined : index + 2}
      aria-selected={ticked}
    >
      {ticked !== undefined && (
        <td className="grid-cell" data-bare="" role="gridcell">
          <input
            type="checkbox"
            checked={ticked}
            aria-label={`Tick ${rowName}`}
            tabIndex={-1}
            onClick={(event) => call().tick(row, event.shiftKey)}
            onChange={() => undefined}
          />
        </td>
      )}
      {columns.map((column) => {
        const id = `${rowId}/${column.id}`;
        const open = editing?.cell === id ? editing : undefined;
        const name = `${rowName}, ${typeof column.header === 'string' ? column.header : column.id}`;
        return (
          <td
            key={column.id}
            className="grid-cell"
            data-cell={id}
            data-numeric={column.numeric === true ? '' : undefined}
            data-bare={column.header === '' ? '' : undefined}
            data-open={open === undefined && column.control !== true ? undefined : ''}
            data-editable={canEdit(column, row) ? '' : undefined}
            role="gridcell"
            tabIndex={id === tabStop ? 0 : -1}
            title={open === undefined ? column.hint?.(row) : undefined}
            onFocus={() => call().onFocus(row, column)}
            onKeyDown={(event) => call().onCellKey(event, row, column)}
            onClick={() => open === undefined && call().open(row, column)}
          >
            {open === undefined || column.edit === undefined ? (
              column.show(row)
            ) : (
              <CellEditor row={row} column={column} name={name} editing={open} calls={calls} />
            )}
          </td>
        );
      })}
    </tr>
  );
});
