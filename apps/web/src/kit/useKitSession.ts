import { allThings, type Trip } from '@graft/core/trip';
import { useState, useMemo, useCallback, startTransition } from 'react';
import { useTickedRows } from './useTickedRows';
import { useKitRows } from './useKitRows';
import { useKitFindings } from './useKitFindings';
import type { KitRow } from './kitRows';
import type { Adding } from './kitScopes';
import { addAt, addedId, withoutNew, type NewPlace } from './newThings';
import { useAdding } from '../shared/table/naming';
import type { View } from './kitColumns';
import { useAskedFor } from '../shared/useAskedFor';
import { useLibrary } from '../shared/useLibrary';
import { useKnowledge } from './useKnowledge';
import { useTrip } from '../shared/tripContext';

type Panel = 'checks' | 'stay' | 'loans' | 'scale';
export type KitSession = ReturnType<typeof useKitSession>;

/** Kit as it is open: whose things, which of them, what of each, what is ticked, and what stands beside the table. */
export function useKitSession() {
  const { trip, change } = useTrip();
  const library = useLibrary();
  const [scope, setScope] = useState('all');
  const [view, setView] = useState<View>('weights');
  const [filter, setFilter] = useState('');
  const [only, setOnly] = useState<ReadonlySet<string> | undefined>();
  const asked = useAskedFor();
  const [adding, setAdding] = useState<Adding | undefined>(
    asked === 'paste' || asked === 'csv' ? asked : undefined,
  );
  const [panel, setPanel] = useState<Panel>('checks');
  const [reached, setReached] = useState<string | undefined>();
  const [said, setSaid] = useState('');

  const shown = useKitRows(trip, scope, filter, only);
  const knowledge = useKnowledge();
  const findings = useKitFindings(trip, library.entries, knowledge);
  const focused = useMemo(() => allThings(trip).find((t) => t.id === reached), [trip, reached]);

  // Where the table is matters to the scale and to loans only: it follows when there is time.
  const onReach = useCallback((row: KitRow) => startTransition(() => setReached(row.id)), []);
  const newRows = useAdding<NewPlace>(
    (place) => {
      const add = (t: Trip): Trip => addAt(t, place);
      setFilter('');
      setOnly(undefined);
      change(place.kind === 'newKit' ? 'add a kit' : 'add a thing', add);
      return addedId(trip, add(trip));
    },
    (id) => change('no further thing', (t) => withoutNew(t, id)),
  );
  const [pasted, setPasted] = useState('');
  const ticks = useTickedRows(shown.rows, library, setSaid);
  return {
    trip,
    library,
    knowledge,
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
    newRows,
    pasted,
    closeAdding: (): void => {
      setAdding(undefined);
      setPasted('');
    },
    /** Several lines or cells that are pasted into the table are looked at first. */
    onPasted: (text: string): boolean => {
      if (text.trim() === '') return false;
      setPasted(text);
      setAdding('paste');
      return true;
    },
    panel,
    setPanel,
    reached,
    focused,
    onReach,
    said,
    setSaid,
  };
}
