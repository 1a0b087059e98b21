/** A table to read and to work in: cells are reached by arrow keys and edited in place; a wrong entry stays and says why. */
import { useVirtualizer, type Virtualizer } from '@tanstack/react-virtual';
import { useMemo, useRef, type ReactNode, type RefObject } from 'react';
import { useReadOnly } from '../tripContext';
import { useMedia } from '../useMedia';
import type { Column, Line, Section, Ticks } from './column';
import { GridHead } from './GridHead';
import { GridRow } from './GridRow';
import type { Naming } from './naming';
import { useCells, type RowCalls } from './useCells';
import { useLines } from './useLines';
import { useTicking } from './useTicking';

/** On a narrow screen a table is wider than that rather than have narrower columns, and scrolls. */
const LEAST_COLUMN_PX = 74;

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
  readonly ticks?: Ticks;
  /** A new row, whose first cell is open with its text marked. */
  readonly naming?: Naming | undefined;
  /** What is pasted into a cell, or several lines into an editor; whether it was taken. */
  readonly onPasted?: (text: string) => boolean;
}

/** Heights in pixels: of a row as the theme sets it, of a head before it has been measured. */
const ROW_PX = 32;
const HEAD_PX = 41;
/** Lines drawn beyond the ones in sight. */
const OVERSCAN = 8;

export function EditableTable<Row>(props: Props<Row>) {
  const { label, sections, rowKey, rowName, foot, chosen, scroller, ticks, wide = false } = props;
  const readOnly = useReadOnly();
  const columns = useColumns(props.columns, readOnly);
  const element = useRef<HTMLTableElement>(null);
  const { table, lines, rows } = useLines(sections, columns, rowKey);
  const onPaper = useMedia('print');
  const scrolls = scroller !== undefined && !onPaper;
  // What it returns is read in this render only, never handed to a memoised part.
  // oxlint-disable-next-line react/incompatible-library
  const virtual = useVirtualizer<HTMLElement, HTMLTableRowElement>({
    count: lines.length,
    enabled: scrolls,
    getScrollElement: () => scroller ?? null,
    estimateSize: (i) => (lines[i]?.kind === 'head' ? HEAD_PX : ROW_PX),
    getItemKey: (i) => lines[i]?.key ?? i,
    overscan: OVERSCAN,
    // A scroll is drawn with the next frame, not within its own event.
    useFlushSync: false,
  });
  const { editing, active, calls } = useCells({
    table: element,
    rows,
    columns,
    rowKey,
    ticking: useTicking(ticks, rows, rowKey, rowName),
    onReach: props.onReach,
    naming: props.naming,
    reveal: (cell) => {
      if (scrolls)
        virtual.scrollToIndex(
          lines.findIndex((line) => line.kind === 'row' && cell.startsWith(`${line.key}/`)),
        );
    },
  });
  const rowKeys = useMemo(() => new Set(rows.map(rowKey)), [rows, rowKey]);
  const tabStop = tabStopOf(active, rowKeys, rows[0] && rowKey(rows[0]), columns[0]?.id);
  const { drawn, above, below } = inSight(lines, virtual, scrolls);
  const width = columns.length + (ticks === undefined ? 0 : 1);
  return (
    <table
      ref={element}
      className="grid-table"
      style={{ ['--least-width' as string]: `${columns.length * LEAST_COLUMN_PX}px` }}
      data-wide={wide ? '' : undefined}
      data-virtual={scroller === undefined ? undefined : ''}
      role="grid"
      aria-label={label}
      aria-rowcount={scrolls ? lines.length + 1 : undefined}
      aria-multiselectable={ticks === undefined ? undefined : true}
      onPaste={(event) => {
        const text = event.clipboardData.getData('text/plain');
        // One line in an open editor is an entry like any other.
        if (event.target instanceof HTMLInputElement && !/[\t\n\r]/.test(text.trim())) return;
        if (readOnly || props.onPasted?.(text) !== true) return;
        event.preventDefault();
        // What stood in an open editor is replaced by what was pasted.
        calls.current?.leave();
      }}
    >
      <colgroup>
        {ticks !== undefined && <col width="26" />}
        {columns.map((column) => (
          <col key={column.id} width={column.width} />
        ))}
      </colgroup>
      <GridHead table={table} columns={columns} tickAll={ticks && <TickAll ticks={ticks} keys={rowKeys} />} />
      <tbody>
        <Gap px={above} width={width} />
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
              tabStop={tabStop?.startsWith(`${line.key}/`) === true ? tabStop : undefined}
              editing={editing?.cell.startsWith(`${line.key}/`) === true ? editing : undefined}
              calls={calls as RefObject<RowCalls<unknown> | undefined>}
              {...(scrolls ? { index } : {})}
              {...(ticks === undefined ? {} : { ticked: ticks.keys.has(line.key) })}
            />
          ),
        )}
        <Gap px={below} width={width} />
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

/** The columns as given; where nothing may be changed, without their editors. */
function useColumns<Row>(given: readonly Column<Row>[], readOnly: boolean): readonly Column<Row>[] {
  return useMemo(
    () => (readOnly ? given.map(({ edit: _edit, ...shown }): Column<Row> => shown) : given),
    [readOnly, given],
  );
}

/** The cell that Tab reaches: the one that was reached last, if its row is still there, else the first. */
function tabStopOf(
  active: string | undefined,
  rowKeys: ReadonlySet<string>,
  firstRow: string | undefined,
  firstColumn: string | undefined,
): string | undefined {
  if (active !== undefined && rowKeys.has(active.slice(0, active.lastIndexOf('/')))) return active;
  return firstRow === undefined || firstColumn === undefined ? undefined : `${firstRow}/${firstColumn}`;
}

/** The lines that are drawn, and the room that those above and below them take, px. */
function inSight<Row>(
  lines: readonly Line<Row>[],
  virtual: Virtualizer<HTMLElement, HTMLTableRowElement>,
  scrolls: boolean,
) {
  if (!scrolls) return { drawn: lines.map((line, index) => ({ line, index })), above: 0, below: 0 };
  const shown = virtual.getVirtualItems();
  return {
    drawn: shown.map(({ index }) => ({ line: lines[index]!, index })),
    above: shown[0]?.start ?? 0,
    below: virtual.getTotalSize() - (shown[shown.length - 1]?.end ?? 0),
  };
}

function Gap({ px, width }: { px: number; width: number }) {
  if (px <= 0) return null;
  return (
    <tr aria-hidden style={{ height: px }}>
      <td colSpan={width} />
    </tr>
  );
}

function TickAll({ ticks, keys }: { ticks: Ticks; keys: ReadonlySet<string> }) {
  const all = keys.size > 0 && [...keys].every((key) => ticks.keys.has(key));
  return (
    <input
      type="checkbox"
      checked={all}
      aria-label="Tick all rows"
      onChange={() => ticks.onTick(new Set(all ? [] : keys))}
    />
  );
}
