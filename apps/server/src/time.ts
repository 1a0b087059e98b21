/** Milliseconds. */
export const DAY_MS = 86_400_000;
export const MINUTE_MS = 60_000;
export const HOUR_MS = 3_600_000;
