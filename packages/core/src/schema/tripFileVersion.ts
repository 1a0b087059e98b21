/** What a trip file says of itself. */
export const TRIP_FILE_FORMAT = 'graft-trip';
/** Files of older versions are upgraded when they are read. */
export const TRIP_FILE_VERSION = 8;
