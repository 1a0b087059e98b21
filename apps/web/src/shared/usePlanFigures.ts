import { useMemo } from 'react';
import { shareFigures, type ShareFigures, type TripBound } from '@graft/core/share';
import type { Trip } from '@graft/core/trip';
import { usePlan } from './planContext';

/** Worked out once for the line of stations and the station that is open. */
const known = new WeakMap<Trip, { readonly bound: TripBound; readonly share: ShareFigures }>();
function figuresOf(trip: Trip, bound: TripBound): ShareFigures {
  const before = known.get(trip);
  if (before?.bound === bound) return before.share;
  const share = shareFigures(trip, bound);
  known.set(trip, { bound, share });
  return share;
}

/** Whether the bound in the figures is that of the trip as it is; why not, where it could not be worked out. */
export function useBoundState(): { readonly isKnown: boolean; readonly failed: string } {
  return usePlan().known;
}

/** Figures of the trip as it was a moment ago, and that trip. */
export function useRecentFigures(): { readonly trip: Trip; readonly share: ShareFigures } {
  const {
    trip,
    known: { bound },
  } = usePlan();
  return useMemo(() => ({ trip, share: figuresOf(trip, bound) }), [trip, bound]);
}

/** Share figures of just this trip: the open one, or a variant of it that has the same pieces and people. */
export function useShareFigures(trip: Trip): ShareFigures {
  const { bound } = usePlan().known;
  return useMemo(() => figuresOf(trip, bound), [trip, bound]);
}
