/** The trip file: text in, a trip out, every error with its path; and a trip out as text. */
import type { Trip } from '../trip/model.js';
import { examine, type Examined } from '../schema/checkSchema.js';
import { InvalidInputError, type FieldError } from '../schema/fieldError.js';
import { readJson } from './readJson.js';
import { LIST_SIZES, tripFileSchema, tripSchema } from '../schema/tripSchema.js';
import { TRIP_FILE_FORMAT, TRIP_FILE_VERSION } from '../schema/tripFileVersion.js';
import { tripReferenceErrors } from '../schema/tripReferences.js';
import { upgradeTripFile } from './upgradeTripFile.js';

/** Every error of a trip held as data: schema and references. */
export function tripErrors(trip: unknown): readonly FieldError[] {
  return withReferences(examine(tripSchema, trip), trip);
}

/** References are looked at in what has the size of a trip only. */
function withReferences({ errors, whole }: Examined, trip: unknown, base = ''): readonly FieldError[] {
  return whole ? [...errors, ...tripReferenceErrors(trip, base)] : errors;
}

/**
 * Every error of a trip to which edits were played. The trip was free of errors, and each edited item has been checked
 * by its own schema. Only sizes of lists and references are left to look at.
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
  const data = upgradeTripFile(readJson(text.replace(/^\uFEFF/, '')));
  const inner = typeof data === 'object' && data !== null ? (data as { trip?: unknown }).trip : undefined;
  const errors = withReferences(examine(tripFileSchema, data), inner, 'trip.');
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
