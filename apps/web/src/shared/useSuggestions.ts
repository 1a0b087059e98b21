import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { suggestions, type Suggestion, type TripRecord } from '@graft/core';
import { api } from './api';
import { useTrip } from './TripProvider';
import { useLibrary } from './useLibrary';

/** What earlier trips suggest for the open one. */
export function useSuggestions(): {
  /** Undefined until they have come. */
  readonly records: readonly TripRecord[] | undefined;
  readonly list: readonly Suggestion[];
  readonly error: Error | null;
} {
  const { id, trip } = useTrip();
  const { entries } = useLibrary();
  const { data: records, error } = useQuery({
    queryKey: ['records', id],
    queryFn: () => api.records(id),
    staleTime: 60_000,
  });
  const list = useMemo(
    () => (records === undefined ? [] : suggestions(trip, records, entries)),
    [trip, records, entries],
  );
  return { records, list, error };
}
