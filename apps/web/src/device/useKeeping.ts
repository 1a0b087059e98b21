import { useCallback, useEffect, useRef, type RefObject } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import type { StoredTrip } from '@graft/core/api';
import { openSession, isUnsaved, type SessionState } from '../shared/tripSession';
import { device } from './deviceStore';
import { keepSession } from './keptSession';
import { keepTrip } from './keptTrips';
import { keepsNotes } from './permission';

/** What is typed is written a moment later, and at once when the page goes; what the server has a little later. */
const SESSION_MS = 50;
const TRIP_MS = 1500;

/** Keeps an open trip on the device: what the server has, and what it has not yet. */
export function useKeeping(
  { id, role }: StoredTrip,
  state: SessionState,
): { readonly latest: RefObject<SessionState>; readonly forget: () => Promise<void> } {
  const queries = useQueryClient();
  const readOnly = role === 'read';
  const latest = useRef(state);
  const isKept = useRef(true);
  const { saved, version, isUnread } = state;
  const unsaved = isUnsaved(state);

  useEffect(() => {
    latest.current = state;
    if (readOnly) return;
    const write = (): void => {
      void keepSession(id, latest.current, keepsNotes()).then((kept) => (isKept.current = kept));
    };
    const timer = setTimeout(write, SESSION_MS);
    window.addEventListener('pagehide', write);
    return () => {
      clearTimeout(timer);
      window.removeEventListener('pagehide', write);
    };
  }, [state, readOnly, id]);
  useEffect(
    () => () => {
      if (!readOnly) void keepSession(id, latest.current, keepsNotes());
    },
    [readOnly, id],
  );

  // What was not read from the server is on the device already.
  useEffect(() => {
    if (isUnread) return;
    const write = (): void => {
      void keepTrip({ id, role, version, trip: saved }).then(() =>
        queries.invalidateQueries({ queryKey: ['device'] }),
      );
    };
    const timer = setTimeout(write, TRIP_MS);
    window.addEventListener('pagehide', write);
    return () => {
      clearTimeout(timer);
      window.removeEventListener('pagehide', write);
    };
  }, [queries, id, role, version, saved, isUnread]);

  useEffect(() => {
    if (!unsaved) return;
    const warn = (event: BeforeUnloadEvent): void => {
      if (!isKept.current) event.preventDefault();
    };
    window.addEventListener('beforeunload', warn);
    return () => window.removeEventListener('beforeunload', warn);
  }, [unsaved]);

  const forget = useCallback(async () => {
    latest.current = openSession(latest.current.saved, latest.current.version);
    await (await device())?.delete('sessions', id);
  }, [id]);
  return { latest, forget };
}
