/** Whether the server can be reached, as the last requests told; while it cannot, it is asked now and then. */
import { useSyncExternalStore } from 'react';
import { watched } from './watched';

const FIRST_MS = 2000;
const LAST_MS = 30_000;

const reachable = watched(true);
/** How long until it is asked the next time. */
let wait = FIRST_MS;
let timer: ReturnType<typeof setTimeout> | undefined;

/** A request was answered. */
export function wasReached(): void {
  wait = FIRST_MS;
  clearTimeout(timer);
  timer = undefined;
  reachable.set(true);
}

/** A request was not answered. */
export function wasNotReached(): void {
  timer ??= setTimeout(ask, wait);
  reachable.set(false);
}

/** Ask now: the browser says that there is a network, or somebody looks. */
function ask(): void {
  clearTimeout(timer);
  timer = undefined;
  wait = Math.min(LAST_MS, wait * 2);
  fetch('/api/health', { cache: 'no-store' }).then(
    (answer) => (answer.status < 500 ? wasReached() : wasNotReached()),
    wasNotReached,
  );
}

export const isReachable = reachable.get;
/** Calls a listener each time that the server can be reached again or cannot any more. */
export const onNetwork = reachable.watch;

/** Asks as soon as the browser says that there is a network, or the page is looked at again. */
export function watchNetwork(): () => void {
  const look = (): void => {
    if (!isReachable() && document.visibilityState === 'visible') ask();
  };
  window.addEventListener('online', look);
  document.addEventListener('visibilitychange', look);
  return () => {
    window.removeEventListener('online', look);
    document.removeEventListener('visibilitychange', look);
  };
}

export const useReachable = (): boolean => useSyncExternalStore(onNetwork, isReachable);
