/** The bound of a trip's shares, worked out where it is asked: tests have no workers. */
import { tripBoundNow } from '@graft/core/share';
import type { BoundAsker } from '../workers/bound';

export const startBounds = (): BoundAsker => ({
  ask: (trip, answer) => answer(tripBoundNow(trip)),
  close: () => undefined,
});
