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

/** A browser that has work left for the old version changes only when no page uses it. */
const PATIENCE_MS = 10_000;

/** Changes to the new version and loads the page anew; what is not sent yet is kept by the device. */
export function takeNewVersion(): void {
  const loadAnew = (): void => window.location.reload();
  navigator.serviceWorker.addEventListener('controllerchange', loadAnew, { once: true });
  setTimeout(loadAnew, PATIENCE_MS);
  waiting.get()?.postMessage({ type: 'SKIP_WAITING' });
}

/** Whether a new version of the program is there. */
export const useNewVersion = (): boolean => useSyncExternalStore(waiting.watch, waiting.get) !== undefined;
