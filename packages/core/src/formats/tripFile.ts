/** The trip file: text in, a trip out, every error with its path; and a trip out as text. */
import { ValidationError, type AnySchema } from 'yup';
import type { Trip } from '../trip/model.js';
import { InvalidInputError, type FieldError } from './fieldError.js';
import { LIST_SIZES, TRIP_FILE_FORMAT, TRIP_FILE_VERSION, tripFileSchema, tripSchema } from './tripSchema.js';
import { tripReferenceErrors } from './tripReferences.js';
import { upgradeTripFile } from './upgradeTripFile.js';

/** Every error a schema finds in a value, with paths under `base`. */
export function schemaErrors(schema: AnySchema, value: unknown, base = ''): readonly FieldError[] {
  try {
    schema.validateSync(value, { abortEarly: false, strict: true });
    return [];
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error;
    const inner = error.inner.length > 0 ? error.inner : [error];
    const seen = new Set<string>();
    return inner.flatMap((e) => {
      const path = joinPath(base, e.path ?? '');
      // A missing value fails several tests of one field; the reader needs it once.
      const key = `${path} ${e.message}`;
      if (seen.has(key)) return [];
      seen.add(key);
      return [{ path, message: e.message }];
    });
  }
}

function joinPath(base: string, path: string): string {
  if (base === '' || path === '') return base + path;
  return path.startsWith('[') ? `${base}${path}` : `${base}.${path}`;
}

/** Every error of a trip held as data: schema and references. */
export function tripErrors(trip: unknown): readonly FieldError[] {
  return [...schemaErrors(tripSchema, trip), ...tripReferenceErrors(trip)];
}

/**
 * Every error of a trip to which edits were played: the trip was free of errors and each edited item has been checked by
 * its own schema, so that only sizes of lists and references are left to look at.
 */
export function editedTripErrors(trip: Trip): readonly FieldError[] {
  return [...listSizeErrors(trip), ...tripReferenceErrors(trip)];
}

/**
 * Read a trip file.
 *
 * @param text the file's text: JSON in the format of docs/trip-format.md; files of older versions are upgraded
 * @returns the trip
 * @throws InvalidInputError with every error and its path; a syntax error gives its line and column
 */
export function parseTripFile(text: string): Trip {
  const data = upgradeTripFile(parseJson(text.replace(/^\uFEFF/, '')));
  const inner = typeof data === 'object' && data !== null ? (data as { trip?: unknown }).trip : undefined;
  const errors = [...schemaErrors(tripFileSchema, data), ...tripReferenceErrors(inner, 'trip.')];
  if (errors.length > 0) throw new InvalidInputError(errors);
  return inner as Trip;
}

/** Write a trip file: indented JSON with a line break at its end. */
export function serialiseTripFile(trip: Trip, report?: unknown): string {
  const file = {
    format: TRIP_FILE_FORMAT,
    version: TRIP_FILE_VERSION,
    trip,
    ...(report === undefined ? {} : { report }),
  };
  return `${JSON.stringify(file, null, 2)}\n`;
}

function listSizeErrors(trip: Trip): readonly FieldError[] {
  return Object.entries(LIST_SIZES).flatMap(([key, [least, most]]) => {
    const size = trip[key as keyof typeof LIST_SIZES].length;
    return size >= least && size <= most
      ? []
      : [{ path: key, message: `expected a list of ${least} to ${most} entries, got ${size}` }];
  });
}

function parseJson(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch (error) {
    if (!(error instanceof SyntaxError)) throw error;
    const message = error.message.replace(/ in JSON at position \d+.*$/s, '').replace(/ \(line.*$/s, '');
    const position = /position (\d+)/.exec(error.message)?.[1];
    const where = position === undefined ? 'at its end' : lineAndColumn(text, Number(position));
    throw new InvalidInputError([{ path: '', message: `expected JSON text: ${message} ${where}` }]);
  }
}

function lineAndColumn(text: string, position: number): string {
  const before = text.slice(0, position).split('\n');
  return `(line ${before.length}, column ${before[before.length - 1]!.length + 1})`;
}
