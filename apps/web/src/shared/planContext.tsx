/** What plan figures are worked out of; apart from what works them out, which is much larger. */
import { createContext, useContext, useDeferredValue, useMemo, type ReactNode } from 'react';
import type { Trip } from '@graft/core/trip';
import { useTrip } from './tripContext';
import { useTripBound, type KnownBound } from './useTripBound';

interface Plan {
  readonly trip: Trip;
  readonly known: KnownBound;
}
const PlanContext = createContext<Plan | undefined>(undefined);

export function usePlan(): Plan {
  const plan = useContext(PlanContext);
  if (plan === undefined) throw new Error('plan figures are used outside of their provider');
  return plan;
}

/**
 * The open trip for its figures: a moment behind it while it is edited, so that typing never waits for them. The bound
 * comes from its worker; figures do not wait for it.
 */
export function PlanFiguresProvider({ children }: { children: ReactNode }) {
  const { walked } = useTrip();
  const trip = useDeferredValue(walked);
  const known = useTripBound(trip);
  const plan = useMemo(() => ({ trip, known }), [trip, known]);
  return <PlanContext value={plan}>{children}</PlanContext>;
}
