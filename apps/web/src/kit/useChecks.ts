import { startTransition, useEffect, useRef, useState } from 'react';
import type { LibraryEntry } from '@graft/core/library';
import type { KitChecks, KitFinding } from '@graft/core/lists';
import type { Trip } from '@graft/core/trip';
import type { Known, Knowledge } from './useKnowledge';

/** How long the lists must lie still before they are checked again. */
const SETTLED_MS = 250;

/**
 * The checks of the trip as it was when it last lay still, each in a task of its own, so that typing never waits for
 * them; undefined until the first are done.
 */
export function useChecks(
  trip: Trip,
  library: readonly LibraryEntry[],
  knowledge: Knowledge,
): KitChecks | undefined {
  const [checks, setChecks] = useState<KitChecks | undefined>();
  const first = useRef(true);
  useEffect(() => {
    const check = ({ kitCheckSteps, gatherChecks }: Known): void => {
      const steps = kitCheckSteps(trip, library);
      const findings: KitFinding[] = [];
      const next = (i: number): void => {
        const step = steps[i];
        if (step === undefined) startTransition(() => setChecks(gatherChecks(trip, findings)));
        else {
          findings.push(...step());
          timer = window.setTimeout(() => next(i + 1));
        }
      };
      timer = window.setTimeout(() => next(0));
    };
    let isOld = false;
    let timer = window.setTimeout(
      () => knowledge.later((known) => isOld || check(known)),
      first.current ? 0 : SETTLED_MS,
    );
    first.current = false;
    return () => {
      isOld = true;
      window.clearTimeout(timer);
    };
  }, [trip, library, knowledge]);
  return checks;
}
