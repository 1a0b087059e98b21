import { allThings } from '@graft/core/trip';
import { useState, useMemo, useCallback, startTransition } from 'react';
import { useTickedRows } from './useTickedRows';
import { useKitRows } from './useKitRows';
import { useKitFindings } from './useKitFindings';
import type { KitRow } from './kitRows';
import type { Adding } from './kitScopes';
import type { View } from './kitColumns';
import { useLibrary } from '../shared/useLibrary';
import { useTrip } from '../shared/TripProvider';

type Panel = 'checks' | 'stay' | 'loans' | 'scale';
export type KitSession = ReturnType<typeof useKitSession>;

/** Kit as it is open: whose things, which of them, what of each, what is ticked, and what stands beside the table. */
export function useKitSession() {
  const { trip } = useTrip();
  const library = useLibrary();
  const [scope, setScope] = useState('all');
  const [view, setView] = useState<View>('weights');
  const [filter, setFilter] = useState('');
  const [only, setOnly] = useState<ReadonlySet<string> | undefined>();
  const [adding, setAdding] = useState<Adding | undefined>();
  const [panel, setPanel] = useState<Panel>('checks');
  const [reached, setReached] = useState<string | undefined>();
  const [said, setSaid] = useState('');

  const shown = useKitRows(trip, scope, filter, only);
  const findings = useKitFindings(trip, library.entries);
  const focused = useMemo(() => allThings(trip).find((t) => t.id === reached), [trip, reached]);

  // Where the table is matters to the scale and to loans only: it follows when there is time.
  const onReach = useCallback((row: KitRow) => startTransition(() => setReached(row.id)), []);
  const ticks = useTickedRows(shown.rows, library, setSaid);
  return {
    trip,
    library,
    ...shown,
    ...findings,
    ...ticks,
    view,
    setView,
    setScope,
    filter,
    setFilter,
    only,
    setOnly,
    adding,
    setAdding,
    panel,
    setPanel,
    reached,
    focused,
    onReach,
    said,
    setSaid,
  };
}
