import { useMemo } from 'react';
import { packFigures, type PackFigures } from '@graft/core/stow';
import type { Trip } from '@graft/core/trip';

/** Every member's stow. */
export function usePackFigures(trip: Trip): readonly PackFigures[] {
  return useMemo(() => trip.members.map((member) => packFigures(trip, member)), [trip]);
}
