import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { suggestions, type Suggestion, type TripRecord } from '@graft/core/debrief';
import type { Trip } from '@graft/core/trip';
import { orKept } from '../device/answers';
import { api } from './api';
import { useTripCommands } from './tripContext';
import { useLibrary } from './useLibrary';

/** What earlier trips suggest for a trip: the open one, or that of a moment ago. */
export function useSuggestions(trip: Trip): {
  /** Undefined until they have come. */
  readonly records: readonly TripRecord[] | undefined;
  readonly list: readonly Suggestion[];
  readonly error: Error | null;
} {
  const { id } = useTripCommands();
  const { entries } = useLibrary();
  const { data: records, error } = useQuery({
    queryKey: ['records', id],
    queryFn: () => orKept(`records ${id}`, () => api.records(id), { tripId: id }),
    staleTime: 60_000,
  });
  const list = useMemo(
    () => (records === undefined ? [] : suggestions(trip, records, entries)),
    [trip, records, entries],
  );
  return { records, list, error };
}
