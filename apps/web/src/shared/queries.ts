import { QueryClient } from '@tanstack/react-query';

export const queries = new QueryClient({
  defaultOptions: {
    // Without a network what this device keeps answers.
    queries: { retry: 1, refetchOnWindowFocus: false, staleTime: 0, networkMode: 'always' },
    mutations: { networkMode: 'always' },
  },
});

/** Under what an open trip is known. */
export const tripKey = (id: string): readonly string[] => ['trip', id];
