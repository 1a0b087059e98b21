import {
  createContext,
  useCallback,
  useContext,
  useEffect,
  useMemo,
  useState,
  useSyncExternalStore,
} from 'react';
import type { Run } from '../workers/run';
import { RunStore, type Failure, type Outcome, type RunEntry, type Tell } from './runs';

/** Runs of the open trip: they outlive the station that began them, and the shell shows those that no station shows. */
const TripRunsContext = createContext<RunStore | undefined>(undefined);
export const TripRunsProvider = TripRunsContext.Provider;

export function useTripRuns(): RunStore {
  const runs = useContext(TripRunsContext);
  if (runs === undefined) throw new Error('runs of a trip are used outside of a TripProvider');
  return runs;
}

/** One kind of long computation, as the place sees it that begins it. */
export interface RunHandle {
  /** Whether one is under way; how far it is, `useProgress` tells where that is drawn. */
  readonly running: boolean;
  readonly subscribe: RunStore['subscribe'];
  readonly entry: () => RunEntry | undefined;
  /** Why the last one failed. */
  readonly failed: Failure | undefined;
  /** Begin one, in place of one that is under way. */
  readonly start: <T>(begin: (tell: Tell) => Run<T>) => Promise<Outcome<T>>;
  /** End it and keep what it has. */
  readonly stop: () => void;
  /** End it and forget it. */
  readonly drop: () => void;
  /** Put a result up for decision in the shell: what it would replace was changed since it began. */
  readonly offer: (text: string, take: () => void) => void;
}

interface Options {
  /** Its result goes into the trip: it goes on when the station is left. All others end with the screen that asked. */
  readonly outlives?: boolean;
}

/**
 * Long work in a worker: start, how far, failure, stop.
 *
 * @param name what runs, in words: "Planning packs"; runs that outlive their screen go by it
 */
export function useRun(name: string, { outlives = false }: Options = {}): RunHandle {
  const ofTrip = useContext(TripRunsContext);
  const [own] = useState(() => new RunStore());
  if (outlives && ofTrip === undefined)
    throw new Error('a run that outlives its screen is begun outside of a TripProvider');
  const store = outlives && ofTrip !== undefined ? ofTrip : own;
  const entry = useCallback(() => store.snapshot().get(name), [store, name]);
  // Progress is told ten times a second: it must not draw the whole station anew, only the bar that shows it.
  const state = useSyncExternalStore(store.subscribe, () => {
    const now = entry();
    return now?.kind === 'running' ? 'running' : now;
  });
  useEffect(() => () => own.dropAll(), [own]);
  useEffect(() => (outlives ? store.watch(name) : undefined), [outlives, store, name]);
  const start = useCallback<RunHandle['start']>((begin) => store.start(name, begin), [store, name]);
  const stop = useCallback(() => store.stop(name), [store, name]);
  const drop = useCallback(() => store.drop(name), [store, name]);
  const offer = useCallback<RunHandle['offer']>((text, take) => store.offer(name, text, take), [store, name]);
  return useMemo(
    () => ({
      running: state === 'running',
      subscribe: store.subscribe,
      entry,
      failed: typeof state === 'object' && state.kind === 'failed' ? state : undefined,
      start,
      stop,
      drop,
      offer,
    }),
    [state, store, entry, start, stop, drop, offer],
  );
}

/** How far a run is, from 0 to 1, and what it has found so far. */
export function useProgress(run: RunHandle): { readonly done: number; readonly detail: string | undefined } {
  const entry = useSyncExternalStore(run.subscribe, run.entry);
  return entry?.kind === 'running'
    ? { done: entry.done, detail: entry.detail }
    : { done: 0, detail: undefined };
}
