/**
 * What a schema cannot say: ids that point at something, days inside the trip, boxes that can hold their volume.
 * Reads raw data and skips what the schema already refuses, so that one reading of a bad file finds both kinds.
 */
import type { FieldError } from './fieldError.js';
/**
 * Check a trip's references and sums.
 *
 * @param trip the raw trip object, of any shape
 * @param base path prefix of the errors, such as "trip."
 * @returns every error found
 */
export declare function tripReferenceErrors(trip: unknown, base?: string): readonly FieldError[];
