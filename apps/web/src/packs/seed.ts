/** What every plan of a pack starts from, so that it can be made again. */
export const SEED = 1;
