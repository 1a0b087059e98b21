import { useEffect, useMemo, useState } from 'react';
import { boundKey, NO_BOUND, type TripBound } from '@graft/core/share';
import type { Trip } from '@graft/core/trip';
import { startBounds } from '../workers/bound';

export interface KnownBound {
  /** The newest that is known: of the trip, or of what it was a moment ago. */
  readonly bound: TripBound;
  readonly isKnown: boolean;
  /** Why it could not be worked out; empty where nothing failed. */
  readonly failed: string;
}

interface Answer {
  readonly of: object;
  readonly bound: TripBound;
  readonly failed: string;
}

/** The bound of a trip's shares; asked for in a worker whenever something changes that it comes from. */
export function useTripBound(trip: Trip): KnownBound {
  const [asker] = useState(startBounds);
  const [answer, setAnswer] = useState<Answer | undefined>();
  const key = boundKey(trip);
  useEffect(() => asker.close, [asker]);
  useEffect(() => {
    asker.ask(
      trip,
      (bound) => setAnswer({ of: key, bound, failed: '' }),
      (failed) => setAnswer((before) => ({ of: key, bound: before?.bound ?? NO_BOUND, failed })),
    );
    // What else of the trip changes changes nothing of the bound.
    // oxlint-disable-next-line react-hooks/exhaustive-deps
  }, [asker, key]);
  return useMemo(
    () => ({
      bound: answer?.bound ?? NO_BOUND,
      isKnown: answer?.of === key && answer.failed === '',
      failed: answer?.of === key ? answer.failed : '',
    }),
    [answer, key],
  );
}
