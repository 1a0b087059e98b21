import { startTransition, useEffect, useRef, useState } from 'react';
import type { LibraryEntry } from '@graft/core/library';
import { gatherChecks, kitCheckSteps, type KitChecks, type KitFinding } from '@graft/core/lists';
import type { Trip } from '@graft/core/trip';

/** How long the lists must lie still before they are checked again. */
const SETTLED_MS = 250;

/**
 * The checks of the trip as it was when it last lay still, each in a task of its own, so that typing never waits for
 * them; undefined until the first are done.
 */
export function useChecks(trip: Trip, library: readonly LibraryEntry[]): KitChecks | undefined {
  const [checks, setChecks] = useState<KitChecks | undefined>();
  const first = useRef(true);
  useEffect(() => {
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
    let timer = window.setTimeout(() => next(0), first.current ? 0 : SETTLED_MS);
    first.current = false;
    return () => window.clearTimeout(timer);
  }, [trip, library]);
  return checks;
}
