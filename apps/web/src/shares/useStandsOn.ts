import { useEffect, useState } from 'react';
import type { StandsOn } from '@graft/core/report';

import type { Trip } from '@graft/core/trip';
import { useRun } from '../shared/useRun';
import { runStandsOn } from '../workers/engine';

/** The facts are looked at once the hand has rested for this long. */
const REST_MS = 500;

/** What the share stands on; undefined until that is known of the trip as it is now. */
export function useStandsOn(trip: Trip, isInHand: boolean): StandsOn | undefined {
  const { start, drop } = useRun('Looking at the facts');
  const [known, setKnown] = useState<{ readonly of: Trip; readonly stands: StandsOn } | undefined>();
  useEffect(() => {
    if (isInHand) return;
    const timer = setTimeout(() => {
      void start(() => runStandsOn(trip)).then((outcome) => {
        if (outcome.kind === 'done' && outcome.value !== undefined)
          setKnown({ of: trip, stands: outcome.value });
      });
    }, REST_MS);
    return () => {
      clearTimeout(timer);
      drop();
    };
  }, [trip, isInHand, start, drop]);
  return known?.of === trip ? known.stands : undefined;
}
