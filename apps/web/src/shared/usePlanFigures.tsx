import { createContext, useContext, useDeferredValue, useMemo, type ReactNode } from 'react';
import { shareFigures, tripBound, type ShareFigures, type TripBound } from '@graft/core/share';
import { packFigures, type PackFigures } from '@graft/core/stow';
import type { Trip } from '@graft/core/trip';
import { useTrip } from './TripProvider';

interface PlanFigures {
  readonly trip: Trip;
  readonly share: ShareFigures;
  readonly bound: TripBound;
}
const PlanFiguresContext = createContext<PlanFigures | undefined>(undefined);

function usePlanContext(): PlanFigures {
  const figures = useContext(PlanFiguresContext);
  if (figures === undefined) throw new Error('plan figures are used outside of their provider');
  return figures;
}

/**
 * The open trip's share figures, computed once for the line of stations and the station that is open; a moment behind
 * the trip while it is edited, so that typing never waits for them.
 */
export function PlanFiguresProvider({ children }: { children: ReactNode }) {
  const { walked } = useTrip();
  return <BoundOf trip={useDeferredValue(walked)}>{children}</BoundOf>;
}

/** The bound first, the figures in a part of their own: between two parts the page can answer. */
function BoundOf({ trip, children }: { trip: Trip; children: ReactNode }) {
  const bound = useMemo(() => tripBound(trip), [trip]);
  return (
    <FiguresOf trip={trip} bound={bound}>
      {children}
    </FiguresOf>
  );
}

function FiguresOf({ trip, bound, children }: { trip: Trip; bound: TripBound; children: ReactNode }) {
  const figures = useMemo(() => ({ trip, bound, share: shareFigures(trip, bound) }), [trip, bound]);
  return <PlanFiguresContext value={figures}>{children}</PlanFiguresContext>;
}

/** Figures of the trip as it was a moment ago, and that trip. */
export function useRecentFigures(): { readonly trip: Trip; readonly share: ShareFigures } {
  return usePlanContext();
}

/** Share figures of just this trip: the open one, or a variant of it that has the same pieces and people. */
export function useShareFigures(trip: Trip): ShareFigures {
  const plan = usePlanContext();
  return useMemo(() => (trip === plan.trip ? plan.share : shareFigures(trip, plan.bound)), [trip, plan]);
}

/** Every member's stow. */
export function usePackFigures(trip: Trip): readonly PackFigures[] {
  return useMemo(() => trip.members.map((member) => packFigures(trip, member)), [trip]);
}
