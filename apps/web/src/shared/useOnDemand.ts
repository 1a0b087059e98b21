import { useCallback, useState } from 'react';

/**
 * Does something with a part of the program that is loaded when it is asked for. Where it cannot be loaded, that is told
 * as for a page that cannot.
 */
export function useOnDemand(): <T>(load: () => Promise<T>, use: (part: T) => void) => void {
  const [failure, setFailure] = useState<Error | undefined>();
  if (failure !== undefined) throw failure;
  return useCallback((load, use) => {
    load()
      .then(use)
      .catch((error: unknown) => setFailure(error instanceof Error ? error : new Error(String(error))));
  }, []);
}
