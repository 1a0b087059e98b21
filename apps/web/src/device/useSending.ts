import { useEffect } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import { isReachable, onNetwork, watchNetwork } from './network';

/** What is shown first comes first. */
const AFTER_MS = 1000;

/** Sends what waits on this device whenever the server can be reached. */
export function useSending(isSignedIn: boolean): void {
  const queries = useQueryClient();
  useEffect(() => {
    if (!isSignedIn) return undefined;
    const send = async (): Promise<void> => {
      if (!isReachable()) return;
      const { sendWaiting } = await import('./sendWaiting');
      for (const tripId of await sendWaiting()) {
        await queries.invalidateQueries({ queryKey: ['sheets', tripId] });
        await queries.invalidateQueries({ queryKey: ['incidents', tripId] });
      }
      await queries.invalidateQueries({ queryKey: ['device'] });
    };
    const stop = [watchNetwork(), onNetwork(() => void send())];
    const timer = setTimeout(() => void send(), AFTER_MS);
    return () => {
      clearTimeout(timer);
      stop.forEach((end) => end());
    };
  }, [queries, isSignedIn]);
}
