import { useMemo, useRef } from 'react';
import type * as knowledge from './knowledge';
import { useOnDemand } from '../shared/useOnDemand';

export type Known = typeof knowledge;
const load = (): Promise<Known> => import('./knowledge');

export interface Knowledge {
  /** Undefined for the moments until it is loaded. */
  readonly now: () => Known | undefined;
  /** Uses it as soon as it is there. */
  readonly later: (use: (known: Known) => void) => void;
}

/** What Graft knows of things by their names. */
export function useKnowledge(): Knowledge {
  const known = useRef<Known>(undefined);
  const onDemand = useOnDemand();
  return useMemo(
    (): Knowledge => ({
      now: () => known.current,
      later: (use) =>
        onDemand(load, (loaded) => {
          known.current = loaded;
          use(loaded);
        }),
    }),
    [onDemand],
  );
}
