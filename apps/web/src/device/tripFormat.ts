/** Trips that an earlier version of the program wrote, or another phone, brought to today's format. */
import type { Trip } from '@graft/core/trip';
import { TRIP_FILE_FORMAT, TRIP_FILE_VERSION } from '@graft/core/schema';

export const TRIP_FORMAT: number = TRIP_FILE_VERSION;

/**
 * @param isForeign not written by this device: looked at whatever its format
 * @throws InvalidInputError with every error, when it cannot be read
 */
export async function readableTrip(trip: unknown, format: number, isForeign = false): Promise<Trip> {
  if (format === TRIP_FORMAT && !isForeign) return trip as Trip;
  const { parseTripFile } = await import('@graft/core/formats');
  return parseTripFile(JSON.stringify({ format: TRIP_FILE_FORMAT, version: format, trip }));
}
