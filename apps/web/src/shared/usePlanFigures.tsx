import { createContext, useContext, useDeferredValue, useMemo, type ReactNode } from 'react';
import { shareFigures, type ShareFigures } from '@graft/core/share';
import { packFigures, type PackFigures } from '@graft/core/stow';
import type { Trip } from '@graft/core/trip';
import { useTrip } from './tripContext';
import { useTripBound, type KnownBound } from './useTripBound';

interface PlanFigures {
  readonly trip: Trip;
  readonly share: ShareFigures;
  readonly known: KnownBound;
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

/** The bound from its worker, the figures here: they do not wait for it. */
function BoundOf({ trip, children }: { trip: Trip; children: ReactNode }) {
  const bound = useTripBound(trip);
  return (
    <FiguresOf trip={trip} known={bound}>
      {children}
    </FiguresOf>
  );
}

function FiguresOf({ trip, known, children }: { trip: Trip; known: KnownBound; children: ReactNode }) {
  const { bound } = known;
  const share = useMemo(() => shareFigures(trip, bound), [trip, bound]);
  const figures = useMemo(() => ({ trip, known, share }), [trip, known, share]);
  return <PlanFiguresContext value={figures}>{children}</PlanFiguresContext>;
}

/** Whether the bound in the figures is that of the trip as it is; why not, where it could not be worked out. */
export function useBoundState(): { readonly isKnown: boolean; readonly failed: string } {
  const { known } = usePlanContext();
  return known;
}

/** Figures of the trip as it was a moment ago, and that trip. */
export function useRecentFigures(): { readonly trip: Trip; readonly share: ShareFigures } {
  return usePlanContext();
}

/** Share figures of just this trip: the open one, or a variant of it that has the same pieces and people. */
export function useShareFigures(trip: Trip): ShareFigures {
  const plan = usePlanContext();
  return useMemo(
    () => (trip === plan.trip ? plan.share : shareFigures(trip, plan.known.bound)),
    [trip, plan],
  );
}

/** Every member's stow. */
export function usePackFigures(trip: Trip): readonly PackFigures[] {
  return useMemo(() => trip.members.map((member) => packFigures(trip, member)), [trip]);
}
