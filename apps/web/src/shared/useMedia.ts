import { useCallback, useSyncExternalStore } from 'react';

/** Whether a media query holds, as it changes. */
export function useMedia(query: string): boolean {
  const subscribe = useCallback(
    (tell: () => void) => {
      const media = window.matchMedia(query);
      media.addEventListener('change', tell);
      return () => media.removeEventListener('change', tell);
    },
    [query],
  );
  return useSyncExternalStore(subscribe, () => window.matchMedia(query).matches);
}

/** Somebody asked their system that nothing moves by itself. */
export function useStill(): boolean {
  return useMedia('(prefers-reduced-motion: reduce)');
}
