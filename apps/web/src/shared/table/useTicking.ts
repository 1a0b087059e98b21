import { useRef } from 'react';
import { canEdit, type Column, type Ticks } from './column';

/** How long a fill works before the page may answer, ms. */
const SLICE_MS = 30;

interface Ticking<Row> {
  /** Tick a row or take its tick away; as a range, tick all from the one ticked last. */
  readonly tick: (row: Row, range: boolean) => void;
  /** Tick a row and the one beside it. */
  readonly extend: (row: Row, by: number) => void;
  readonly tickAll: () => void;
  /** The cell's value for every ticked row. */
  readonly fill: (row: Row, column: Column<Row>) => Promise<void>;
}

/** Ticks of rows, and what is done with all ticked ones; nothing for a table without ticks. */
export function useTicking<Row>(
  ticks: Ticks | undefined,
  rows: readonly Row[],
  rowKey: (row: Row) => string,
  rowName: (row: Row) => string,
): Ticking<Row> | undefined {
  const lastTicked = useRef<string>(undefined);
  if (ticks === undefined) return undefined;
  return {
    tick: (row, range) => {
      const key = rowKey(row);
      const last = lastTicked.current;
      const from = last === undefined ? -1 : rows.findIndex((r) => rowKey(r) === last);
      lastTicked.current = key;
      const next = new Set(ticks.keys);
      if (range && from >= 0) {
        const to = rows.indexOf(row);
        for (const r of rows.slice(Math.min(from, to), Math.max(from, to) + 1)) next.add(rowKey(r));
      } else if (!next.delete(key)) next.add(key);
      ticks.onTick(next);
    },
    extend: (row, by) => {
      const beside = rows[rows.indexOf(row) + by];
      ticks.onTick(new Set([...ticks.keys, rowKey(row), ...(beside === undefined ? [] : [rowKey(beside)])]));
    },
    tickAll: () => ticks.onTick(new Set(rows.map(rowKey))),
    fill: async (row, column) => {
      const targets = rows.filter((r) => r !== row && ticks.keys.has(rowKey(r)));
      if (column.edit === undefined) return;
      if (targets.length === 0) {
        ticks.onRefused('Tick the rows to fill first: Space, or Shift and an arrow key.');
        return;
      }
      const refused = await filled(ticks, column, column.edit.text(row), targets, rowName);
      if (refused.length > 0)
        ticks.onRefused(`${refused.length} of ${targets.length} rows did not take it. ${refused[0]}`);
    },
  };
}

/** Take one text in many rows; the rows that refuse it, each with its reason. */
async function filled<Row>(
  ticks: Ticks,
  column: Column<Row>,
  text: string,
  targets: readonly Row[],
  rowName: (row: Row) => string,
): Promise<readonly string[]> {
  const refused: string[] = [];
  await ticks.together(async () => {
    let since = performance.now();
    for (const target of targets) {
      // Checking a thousand rows takes a while; the page answers in between.
      if (performance.now() - since > SLICE_MS) {
        await new Promise((resolve) => setTimeout(resolve));
        since = performance.now();
      }
      const error = canEdit(column, target)
        ? column.edit?.take(target, text)
        : 'this row is kept by its station';
      if (error !== undefined) refused.push(`${rowName(target)}: ${error}`);
    }
  });
  return refused;
}
