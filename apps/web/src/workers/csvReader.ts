import {
  decimalDoubt,
  decodeText,
  guessMapping,
  guessOptions,
  readCsvTable,
  readThings,
  tableOf,
  type CsvMapping,
  type CsvOptions,
  type CsvTable,
  type CsvTrip,
  type DecimalDoubt,
  type ReadThings,
} from '@graft/core/formats';
import type { LibraryEntry } from '@graft/core/library';
import { isWorkbook, readWorkbook, type Sheet } from '@graft/core/workbook';

/** What a table looks like, and what its columns likely are. */
export interface CsvHead {
  readonly headers: readonly string[];
  readonly rows: number;
  /** The first row, to show what stands in each column. */
  readonly example: readonly string[];
  readonly mapping: CsvMapping;
  readonly options: CsvOptions;
  /** A mass that can be read two ways. */
  readonly doubt?: DecimalDoubt;
  /** Names of a spreadsheet's sheets that hold something; none for a text. */
  readonly sheets: readonly string[];
  readonly sheet: number;
  /** The line of the file with the headers, from 1. */
  readonly headerLine: number;
  /** Lines with sums, which are left out. */
  readonly sums: readonly number[];
}

/** Which sheet, and where its headers are, when somebody chose that. */
export interface CsvChoice {
  readonly sheet?: number;
  readonly headerLine?: number;
}

/** The sheet with most rows: the first of several alike. */
function fullest(sheets: readonly Sheet[]): number {
  const most = Math.max(0, ...sheets.map((s) => s.rows.length));
  return Math.max(
    0,
    sheets.findIndex((s) => s.rows.length === most),
  );
}

/** Reads tables of things and keeps the one that was opened last. */
export function csvReader() {
  let table: CsvTable | undefined;
  let text = '';
  let sheets: readonly Sheet[] = [];
  const head = ({ sheet = fullest(sheets), headerLine }: CsvChoice, members: readonly string[]): CsvHead => {
    const options = { members, ...(headerLine === undefined ? {} : { headerLine }) };
    const rows = sheets[sheet]?.rows;
    table = rows === undefined ? readCsvTable(text, options) : tableOf(rows, options);
    const mapping = guessMapping(table, members);
    const guessed = guessOptions(table, mapping);
    const doubt = decimalDoubt(table, mapping, guessed.massUnit);
    return {
      headers: table.headers,
      rows: table.rows.length,
      example: table.rows[0] ?? [],
      mapping,
      options: guessed,
      ...(doubt === undefined ? {} : { doubt }),
      sheets: sheets.map((s) => s.name),
      sheet,
      headerLine: table.headerLine,
      sums: table.sums,
    };
  };
  return {
    async open(file: File, members: readonly string[]): Promise<CsvHead> {
      const bytes = new Uint8Array(await file.arrayBuffer());
      const isBook = isWorkbook(bytes);
      sheets = isBook ? readWorkbook(bytes).filter((s) => s.rows.length > 0) : [];
      text = isBook ? '' : decodeText(bytes);
      return head({}, members);
    },
    /** The file that was opened last, looked at otherwise. */
    choose(choice: CsvChoice, members: readonly string[]): Promise<CsvHead> {
      return Promise.resolve(head(choice, members));
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
