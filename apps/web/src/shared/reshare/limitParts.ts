/** Parts of the own limit that may be left to somebody, to choose from. */
export const LIMIT_PARTS = [0.9, 0.8, 0.7, 0.6, 0.5, 0.4, 0.3, 0.2, 0.1] as const;
