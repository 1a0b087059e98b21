/** A table to read and to work in: cells are reached by arrow keys and edited in place; a wrong entry stays and says why. */
import { Box, Input, NativeSelect, Table } from '@chakra-ui/react';
import { useRef, useState, type KeyboardEvent, type ReactNode } from 'react';
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

export function EditableTable<Row>({
  label,
  columns,
  sections,
  rowKey,
  rowName,
  foot,
  chosen,
  onReach,
}: Props<Row>) {
  const { readOnly } = useTrip();
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
    if (column.edit === undefined || readOnly) return;
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

  const renderCell = (row: Row, column: Column<Row>): ReactNode => {
    const id = cellId(row, column);
    const open_ = editing?.cell === id ? editing : undefined;
    const name = `${rowName(row)}, ${typeof column.header === 'string' ? column.header : column.id}`;
    return (
      <Table.Cell
        key={column.id}
        data-cell={id}
        role="gridcell"
        tabIndex={id === known ? 0 : -1}
        onFocus={() => {
          setActive(id);
          onReach?.(row);
        }}
        onKeyDown={(event) => onCellKey(event, row, column)}
        onClick={() => open_ === undefined && open(row, column)}
        textAlign={column.numeric === true ? 'end' : 'start'}
        whiteSpace="nowrap"
        overflow={open_ === undefined ? 'hidden' : 'visible'}
        textOverflow={column.header === '' ? undefined : 'ellipsis'}
        title={open_ === undefined ? column.hint?.(row) : undefined}
        position="relative"
        px={column.header === '' ? '0' : '2'}
        py="0"
        h="32px"
        borderColor="border.muted"
        cursor={column.edit === undefined ? undefined : 'text'}
        _hover={column.edit === undefined ? undefined : { bg: 'bg.muted' }}
      >
        {open_ === undefined || column.edit === undefined ? (
          column.show(row)
        ) : (
          <>
            {column.edit.options === undefined ? (
              <Input
                size="xs"
                autoFocus
                value={open_.text}
                aria-label={name}
                aria-invalid={open_.error !== undefined}
                textAlign={column.numeric === true ? 'end' : 'start'}
                onChange={(e) => setEditing({ cell: id, text: e.target.value, error: undefined })}
                onKeyDown={(e) => onEditorKey(e, row, column, open_.text)}
                onBlur={() => commit(row, column, open_.text)}
              />
            ) : (
              <NativeSelect.Root size="xs">
                <NativeSelect.Field
                  autoFocus
                  value={open_.text}
                  aria-label={name}
                  onChange={(e) => {
                    if (commit(row, column, e.target.value)) focusCell(id);
                  }}
                  onKeyDown={(e) => onEditorKey(e, row, column, open_.text)}
                  onBlur={() => setEditing(undefined)}
                >
                  {column.edit.options.map(([value, label_]) => (
                    <option key={value} value={value}>
                      {label_}
                    </option>
                  ))}
                </NativeSelect.Field>
                <NativeSelect.Indicator />
              </NativeSelect.Root>
            )}
            {open_.error !== undefined && (
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
                {open_.error}
              </Box>
            )}
          </>
        )}
      </Table.Cell>
    );
  };

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
            <Table.Row
              key={rowKey(row)}
              bg={chosen === rowKey(row) ? 'bg.panel' : 'transparent'}
              data-row={rowKey(row)}
              data-chosen={chosen === rowKey(row) ? true : undefined}
            >
              {columns.map((column) => renderCell(row, column))}
            </Table.Row>
          ))}
        </Table.Body>
      ))}
      {foot}
    </Table.Root>
  );
}
