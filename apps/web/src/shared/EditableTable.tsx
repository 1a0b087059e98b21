/** A table to read and to work in: cells are reached by arrow keys and edited in place; a wrong entry stays and says why. */
import { useVirtualizer } from '@tanstack/react-virtual';
import {
  memo,
  useEffect,
  useLayoutEffect,
  useMemo,
  useRef,
  useState,
  type KeyboardEvent,
  type ReactNode,
  type RefObject,
} from 'react';
import { useReadOnly } from './TripProvider';

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
  /** What the column is sorted by; absent for columns that cannot be. */
  readonly order?: (row: Row) => string | number;
  /** Absent for computed columns. */
  readonly edit?: {
    /** Rows that cannot be edited here; all can when absent. */
    readonly when?: (row: Row) => boolean;
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
  /** What a column's foot says, such as its sum; without it there is none. */
  readonly foot?: (column: Column<Row>) => ReactNode;
  /** The row that is worked on elsewhere on the page, and what to do when another is reached. */
  readonly chosen?: string;
  readonly onReach?: (row: Row) => void;
  /** Only the rows in sight of this scrolling element are drawn, once it is there: for tables of many hundreds. */
  readonly scroller?: HTMLElement | null;
  /** Wider than its room: the first column stays in sight while the others scroll. */
  readonly wide?: boolean;
  /** Rows can be ticked, to do something with all of them. */
  readonly ticks?: Ticks;
}

export interface Ticks {
  readonly keys: ReadonlySet<string>;
  readonly onTick: (keys: ReadonlySet<string>) => void;
  /** Takes several entries as one change, once all have been looked at. */
  readonly together: (run: () => Promise<void>) => Promise<void>;
  /** What a fill could not do. */
  readonly onRefused: (message: string) => void;
}

interface Sorting {
  readonly column: string;
  readonly down: boolean;
}

/** A line above rows, or a row: what a table is drawn of, from top to bottom. */
type Line<Row> =
  | { readonly kind: 'head'; readonly key: string; readonly head: ReactNode }
  | { readonly kind: 'row'; readonly key: string; readonly row: Row };

/** Heights in pixels: of a row as the theme sets it, of a head before it has been measured. */
const ROW_PX = 32;
const HEAD_PX = 41;
/** Lines drawn beyond the ones in sight. */
const OVERSCAN = 8;
/** How long a fill works before the page may answer, ms. */
const SLICE_MS = 30;

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
  readonly tick: (row: Row, range: boolean) => void;
}

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

const GridRow = memo(function GridRow({
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
            data-open={open === undefined ? undefined : ''}
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

function canEdit<Row>(column: Column<Row>, row: Row): boolean {
  return column.edit !== undefined && (column.edit.when?.(row) ?? true);
}

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
        <input
          className="cell-editor"
          autoFocus
          value={editing.text}
          aria-label={name}
          aria-invalid={editing.error !== undefined}
          data-numeric={column.numeric === true ? '' : undefined}
          onChange={(e) => call().type(row, column, e.target.value)}
          onKeyDown={(e) => call().onEditorKey(e, row, column, editing.text)}
          onBlur={() => call().commit(row, column, editing.text)}
        />
      ) : (
        <select
          className="cell-editor"
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
        </select>
      )}
      {editing.error !== undefined && (
        <div role="alert" className="cell-error">
          {editing.error}
        </div>
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
  scroller,
  ticks,
  wide = false,
}: Props<Row>) {
  const readOnly = useReadOnly();
  const columns = useMemo(
    () => (readOnly ? given.map(({ edit: _edit, ...shown }): Column<Row> => shown) : given),
    [readOnly, given],
  );
  const table = useRef<HTMLTableElement>(null);
  const [editing, setEditing] = useState<Editing | undefined>();
  const [active, setActive] = useState<string | undefined>();
  const [sorting, setSorting] = useState<Sorting | undefined>();
  const lastTicked = useRef<string>(undefined);
  const lines = useMemo(
    () => linesOf(sections, columns, sorting, rowKey),
    [sections, columns, sorting, rowKey],
  );
  const rows = useMemo(() => lines.flatMap((line) => (line.kind === 'row' ? [line.row] : [])), [lines]);
  const scrolls = scroller !== undefined;
  // What it returns is read in this render only, never handed to a memoised part.
  // eslint-disable-next-line react-hooks/incompatible-library
  const virtual = useVirtualizer({
    count: lines.length,
    enabled: scrolls,
    getScrollElement: () => scroller ?? null,
    estimateSize: (i) => (lines[i]?.kind === 'head' ? HEAD_PX : ROW_PX),
    getItemKey: (i) => lines[i]?.key ?? i,
    overscan: OVERSCAN,
    // A scroll is drawn with the next frame, not within its own event.
    useFlushSync: false,
  });
  const cellId = (row: Row, column: Column<Row>): string => `${rowKey(row)}/${column.id}`;
  const firstCell =
    rows[0] === undefined || columns[0] === undefined ? undefined : cellId(rows[0], columns[0]);
  const rowKeys = useMemo(() => new Set(rows.map(rowKey)), [rows, rowKey]);
  const activeRow = active?.slice(0, active.lastIndexOf('/'));
  const known = activeRow !== undefined && rowKeys.has(activeRow) ? active : firstCell;

  /** @param atOnce for keys that go from cell to cell; after an editor it waits until that is gone, whose blur would take the entry twice */
  const focusCell = (id: string | undefined, atOnce = false): void => {
    if (id === undefined) return;
    setActive(id);
    const find = (): HTMLElement | undefined =>
      table.current?.querySelector<HTMLElement>(`[data-cell="${CSS.escape(id)}"]`) ?? undefined;
    const there = find();
    if (atOnce && there !== undefined) {
      there.focus();
      return;
    }
    if (scrolls && there === undefined) {
      virtual.scrollToIndex(lines.findIndex((line) => line.kind === 'row' && id.startsWith(`${line.key}/`)));
    }
    // Out of sight a row is not there: it is drawn after the scroll, a frame or two later.
    const focus = (tries: number): void => {
      requestAnimationFrame(() => {
        const cell = find();
        if (cell === undefined && tries > 0) focus(tries - 1);
        else cell?.focus();
      });
    };
    focus(5);
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
    if (column.edit === undefined || !canEdit(column, row)) return;
    setEditing({ cell: cellId(row, column), text: text ?? column.edit.text(row), error: undefined });
  };

  const tick = (row: Row, range: boolean): void => {
    if (ticks === undefined) return;
    const key = rowKey(row);
    const from =
      lastTicked.current === undefined ? -1 : rows.findIndex((r) => rowKey(r) === lastTicked.current);
    lastTicked.current = key;
    const next = new Set(ticks.keys);
    if (range && from >= 0) {
      const to = rows.indexOf(row);
      for (const r of rows.slice(Math.min(from, to), Math.max(from, to) + 1)) next.add(rowKey(r));
    } else if (!next.delete(key)) next.add(key);
    ticks.onTick(next);
  };
  /** The cell's value for every ticked row. */
  const fill = async (row: Row, column: Column<Row>): Promise<void> => {
    if (ticks === undefined || column.edit === undefined) return;
    const { edit } = column;
    const text = edit.text(row);
    const targets = rows.filter((r) => r !== row && ticks.keys.has(rowKey(r)));
    if (targets.length === 0) {
      ticks.onRefused('Tick the rows to fill first: Space, or Shift and an arrow key.');
      return;
    }
    const refused: string[] = [];
    await ticks.together(async () => {
      let since = performance.now();
      for (const target of targets) {
        // Checking a thousand rows takes a while; the page answers in between.
        if (performance.now() - since > SLICE_MS) {
          await new Promise((resolve) => setTimeout(resolve));
          since = performance.now();
        }
        const error = canEdit(column, target) ? edit.take(target, text) : 'this row is kept by its station';
        if (error !== undefined) refused.push(`${rowName(target)}: ${error}`);
      }
    });
    if (refused.length > 0)
      ticks.onRefused(`${refused.length} of ${targets.length} rows did not take it. ${refused[0]}`);
  };

  const onCellKey = (event: KeyboardEvent, row: Row, column: Column<Row>): void => {
    const step = ({ ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] } as const)[
      event.key as 'ArrowUp'
    ];
    if (event.target !== event.currentTarget) return;
    if (step !== undefined) {
      event.preventDefault();
      const down: number = step[1];
      if (ticks !== undefined && event.shiftKey && down !== 0) {
        const next = rows[rows.indexOf(row) + down];
        ticks.onTick(new Set([...ticks.keys, rowKey(row), ...(next === undefined ? [] : [rowKey(next)])]));
      }
      focusCell(neighbour(row, column, step[0], step[1]), true);
    } else if (ticks !== undefined && event.key === ' ') {
      event.preventDefault();
      tick(row, event.shiftKey);
    } else if (ticks !== undefined && (event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'a') {
      event.preventDefault();
      ticks.onTick(new Set(rows.map(rowKey)));
    } else if (ticks !== undefined && (event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'd') {
      event.preventDefault();
      void fill(row, column);
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
    tick,
  };
  useLayoutEffect(() => {
    newest.current = calls;
  });

  // A sort that its column has left behind would order by nothing.
  useEffect(() => {
    if (sorting !== undefined && !columns.some((column) => column.id === sorting.column))
      setSorting(undefined);
  }, [columns, sorting]);

  const drawn = scrolls
    ? virtual.getVirtualItems().map((item) => ({ line: lines[item.index]!, index: item.index }))
    : lines.map((line, index) => ({ line, index }));
  const shown = virtual.getVirtualItems();
  const above = scrolls ? (shown[0]?.start ?? 0) : 0;
  const below = scrolls ? virtual.getTotalSize() - (shown[shown.length - 1]?.end ?? 0) : 0;
  const width = columns.length + (ticks === undefined ? 0 : 1);
  const allTicked =
    ticks !== undefined && rows.length > 0 && rows.every((row) => ticks.keys.has(rowKey(row)));

  return (
    <table
      ref={table}
      className="grid-table"
      data-wide={wide ? '' : undefined}
      role="grid"
      aria-label={label}
      aria-rowcount={scrolls ? lines.length + 1 : undefined}
      aria-multiselectable={ticks === undefined ? undefined : true}
    >
      <colgroup>
        {ticks !== undefined && <col width="26" />}
        {columns.map((column) => (
          <col key={column.id} width={column.width} />
        ))}
      </colgroup>
      <thead>
        <tr>
          {ticks !== undefined && (
            <th scope="col" data-bare="">
              <input
                type="checkbox"
                checked={allTicked}
                aria-label="Tick all rows"
                onChange={() => ticks.onTick(new Set(allTicked ? [] : rows.map(rowKey)))}
              />
            </th>
          )}
          {columns.map((column) => {
            const sorted =
              sorting?.column === column.id ? (sorting.down ? 'descending' : 'ascending') : undefined;
            return (
              <th
                key={column.id}
                scope="col"
                data-numeric={column.numeric === true ? '' : undefined}
                aria-sort={sorted}
              >
                {column.order === undefined ? (
                  column.header
                ) : (
                  <button
                    type="button"
                    className="sort-button"
                    onClick={() => setSorting(nextSorting(sorting, column))}
                    title="Sort by this column"
                  >
                    {column.header}
                    {sorted !== undefined && (sorted === 'descending' ? ' ↓' : ' ↑')}
                  </button>
                )}
              </th>
            );
          })}
        </tr>
      </thead>
      <tbody>
        {above > 0 && (
          <tr aria-hidden style={{ height: above }}>
            <td colSpan={width} />
          </tr>
        )}
        {drawn.map(({ line, index }) =>
          line.kind === 'head' ? (
            <tr
              key={`head ${line.key}`}
              {...(scrolls ? { ref: virtual.measureElement, 'data-index': index } : {})}
            >
              <td className="grid-head" colSpan={width}>
                {line.head}
              </td>
            </tr>
          ) : (
            <GridRow
              key={line.key}
              row={line.row}
              id={line.key}
              name={rowName(line.row)}
              columns={columns as readonly Column<unknown>[]}
              chosen={chosen === line.key}
              tabStop={known?.startsWith(`${line.key}/`) === true ? known : undefined}
              editing={editing?.cell.startsWith(`${line.key}/`) === true ? editing : undefined}
              calls={newest as RefObject<RowCalls<unknown> | undefined>}
              {...(scrolls ? { index } : {})}
              {...(ticks === undefined ? {} : { ticked: ticks.keys.has(line.key) })}
            />
          ),
        )}
        {below > 0 && (
          <tr aria-hidden style={{ height: below }}>
            <td colSpan={width} />
          </tr>
        )}
      </tbody>
      {foot !== undefined && (
        <tfoot>
          <tr>
            {ticks !== undefined && <td />}
            {columns.map((column) => (
              <td key={column.id} data-numeric={column.numeric === true ? '' : undefined}>
                {foot(column)}
              </td>
            ))}
          </tr>
        </tfoot>
      )}
    </table>
  );
}

/** First up, then down, then as the list itself is. */
function nextSorting<Row>(now: Sorting | undefined, column: Column<Row>): Sorting | undefined {
  const first = column.numeric === true;
  if (now?.column !== column.id) return { column: column.id, down: first };
  return now.down === first ? { column: column.id, down: !first } : undefined;
}

/** Sections one under another; sorted, their rows without the heads between them. */
function linesOf<Row>(
  sections: readonly Section<Row>[],
  columns: readonly Column<Row>[],
  sorting: Sorting | undefined,
  rowKey: (row: Row) => string,
): readonly Line<Row>[] {
  const asLine = (row: Row): Line<Row> => ({ kind: 'row', key: rowKey(row), row });
  const order = columns.find((column) => column.id === sorting?.column)?.order;
  if (sorting === undefined || order === undefined) {
    return sections.flatMap((section) => [
      ...(section.head === undefined
        ? []
        : [{ kind: 'head' as const, key: section.key, head: section.head }]),
      ...section.rows.map(asLine),
    ]);
  }
  const sign = sorting.down ? -1 : 1;
  return sections
    .flatMap((section) => section.rows)
    .map((row) => ({ row, value: order(row) }))
    .sort(
      ({ value: a }, { value: b }) =>
        sign * (typeof a === 'number' && typeof b === 'number' ? a - b : String(a).localeCompare(String(b))),
    )
    .map(({ row }) => asLine(row));
}
