/** Shares are reproducible: the same trip and this seed give the same share. */
export const SEED = 1;
