import { useCallback } from 'react';
import { recordLimitChanges } from '@graft/core/limits';
import type { Trip } from '@graft/core/trip';
import { useAccountSession } from './AccountProvider';
import { today } from './dates';
import { useTripCommands } from './tripContext';

/** Change the trip; every carry limit that moves by it is written down with date, who and why. */
export function useLimitChange(): (label: string, change: (trip: Trip) => Trip) => void {
  const { change } = useTripCommands();
  const { account } = useAccountSession();
  const who = account?.name ?? 'Leader';
  return useCallback(
    (label, made) =>
      change(label, (trip) =>
        // The entry says what was changed; the member's name stands above their own record.
        recordLimitChanges(trip, made(trip), today(), who, label.replace(/^[^:]*: /, '').slice(0, 300)),
      ),
    [change, who],
  );
}
