/** The trip file: text in, a trip out, every error with its path; and a trip out as text. */
import type { Trip } from '../trip/model.js';
import { type FieldError } from '../schema/fieldError.js';
/** Every error of a trip held as data: schema and references. */
export declare function tripErrors(trip: unknown): readonly FieldError[];
/**
 * Every error of a trip to which edits were played. The trip was free of errors, and each edited item has been checked
 * by its own schema. Only sizes of lists and references are left to look at.
 */
export declare function editedTripErrors(trip: Trip): readonly FieldError[];
/**
 * Read a trip file.
 *
 * @param text the file's text: JSON in the format of docs/trip-format.md; files of older versions are upgraded
 * @returns the trip
 * @throws InvalidInputError with every error and its path; a syntax error gives its line and column
 */
export declare function parseTripFile(text: string): Trip;
/** Write a trip file: indented JSON with a line break at its end. */
export declare function serialiseTripFile(trip: Trip, report?: unknown): string;
