import {
  decodeText,
  guessMapping,
  guessOptions,
  readCsvTable,
  readThings,
  type CsvMapping,
  type CsvOptions,
  type CsvTable,
  type CsvTrip,
  type ReadThings,
} from '@graft/core/formats';
import type { LibraryEntry } from '@graft/core/library';

/** What a table looks like, and what its columns likely are. */
export interface CsvHead {
  readonly headers: readonly string[];
  readonly rows: number;
  /** The first row, to show what stands in each column. */
  readonly example: readonly string[];
  readonly mapping: CsvMapping;
  readonly options: CsvOptions;
}

/** Reads tables of things and keeps the one that was opened last. */
export function csvReader() {
  let table: CsvTable | undefined;
  return {
    async open(file: File): Promise<CsvHead> {
      table = readCsvTable(decodeText(new Uint8Array(await file.arrayBuffer())));
      const mapping = guessMapping(table.headers);
      return {
        headers: table.headers,
        rows: table.rows.length,
        example: table.rows[0] ?? [],
        mapping,
        options: guessOptions(table, mapping),
      };
    },
    read(
      mapping: CsvMapping,
      options: CsvOptions,
      library: readonly LibraryEntry[],
      trip: CsvTrip,
    ): Promise<ReadThings> {
      if (table === undefined) throw new Error('a table is read before it is opened');
      return Promise.resolve(readThings(table, mapping, options, library, trip));
    },
  };
}
export type CsvReader = ReturnType<typeof csvReader>;
