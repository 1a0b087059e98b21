/** What server and web app say to each other, beyond the trip itself. */
import type { Trip } from '../trip/model.js';
import type { FieldError } from './fieldError.js';

/** A trip in the list of all trips. */
export interface TripSummary {
  readonly id: string;
  readonly version: number;
  readonly name: string;
  readonly startDate: string;
  readonly days: number;
  readonly members: number;
}

/** A trip as the server keeps it; `version` counts its writes. */
export interface StoredTrip {
  readonly id: string;
  readonly version: number;
  readonly trip: Trip;
}

export type ErrorCode = 'invalid' | 'notFound' | 'stale' | 'tooLarge' | 'forbidden' | 'internal';

/** The one shape of every error answer. */
export interface ErrorBody {
  readonly error: {
    readonly code: ErrorCode;
    readonly message: string;
    readonly errors: readonly FieldError[];
  };
}
