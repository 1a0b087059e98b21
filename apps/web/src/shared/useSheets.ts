import { useQuery, type UseQueryResult } from '@tanstack/react-query';
import type { SheetProgress } from '@graft/core';
import { api } from './api';

/** The links of a trip's sheets and what members have told. */
export function useSheets(tripId: string): UseQueryResult<SheetProgress> {
  return useQuery({ queryKey: ['sheets', tripId], queryFn: () => api.sheets(tripId), staleTime: 60_000 });
}
