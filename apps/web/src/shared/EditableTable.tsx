/** A table to read and to work in: cells are reached by arrow keys and edited in place; a wrong entry stays and says why. */
import { Box, Input, NativeSelect, Table } from '@chakra-ui/react';
import {
  memo,
  useLayoutEffect,
  useMemo,
  useRef,
  useState,
  type KeyboardEvent,
  type ReactNode,
  type RefObject,
} from 'react';
import { useTrip } from './TripProvider';

/** What became of an entry: taken, or refused with a word why. */
export type Entry = string | undefined;

export interface Column<Row> {
  readonly id: string;
  readonly header: ReactNode;
  readonly width?: string;
  readonly numeric?: boolean;
  readonly show: (row: Row) => ReactNode;
  /** The whole text, for a cell too narrow for it. */
  readonly hint?: (row: Row) => string;
  /** Absent for computed columns. */
  readonly edit?: {
    /** What the editor starts with. */
    readonly text: (row: Row) => string;
    /** Choices, for a cell that is chosen rather than typed. */
    readonly options?: readonly (readonly [value: string, label: string])[];
    /** Take the entry; an error leaves the editor open with what was typed. */
    readonly take: (row: Row, text: string) => Entry;
  };
}
interface Section<Row> {
  readonly key: string;
  /** A line above the rows; absent for a plain table. */
  readonly head?: ReactNode;
  readonly rows: readonly Row[];
}

interface Props<Row> {
  readonly label: string;
  readonly columns: readonly Column<Row>[];
  readonly sections: readonly Section<Row>[];
  readonly rowKey: (row: Row) => string;
  readonly rowName: (row: Row) => string;
  readonly foot?: ReactNode;
  /** The row that is worked on elsewhere on the page, and what to do when another is reached. */
  readonly chosen?: string;
  readonly onReach?: (row: Row) => void;
}
interface Editing {
  readonly cell: string;
  readonly text: string;
  readonly error: Entry;
}

/** What a row asks of its table. */
interface RowCalls<Row> {
  readonly onFocus: (row: Row, column: Column<Row>) => void;
  readonly onCellKey: (event: KeyboardEvent, row: Row, column: Column<Row>) => void;
  readonly onEditorKey: (event: KeyboardEvent, row: Row, column: Column<Row>, text: string) => void;
  readonly open: (row: Row, column: Column<Row>) => void;
  readonly commit: (row: Row, column: Column<Row>, text: string) => boolean;
  readonly type: (row: Row, column: Column<Row>, text: string) => void;
  readonly leave: () => void;
  readonly focus: (row: Row, column: Column<Row>) => void;
}

interface RowProps {
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

const GridRow = memo(function GridRow({
  row,
  id: rowId,
  name: rowName,
  columns,
  chosen,
  tabStop,
  editing,
  calls,
}: RowProps) {
  const call = (): RowCalls<unknown> => calls.current!;
  return (
    <tr className="grid-row" data-row={rowId} data-chosen={chosen ? true : undefined}>
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
            data-open={open === undefined ? undefined : ''}
            data-editable={column.edit === undefined ? undefined : ''}
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

/** The open editor of a cell: typed, or chosen from a list; a refused entry stays with its reason. */
function CellEditor({
  row,
  column,
  name,
  editing,
  calls,
}: Pick<RowProps, 'row' | 'calls'> & {
  readonly column: Column<unknown>;
  readonly name: string;
  readonly editing: Editing;
}) {
  const call = (): RowCalls<unknown> => calls.current!;
  const options = column.edit?.options;
  return (
    <>
      {options === undefined ? (
        <Input
          size="xs"
          autoFocus
          value={editing.text}
          aria-label={name}
          aria-invalid={editing.error !== undefined}
          textAlign={column.numeric === true ? 'end' : 'start'}
          onChange={(e) => call().type(row, column, e.target.value)}
          onKeyDown={(e) => call().onEditorKey(e, row, column, editing.text)}
          onBlur={() => call().commit(row, column, editing.text)}
        />
      ) : (
        <NativeSelect.Root size="xs">
          <NativeSelect.Field
            autoFocus
            value={editing.text}
            aria-label={name}
            onChange={(e) => {
              if (call().commit(row, column, e.target.value)) call().focus(row, column);
            }}
            onKeyDown={(e) => call().onEditorKey(e, row, column, editing.text)}
            onBlur={() => call().leave()}
          >
            {options.map(([value, label]) => (
              <option key={value} value={value}>
                {label}
              </option>
            ))}
          </NativeSelect.Field>
          <NativeSelect.Indicator />
        </NativeSelect.Root>
      )}
      {editing.error !== undefined && (
        <Box
          role="alert"
          position="absolute"
          top="100%"
          left="0"
          zIndex="5"
          bg="overload.subtle"
          color="overload.fg"
          borderWidth="1px"
          borderColor="overload"
          fontSize="xs"
          px="2"
          py="1"
          w="max-content"
          maxW="20rem"
          whiteSpace="normal"
          textAlign="start"
        >
          {editing.error}
        </Box>
      )}
    </>
  );
}

export function EditableTable<Row>({
  label,
  columns: given,
  sections,
  rowKey,
  rowName,
  foot,
  chosen,
  onReach,
}: Props<Row>) {
  const { readOnly } = useTrip();
  const columns = useMemo(
    () => (readOnly ? given.map(({ edit: _edit, ...shown }): Column<Row> => shown) : given),
    [readOnly, given],
  );
  const table = useRef<HTMLTableElement>(null);
  const [editing, setEditing] = useState<Editing | undefined>();
  const [active, setActive] = useState<string | undefined>();
  const rows = sections.flatMap((section) => section.rows);
  const cellId = (row: Row, column: Column<Row>): string => `${rowKey(row)}/${column.id}`;
  const firstCell =
    rows[0] === undefined || columns[0] === undefined ? undefined : cellId(rows[0], columns[0]);
  const known =
    active !== undefined && rows.some((row) => active.startsWith(`${rowKey(row)}/`)) ? active : firstCell;

  const focusCell = (id: string | undefined): void => {
    if (id === undefined) return;
    setActive(id);
    requestAnimationFrame(() =>
      table.current?.querySelector<HTMLElement>(`[data-cell="${CSS.escape(id)}"]`)?.focus(),
    );
  };
  const neighbour = (row: Row, column: Column<Row>, dx: number, dy: number): string | undefined => {
    const r = rows[rows.indexOf(row) + dy];
    const c = columns[columns.indexOf(column) + dx];
    return r === undefined || c === undefined ? undefined : cellId(r, c);
  };
  const commit = (row: Row, column: Column<Row>, text: string): boolean => {
    const error = text === column.edit?.text(row) ? undefined : column.edit?.take(row, text);
    setEditing(error === undefined ? undefined : { cell: cellId(row, column), text, error });
    return error === undefined;
  };
  const open = (row: Row, column: Column<Row>, text?: string): void => {
    if (column.edit === undefined) return;
    setEditing({ cell: cellId(row, column), text: text ?? column.edit.text(row), error: undefined });
  };

  const onCellKey = (event: KeyboardEvent, row: Row, column: Column<Row>): void => {
    const step = ({ ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] } as const)[
      event.key as 'ArrowUp'
    ];
    if (event.target !== event.currentTarget) return;
    if (step !== undefined) {
      event.preventDefault();
      focusCell(neighbour(row, column, step[0], step[1]));
    } else if (event.key === 'Enter' || event.key === 'F2') {
      event.preventDefault();
      open(row, column);
    } else if (
      event.key.length === 1 &&
      !event.ctrlKey &&
      !event.metaKey &&
      !event.altKey &&
      event.key !== '?' &&
      event.key !== ' '
    ) {
      event.preventDefault();
      open(row, column, column.edit?.options === undefined ? event.key : undefined);
    }
  };
  const onEditorKey = (event: KeyboardEvent, row: Row, column: Column<Row>, text: string): void => {
    if (event.key === 'Escape') {
      event.preventDefault();
      setEditing(undefined);
      focusCell(cellId(row, column));
    } else if (event.key === 'Enter') {
      event.preventDefault();
      if (commit(row, column, text)) focusCell(neighbour(row, column, 0, 1) ?? cellId(row, column));
    } else if (event.key === 'Tab') {
      event.preventDefault();
      if (commit(row, column, text))
        focusCell(neighbour(row, column, event.shiftKey ? -1 : 1, 0) ?? cellId(row, column));
    }
  };

  // Rows are drawn anew only when something of theirs changes: what they call is always the newest.
  const newest = useRef<RowCalls<Row>>(undefined);
  const calls: RowCalls<Row> = {
    onFocus: (row, column) => {
      setActive(cellId(row, column));
      onReach?.(row);
    },
    onCellKey,
    onEditorKey,
    open,
    commit,
    type: (row, column, text) => setEditing({ cell: cellId(row, column), text, error: undefined }),
    leave: () => setEditing(undefined),
    focus: (row, column) => focusCell(cellId(row, column)),
  };
  useLayoutEffect(() => {
    newest.current = calls;
  });

  return (
    <Table.Root ref={table} size="sm" role="grid" aria-label={label} style={{ tableLayout: 'fixed' }}>
      <Table.ColumnGroup>
        {columns.map((column) => (
          <Table.Column key={column.id} htmlWidth={column.width} />
        ))}
      </Table.ColumnGroup>
      <Table.Header position="sticky" top="0" zIndex="3">
        <Table.Row bg="bg.panel">
          {columns.map((column) => (
            <Table.ColumnHeader
              key={column.id}
              px="2"
              py="1.5"
              fontSize="xs"
              color="fg.muted"
              verticalAlign="bottom"
              textAlign={column.numeric === true ? 'end' : 'start'}
            >
              {column.header}
            </Table.ColumnHeader>
          ))}
        </Table.Row>
      </Table.Header>
      {sections.map((section) => (
        <Table.Body key={section.key}>
          {section.head !== undefined && (
            <Table.Row bg="bg">
              <Table.Cell colSpan={columns.length} px="2" py="1.5" borderColor="border">
                {section.head}
              </Table.Cell>
            </Table.Row>
          )}
          {section.rows.map((row) => (
            <GridRow
              key={rowKey(row)}
              row={row}
              id={rowKey(row)}
              name={rowName(row)}
              columns={columns as readonly Column<unknown>[]}
              chosen={chosen === rowKey(row)}
              tabStop={known?.startsWith(`${rowKey(row)}/`) === true ? known : undefined}
              editing={editing?.cell.startsWith(`${rowKey(row)}/`) === true ? editing : undefined}
              calls={newest as RefObject<RowCalls<unknown> | undefined>}
            />
          ))}
        </Table.Body>
      ))}
      {foot}
    </Table.Root>
  );
}
