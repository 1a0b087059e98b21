/** What is annealed. */
import type { StowCost } from '../stowCost.js';
import type { Change, Limit } from './stowSearch.js';

/** What a change comes to. */
export interface Come {
  readonly cost: StowCost;
}

/** What is annealed: a search by itself, or with more that hangs on its state. */
export interface Annealed<T extends Come> {
  settle: () => Come;
  trial: (change: Change, limit: Limit) => T | undefined;
  commit: (next: T) => void;
}
