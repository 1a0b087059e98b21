import type { Trip } from '@graft/core/trip';
import type { KitChecks, KitFinding } from '@graft/core/lists';
import type { LibraryEntry } from '@graft/core/library';
import { useMemo } from 'react';
import { useChecks } from './useChecks';
import type { Knowledge } from './useKnowledge';

/** The checks' findings: what can stay at home, and all others; nothing before the first answer. */
export function useKitFindings(
  trip: Trip,
  library: readonly LibraryEntry[],
  knowledge: Knowledge,
): { readonly stay: KitChecks | undefined; readonly others: KitChecks | undefined } {
  const checks = useChecks(trip, library, knowledge);
  return useMemo(() => {
    const adviser = (f: KitFinding): boolean => f.kind === 'leaveBehind';
    const pick = (test: (f: KitFinding) => boolean): KitChecks | undefined =>
      checks && {
        open: checks.open.filter(test),
        dismissed: checks.dismissed.filter((d) => test(d.finding)),
      };
    return { stay: pick(adviser), others: pick((f) => !adviser(f)) };
  }, [checks]);
}
