/** A day of 24 hours, milliseconds. */
export const DAY_MS = 86_400_000;
