import { useCallback, useEffect, useMemo, useReducer, useRef, useState, type ReactNode } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import { withEvents } from '@graft/core/trail';
import { useReachable } from '../device/network';
import type { OpenedTrip } from '../device/openTrip';
import { useKeeping } from '../device/useKeeping';
import { tripKey } from './queries';
import { RunStore } from './runs';
import {
  CommandsContext,
  SavingContext,
  TripContext,
  type Saving,
  type TripCommands,
  type TripSession,
} from './tripContext';
import { sendOnce } from './tripSending';
import { isUnsaved, sessionReducer } from './tripSession';
import { TripRunsProvider } from './useRun';
import { useTripNews } from './useTripNews';

const RETRY_AFTER_MS = 2000;

/** Holds the open trip, shows changes at once and sends them to the server one after another. */
export function TripProvider({ opened, children }: { opened: OpenedTrip; children: ReactNode }) {
  const { stored, session: begun } = opened;
  const [state, dispatch] = useReducer(sessionReducer, begun);
  const queries = useQueryClient();
  const [runs] = useState(() => new RunStore());
  useEffect(() => () => runs.dropAll(), [runs]);
  const { trip, save, version, clashes, setAside, isUnread } = state;
  const readOnly = stored.role === 'read';
  const [refusals, setRefusals] = useState(0);
  const unsaved = isUnsaved(state);

  useEffect(() => {
    if ((!unsaved && !isUnread) || save.kind !== 'idle') return;
    dispatch({ type: 'sending', sent: state.trip });
    void sendOnce(stored.id, state).then(dispatch);
  }, [unsaved, isUnread, save.kind, state, stored.id]);

  const told = useTripNews(stored.id, state, (now) =>
    dispatch({ type: 'rebase', trip: now.trip, version: now.version }),
  );
  const reachable = useReachable();
  const wasAway = useRef(false);
  useEffect(() => {
    if (!reachable) wasAway.current = true;
    if (save.kind !== 'unreachable' || !reachable) return undefined;
    // The network is back: at once. A server that answers something else is given time.
    const timer = setTimeout(() => dispatch({ type: 'retry' }), wasAway.current ? 0 : RETRY_AFTER_MS);
    wasAway.current = false;
    return () => clearTimeout(timer);
  }, [save.kind, reachable]);

  const { latest, forget } = useKeeping(stored, state);
  const reload = useCallback(() => {
    void forget().then(() => queries.resetQueries({ queryKey: tripKey(stored.id) }));
  }, [queries, stored.id, forget]);

  const saving = useMemo<Saving>(
    () => ({
      save,
      unsaved,
      version,
      keptAt: isUnread ? opened.keptAt : undefined,
      refusals,
      dismiss: () => dispatch({ type: 'dismiss' }),
      reload,
      told,
      clashes,
      decide: (clash, side) => dispatch({ type: 'decide', clash, side }),
      setAside,
      handOver: () => dispatch({ type: 'handOver' }),
      dropAside: (aside) => dispatch({ type: 'dropAside', setAside: aside }),
    }),
    [save, unsaved, version, isUnread, opened.keptAt, refusals, reload, told, clashes, setAside],
  );
  const commands = useMemo<TripCommands>(
    () => ({
      id: stored.id,
      role: stored.role,
      readOnly,
      change: (label, change) =>
        readOnly ? setRefusals((n) => n + 1) : dispatch({ type: 'change', label, change }),
      undo: () => dispatch({ type: 'undo' }),
      redo: () => dispatch({ type: 'redo' }),
      session: () => latest.current,
    }),
    [stored.id, stored.role, readOnly, latest],
  );
  const undoLabel = state.past[state.past.length - 1]?.label;
  const redoLabel = state.future[0]?.label;
  const session = useMemo<TripSession>(
    () => ({ ...commands, trip, walked: withEvents(trip), undoLabel, redoLabel }),
    [commands, trip, undoLabel, redoLabel],
  );
  return (
    <CommandsContext value={commands}>
      <TripContext value={session}>
        <SavingContext value={saving}>
          <TripRunsProvider value={runs}>{children}</TripRunsProvider>
        </SavingContext>
      </TripContext>
    </CommandsContext>
  );
}
