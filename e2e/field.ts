/** A leader's phone that keeps a trip, for tests. */
import { expect, type BrowserContext, type Page } from '@playwright/test';
import { diffTrip, type Trip } from '@graft/core/trip';
import { baseUrl, callApi, enter, storedTrip } from './support';

/** Opens a trip once with a network, and waits until the device has it and the program. */
export async function keepOnDevice(page: Page, id: string, base = baseUrl()): Promise<void> {
  await enter(page, base);
  await page.goto(`${base}/trips/${id}/people`);
  await page.evaluate(async () => void (await navigator.serviceWorker.ready));
  await expect(page.getByRole('navigation', { name: 'Stations' })).toBeVisible();
  await expect.poll(() => keptTrips(page)).toContain(id);
}
/** Trips that the device keeps. */
export const keptTrips = (page: Page): Promise<readonly string[]> =>
  page.evaluate(async () => {
    const found: string[] = [];
    for (const { name } of await indexedDB.databases()) {
      if (name?.startsWith('graft ') !== true) continue;
      const db = await new Promise<IDBDatabase>((resolve, reject) => {
        const opening = indexedDB.open(name);
        opening.onsuccess = () => resolve(opening.result);
        opening.onerror = () => reject(opening.error!);
      });
      const keys = db.transaction('trips').objectStore('trips').getAllKeys();
      await new Promise((resolve) => (keys.onsuccess = resolve));
      found.push(...(keys.result as string[]));
      db.close();
    }
    return found;
  });
/** The phone is off and on again: another page of the same device. */
export async function restart(page: Page, context: BrowserContext, url: string): Promise<Page> {
  await page.close();
  const again = await context.newPage();
  await again.goto(url);
  return again;
}
/** Somebody else changes the trip at the desk. */
export async function atTheDesk(id: string, change: (trip: Trip) => Trip): Promise<void> {
  const { version, trip } = await storedTrip(id);
  const edits = diffTrip(trip, change(trip));
  const answer = await callApi(`/trips/${id}/edits`, {
    method: 'POST',
    body: JSON.stringify({ version, edits }),
  });
  expect(answer.status).toBe(200);
}
export const network = (page: Page) => page.getByRole('status', { name: 'Network' });
