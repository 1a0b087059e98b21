/** Trips that an earlier version of the program kept on the device, brought to today's format. */
import type { Trip } from '@graft/core/trip';
import { TRIP_FILE_FORMAT, TRIP_FILE_VERSION } from '@graft/core/schema';

export const TRIP_FORMAT: number = TRIP_FILE_VERSION;

/** @throws InvalidInputError with every error, when it cannot be read */
export async function readableTrip(trip: unknown, format: number): Promise<Trip> {
  if (format === TRIP_FORMAT) return trip as Trip;
  const { parseTripFile } = await import('@graft/core/formats');
  return parseTripFile(JSON.stringify({ format: TRIP_FILE_FORMAT, version: format, trip }));
}
