import type { ReactNode } from 'react';

/** What became of an entry: taken, or refused with a word why. */
export type Entry = string | undefined;

export interface Column<Row> {
  readonly id: string;
  readonly header: ReactNode;
  readonly width?: string;
  readonly numeric?: boolean;
  readonly show: (row: Row) => ReactNode;
  /** What is shown works by itself, such as a field: it may be larger than its cell. */
  readonly control?: boolean;
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
    /** What may be meant by an entry that was refused, and would be taken: "350 g" for 350 in a column of kg. */
    readonly instead?: (row: Row, text: string) => string | undefined;
  };
}

/** Rows under a head of their own. */
export interface Section<Row> {
  readonly key: string;
  /** A line above the rows; absent for a plain table. */
  readonly head?: ReactNode;
  readonly rows: readonly Row[];
}

/** A line above rows, or a row: what a table is drawn of, from top to bottom. */
export type Line<Row> =
  | { readonly kind: 'head'; readonly key: string; readonly head: ReactNode }
  | { readonly kind: 'row'; readonly key: string; readonly row: Row };

/** Rows can be ticked, to do something with all of them. */
export interface Ticks {
  readonly keys: ReadonlySet<string>;
  readonly onTick: (keys: ReadonlySet<string>) => void;
  /** Takes several entries as one change, once all have been looked at. */
  readonly together: (run: () => Promise<void>) => Promise<void>;
  /** What a fill could not do. */
  readonly onRefused: (message: string) => void;
}

export function canEdit<Row>(column: Column<Row>, row: Row): boolean {
  return column.edit !== undefined && (column.edit.when?.(row) ?? true);
}
