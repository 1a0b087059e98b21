/**
 * Tables as spreadsheets write them: any of the usual separators, quotes, byte-order marks and encodings in; and out
 * again so that no cell can be run as a formula.
 */
import Papa from 'papaparse';

export interface CsvTable {
  readonly headers: readonly string[];
  /** Rows under the headers, each as long as the headers. */
  readonly rows: readonly (readonly string[])[];
  /** The line of the file on which each row begins, from 1. */
  readonly lines: readonly number[];
  readonly delimiter: string;
  /** Structural errors, such as a quote that is never closed; the rows before them are there. */
  readonly errors: readonly { readonly line: number; readonly message: string }[];
}

/** Text of a file's bytes: UTF-8 or UTF-16 by its mark, UTF-8 where it is, else Windows-1252 as older spreadsheets write. */
export function decodeText(bytes: Uint8Array): string {
  const [a, b] = bytes;
  if (a === 0xff && b === 0xfe) return new TextDecoder('utf-16le').decode(bytes);
  if (a === 0xfe && b === 0xff) return new TextDecoder('utf-16be').decode(bytes);
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch (error) {
    // The error may come from another realm, as in a worker or a test: its name tells it, not its class.
    if ((error as Error).name !== 'TypeError') throw error;
    return new TextDecoder('windows-1252').decode(bytes);
  }
}

const DELIMITERS = [',', ';', '\t', '|'];

/** Read a table; its first row that is not empty holds the headers. */
export function readCsvTable(text: string): CsvTable {
  const clean = text.replace(/^\uFEFF/, '');
  // Some spreadsheets say their separator in a first line of their own.
  const told = /^sep=(.)\r?\n/i.exec(clean);
  const body = told === null ? clean : clean.slice(told[0].length);
  const parsed = Papa.parse<string[]>(body, {
    delimiter: told?.[1] ?? likelyDelimiter(body),
    skipEmptyLines: false,
  });
  const offset = told === null ? 1 : 2;
  const all = parsed.data.map((cells, i) => ({ cells, i }));
  const lineOf = linesOf(body, parsed.data);
  const filled = all.filter(({ cells }) => cells.some((cell) => cell.trim() !== ''));
  const headers = (filled[0]?.cells ?? []).map((h) => unguardCell(h.trim()));
  const rows = filled.slice(1).map(({ cells }) => headers.map((_header, k) => unguardCell(cells[k] ?? '')));
  return {
    headers,
    rows,
    lines: filled.slice(1).map(({ i }) => lineOf[i]! + offset),
    delimiter: parsed.meta.delimiter,
    errors: [
      ...parsed.errors
        .filter((e) => e.type === 'Quotes')
        .map((e) => ({ line: (lineOf[e.row ?? 0] ?? 0) + offset, message: 'expected a closing quote' })),
      ...filled.slice(1).flatMap(({ cells, i }) =>
        cells.length > headers.length && cells.slice(headers.length).some((c) => c.trim() !== '')
          ? [
              {
                line: lineOf[i]! + offset,
                message: `expected ${headers.length} cells, got ${cells.length}`,
              },
            ]
          : [],
      ),
    ],
  };
}

/**
 * The separator that the header line holds most of: headers have no decimal commas, cells may. A header alone in its line
 * leaves the comma.
 */
function likelyDelimiter(body: string): string {
  const header = body.split(/\r\n|\r|\n/).find((line) => line.trim() !== '') ?? '';
  const bare = header.replace(/"[^"]*"/g, '');
  const counts = DELIMITERS.map((d) => bare.split(d).length - 1);
  return DELIMITERS[counts.indexOf(Math.max(...counts))]!;
}

/** Where each record begins: a quoted cell may hold line breaks. */
function linesOf(body: string, records: readonly (readonly string[])[]): readonly number[] {
  const breaks = /\r\n/.test(body) ? /\r\n/g : /\r|\n/g;
  let line = 0;
  return records.map((cells) => {
    const at = line;
    line += 1 + cells.reduce((sum, cell) => sum + (cell.match(breaks)?.length ?? 0), 0);
    return at;
  });
}

const FORMULA = /^'*[=+\-@\t\r]/;

/** A text cell that no spreadsheet takes for a formula; `unguardCell` takes the guard off again. */
export function guardCell(text: string): string {
  return FORMULA.test(text) ? `'${text}` : text;
}

function unguardCell(text: string): string {
  return /^'+[=+\-@\t\r]/.test(text) ? text.slice(1) : text;
}

/** Write a table; numbers as they are, texts guarded. Lines end as spreadsheets expect it. */
export function writeCsvTable(
  headers: readonly string[],
  rows: readonly (readonly (string | number)[])[],
): string {
  const cells = rows.map((row) =>
    row.map((cell) => (typeof cell === 'number' ? String(cell) : guardCell(cell))),
  );
  return `\uFEFF${Papa.unparse({ fields: [...headers], data: cells })}\r\n`;
}
