import { useEffect, useLayoutEffect, useRef, useState, type KeyboardEvent, type RefObject } from 'react';
import { flushSync } from 'react-dom';
import { canEdit, type Column, type Entry } from './column';
import type { Naming } from './naming';
import type { useTicking } from './useTicking';

export interface Editing {
  readonly cell: string;
  readonly text: string;
  readonly error: Entry;
  /** The text is marked when it opens: the first key replaces it. */
  readonly isMarked?: boolean;
}

/** What a row asks of its table. */
export interface RowCalls<Row> {
  readonly onFocus: (row: Row, column: Column<Row>) => void;
  readonly onCellKey: (event: KeyboardEvent, row: Row, column: Column<Row>) => void;
  readonly onEditorKey: (event: KeyboardEvent, row: Row, column: Column<Row>, text: string) => void;
  readonly open: (row: Row, column: Column<Row>, text?: string) => void;
  readonly commit: (row: Row, column: Column<Row>, text: string) => boolean;
  readonly type: (row: Row, column: Column<Row>, text: string) => void;
  readonly leave: () => void;
  readonly focus: (row: Row, column: Column<Row>) => void;
  readonly tick: (row: Row, range: boolean) => void;
}

interface Given<Row> {
  readonly table: RefObject<HTMLTableElement | null>;
  readonly rows: readonly Row[];
  readonly columns: readonly Column<Row>[];
  readonly rowKey: (row: Row) => string;
  readonly ticking: ReturnType<typeof useTicking<Row>>;
  readonly onReach: ((row: Row) => void) | undefined;
  readonly naming: Naming | undefined;
  /** Scroll to the row of a cell that is not drawn. */
  readonly reveal: (cell: string) => void;
}

const STEPS: Readonly<Partial<Record<string, readonly [dx: number, dy: number]>>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};
/** Frames until a row that was scrolled to must have been drawn. */
const MOST_FRAMES = 5;

interface Cells<Row> {
  readonly editing: Editing | undefined;
  /** The cell that Tab reaches. */
  readonly active: string | undefined;
  /** Always the newest: rows are drawn anew only when something of theirs changes. */
  readonly calls: RefObject<RowCalls<Row> | undefined>;
}

/** The keyboard of cells: arrows go from one to the next, typing or Enter opens an editor, Escape leaves it. */
export function useCells<Row>(given: Given<Row>): Cells<Row> {
  const { rows, columns, rowKey, ticking, onReach, naming } = given;
  const [editing, setEditing] = useState<Editing | undefined>();
  const [active, setActive] = useState<string | undefined>();
  const cellId = (row: Row, column: Column<Row>): string => `${rowKey(row)}/${column.id}`;
  const focusCell = (id: string | undefined): void => {
    if (id === undefined) return;
    // An editor is gone before focus moves: its blur would take the entry twice. Focus moves before the next key comes.
    flushSync(() => setActive(id));
    focusIn(given.table, id, given.reveal);
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
  /** What a key does in a cell; whether it does anything. */
  const cellKey = (event: KeyboardEvent, row: Row, column: Column<Row>): boolean => {
    const step = STEPS[event.key];
    const withControl = event.ctrlKey || event.metaKey;
    const key = event.key.toLowerCase();
    if (step !== undefined) {
      if (event.shiftKey && step[1] !== 0) ticking?.extend(row, step[1]);
      focusCell(neighbour(row, column, step[0], step[1]));
    } else if (key === ' ' && ticking !== undefined) ticking.tick(row, event.shiftKey);
    else if (key === 'a' && withControl && ticking !== undefined) ticking.tickAll();
    else if (key === 'd' && withControl && ticking !== undefined) void ticking.fill(row, column);
    else if (key === 'enter' || key === 'f2') open(row, column);
    else if (isTyped(event)) open(row, column, column.edit?.options === undefined ? event.key : undefined);
    else return false;
    return true;
  };

  /** Whether a new row is left as it came. */
  const isUnnamed = (row: Row, column: Column<Row>, text: string): boolean =>
    naming?.key === rowKey(row) && column === columns[0] && text === column.edit?.text(row);

  // A new row's name is opened once, when the row is there; out of sight it is scrolled to first.
  const [first] = columns;
  const unnamed = naming === undefined ? undefined : rows.find((r) => rowKey(r) === naming.key);
  const toOpen = unnamed === undefined || first?.edit === undefined ? undefined : cellId(unnamed, first);
  const text = unnamed === undefined ? '' : (first?.edit?.text(unnamed) ?? '');
  const opened = useRef<string>(undefined);
  const reveal = useRef(given.reveal);
  useEffect(() => {
    reveal.current = given.reveal;
  });
  useEffect(() => {
    if (toOpen === undefined || opened.current === toOpen) return;
    opened.current = toOpen;
    reveal.current(toOpen);
    setEditing({ cell: toOpen, text, error: undefined, isMarked: true });
  }, [toOpen, text]);

  const calls: RowCalls<Row> = {
    onFocus: (row, column) => {
      setActive(cellId(row, column));
      onReach?.(row);
    },
    onCellKey: (event, row, column) => {
      if (event.target === event.currentTarget && cellKey(event, row, column)) event.preventDefault();
    },
    onEditorKey: (event, row, column, text) => {
      const here = cellId(row, column);
      switch (event.key) {
        case 'Escape':
          setEditing(undefined);
          if (isUnnamed(row, column, column.edit?.text(row) ?? '')) naming?.onDrop();
          else focusCell(here);
          break;
        case 'Enter':
          if (naming?.key === rowKey(row)) {
            if (isUnnamed(row, column, text)) {
              setEditing(undefined);
              naming.onDrop();
            } else if (commit(row, column, text)) naming.onNext();
          } else if (commit(row, column, text)) focusCell(neighbour(row, column, 0, 1) ?? here);
          break;
        case 'Tab':
          if (commit(row, column, text))
            focusCell(neighbour(row, column, event.shiftKey ? -1 : 1, 0) ?? here);
          break;
        default:
          return;
      }
      event.preventDefault();
    },
    open,
    commit,
    type: (row, column, text) => setEditing({ cell: cellId(row, column), text, error: undefined }),
    leave: () => setEditing(undefined),
    focus: (row, column) => focusCell(cellId(row, column)),
    tick: (row, range) => ticking?.tick(row, range),
  };
  const newest = useRef<RowCalls<Row>>(undefined);
  useLayoutEffect(() => {
    newest.current = calls;
  });
  return { editing, active, calls: newest };
}

/** A character that begins an entry; `?` lists the keys, and a space ticks. */
function isTyped(event: KeyboardEvent): boolean {
  const plain = !event.ctrlKey && !event.metaKey && !event.altKey;
  return plain && event.key.length === 1 && event.key !== '?' && event.key !== ' ';
}

/** Focus a cell: at once where it is drawn, so that no key is lost, else when it has been scrolled to. */
function focusIn(table: RefObject<HTMLTableElement | null>, id: string, reveal: (id: string) => void): void {
  const find = (): HTMLElement | undefined =>
    table.current?.querySelector<HTMLElement>(`[data-cell="${CSS.escape(id)}"]`) ?? undefined;
  const there = find();
  if (there !== undefined) {
    there.focus();
    return;
  }
  reveal(id);
  // Out of sight a row is not there: it is drawn after the scroll, a frame or two later.
  const focus = (tries: number): void => {
    requestAnimationFrame(() => {
      const cell = find();
      if (cell === undefined && tries > 0) focus(tries - 1);
      else cell?.focus();
    });
  };
  focus(MOST_FRAMES);
}
