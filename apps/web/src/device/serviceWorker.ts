/** The service worker that lets this program open without a network; a new version waits until it is taken. */
import { useSyncExternalStore } from 'react';
import { watched } from './watched';

const waiting = watched<ServiceWorker | undefined>(undefined);

function found(worker: ServiceWorker | null): void {
  // The first one of all replaces nothing.
  if (worker !== null && navigator.serviceWorker.controller !== null) waiting.set(worker);
}

/** Registers it once the page has loaded: what is shown first comes first. */
export function registerServiceWorker(): void {
  if (!('serviceWorker' in navigator)) return;
  const register = async (): Promise<void> => {
    // Where browsers allow none (plain http, private windows) Graft works as long as there is a network.
    const registration = await navigator.serviceWorker.register('/sw.js').catch(() => undefined);
    if (registration === undefined) return;
    found(registration.waiting);
    registration.addEventListener('updatefound', () => {
      const coming = registration.installing;
      coming?.addEventListener('statechange', () => {
        if (coming.state === 'installed') found(coming);
      });
    });
    // A page that stays open for days learns of new versions too.
    document.addEventListener('visibilitychange', () => {
      if (document.visibilityState === 'visible') registration.update().catch(() => undefined);
    });
  };
  if (document.readyState === 'complete') void register();
  else window.addEventListener('load', () => void register(), { once: true });
}

/** Changes to the new version and loads the page anew; what is not sent yet is kept by the device. */
export function takeNewVersion(): void {
  navigator.serviceWorker.addEventListener('controllerchange', () => window.location.reload(), {
    once: true,
  });
  waiting.get()?.postMessage({ type: 'SKIP_WAITING' });
}

/** Whether a new version of the program is there. */
export const useNewVersion = (): boolean => useSyncExternalStore(waiting.watch, waiting.get) !== undefined;
