/** A day of 24 hours, milliseconds. */
export const DAY_MS = 86_400_000;
export const HOUR_MS = 3_600_000;
