import {
  createContext,
  useCallback,
  useContext,
  useEffect,
  useMemo,
  useReducer,
  useRef,
  useState,
  type ReactNode,
} from 'react';
import { useQueryClient } from '@tanstack/react-query';
import type { StoredTrip, TripRole } from '@graft/core/api';
import { withEvents } from '@graft/core/trail';
import type { SetAside } from '@graft/core/formats';
import { diffTrip, sameContent, type Clash, type Trip } from '@graft/core/trip';
import { api, ApiProblem } from './api';
import { RunStore } from './runs';
import { TripRunsProvider } from './useRun';
import { useTripNews } from './useTripNews';
import { forgetSession, keepSession, openKeptSession } from './keptSession';
import { isUnsaved, openSession, sessionReducer, type SaveState, type SessionState } from './tripSession';

/** Whether nothing may be changed on this page: a trip that may only be looked at; pages outside of trips are one's own. */
export function useReadOnly(): boolean {
  return useContext(CommandsContext)?.readOnly ?? false;
}

/** What can be done to the trip: stays the same from change to change, so that what only acts is not drawn anew. */
export interface TripCommands {
  readonly id: string;
  readonly role: TripRole;
  /** Nothing can be changed here: every change is left undone, and counted as a refusal. */
  readonly readOnly: boolean;
  /** Change the trip; the label names the change in undo. */
  readonly change: (label: string, change: (trip: Trip) => Trip) => void;
  readonly undo: () => void;
  readonly redo: () => void;
  /** The session as it is now: for what looks back at what was done. */
  readonly session: () => Pick<SessionState, 'trip' | 'past'>;
}

export interface TripSession extends TripCommands {
  /** The plan: what changes are made to. */
  readonly trip: Trip;
  /** The plan with what has happened on the way: what loads, shares and stows are worked out from. */
  readonly walked: Trip;
  readonly undoLabel: string | undefined;
  readonly redoLabel: string | undefined;
}

/** How storing goes; apart from the trip, so that a save re-draws nothing of it. */
interface Saving {
  readonly save: SaveState;
  readonly unsaved: boolean;
  readonly refusals: number;
  readonly dismiss: () => void;
  /** Drop what is here and load what the server has. */
  readonly reload: () => void;
  /** What somebody else has just changed, in words. */
  readonly told: string;
  /** Cells that somebody else changed too. */
  readonly clashes: readonly Clash[];
  readonly decide: (clash: Clash, side: 'mine' | 'theirs') => void;
  /** Changes that the trip, as others left it, cannot take. */
  readonly setAside: readonly SetAside[];
  readonly dropAside: (setAside: SetAside) => void;
}
const SavingContext = createContext<Saving | undefined>(undefined);

export function useSaving(): Saving {
  const saving = useContext(SavingContext);
  if (saving === undefined) throw new Error('useSaving is used outside of a TripProvider');
  return saving;
}

/** Undefined outside of a trip. */
export const CommandsContext = createContext<TripCommands | undefined>(undefined);
const TripContext = createContext<TripSession | undefined>(undefined);
const RETRY_AFTER_MS = 2000;
const KEPT_AFTER_MS = 300;

export function useTrip(): TripSession {
  const session = useContext(TripContext);
  if (session === undefined) throw new Error('useTrip is used outside of a TripProvider');
  return session;
}

export function useTripCommands(): TripCommands {
  const commands = useContext(CommandsContext);
  if (commands === undefined) throw new Error('useTripCommands is used outside of a TripProvider');
  return commands;
}

/** Holds the open trip, shows changes at once and sends them to the server one after another. */
export function TripProvider({ stored, children }: { stored: StoredTrip; children: ReactNode }) {
  const [state, dispatch] = useReducer(sessionReducer, stored, openKeptSession);
  const queries = useQueryClient();
  const [runs] = useState(() => new RunStore());
  useEffect(() => () => runs.dropAll(), [runs]);
  const { trip, saved, version, save, isRebased, clashes, setAside } = state;
  const readOnly = stored.role === 'read';
  const [refusals, setRefusals] = useState(0);
  const unsaved = isUnsaved(state);

  useEffect(() => {
    if (!unsaved || save.kind !== 'idle') return;
    dispatch({ type: 'sending', sent: trip });
    const edits = diffTrip(saved, trip);
    // A change and its undo in quick succession leave nothing to send.
    const answer = edits.length === 0 ? Promise.resolve({ version }) : api.edit(stored.id, version, edits);
    const failed = async (error: unknown): Promise<void> => {
      // Without a session the change waits too: whoever signs in again finds it stored.
      if (!(error instanceof ApiProblem) || error.status >= 500 || error.status === 401)
        dispatch({ type: 'unreachable' });
      else if (isRebased && error.errors.length > 0) {
        // Others took away what it refers to: what the trip can still take goes on, the rest waits.
        const { applicableEdits } = await import('@graft/core/formats');
        dispatch({ type: 'setAside', sent: trip, ...applicableEdits(saved, edits) });
      } else if (error.status !== 409)
        dispatch({ type: 'refused', message: error.message, errors: error.errors });
      else {
        // An answer can get lost after the write was stored: then the server holds just what was sent.
        const now = await api.trip(stored.id).catch(() => undefined);
        if (now === undefined) dispatch({ type: 'unreachable' });
        else if (sameContent(now.trip, trip)) dispatch({ type: 'acknowledged', version: now.version });
        else dispatch({ type: 'rebase', trip: now.trip, version: now.version });
      }
    };
    answer.then((result) => dispatch({ type: 'acknowledged', version: result.version }), failed);
  }, [unsaved, save.kind, trip, saved, version, isRebased, stored.id]);

  const told = useTripNews(stored.id, state, (now) =>
    dispatch({ type: 'rebase', trip: now.trip, version: now.version }),
  );

  useEffect(() => {
    if (save.kind !== 'unreachable') return;
    const timer = setTimeout(() => dispatch({ type: 'retry' }), RETRY_AFTER_MS);
    return () => clearTimeout(timer);
  }, [save.kind]);

  // Kept by the browser a moment after each change, and at once when the page goes.
  const latest = useRef(state);
  const isKept = useRef(true);
  useEffect(() => {
    latest.current = state;
    if (readOnly) return;
    const keep = (): void => void (isKept.current = keepSession(stored.id, latest.current));
    const timer = setTimeout(keep, KEPT_AFTER_MS);
    window.addEventListener('pagehide', keep);
    return () => {
      clearTimeout(timer);
      window.removeEventListener('pagehide', keep);
    };
  }, [state, readOnly, stored.id]);
  useEffect(
    () => () => {
      if (!readOnly) keepSession(stored.id, latest.current);
    },
    [readOnly, stored.id],
  );
  useEffect(() => {
    if (!unsaved) return;
    const warn = (event: BeforeUnloadEvent): void => {
      isKept.current = keepSession(stored.id, latest.current);
      if (!isKept.current) event.preventDefault();
    };
    window.addEventListener('beforeunload', warn);
    return () => window.removeEventListener('beforeunload', warn);
  }, [unsaved, stored.id]);

  const reload = useCallback(() => {
    latest.current = openSession(stored.trip, stored.version);
    forgetSession(stored.id);
    void queries.resetQueries({ queryKey: ['trip', stored.id] });
  }, [queries, stored]);

  const saving = useMemo<Saving>(
    () => ({
      save,
      unsaved,
      refusals,
      dismiss: () => dispatch({ type: 'dismiss' }),
      reload,
      told,
      clashes,
      decide: (clash, side) => dispatch({ type: 'decide', clash, side }),
      setAside,
      dropAside: (aside) => dispatch({ type: 'dropAside', setAside: aside }),
    }),
    [save, unsaved, refusals, reload, told, clashes, setAside],
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
    [stored.id, stored.role, readOnly],
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
