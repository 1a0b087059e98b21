import { useSyncExternalStore } from 'react';

function subscribe(tell: () => void): () => void {
  window.addEventListener('resize', tell);
  return () => window.removeEventListener('resize', tell);
}

/** The window's height in pixels as it changes. */
export function useWindowHeight(): number {
  return useSyncExternalStore(subscribe, () => window.innerHeight);
}
