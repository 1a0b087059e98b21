/** What a phone keeps meets what happens to phones: a new version of the program, no room, storage that is taken away. */
import { cpSync, readdirSync, readFileSync, renameSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { expect, test, type Page } from '@playwright/test';
import { keepOnDevice, network } from '../field';
import { freePort, newStateDir, ROOT, startGraft } from '../graft';
import { baseUrl, cell, demoText, importTrip, saved, storedTrip, typeInCell } from '../support';

test.use({ serviceWorkers: 'allow' });

const state = (page: Page) => page.getByRole('banner').getByRole('status');
const names = async (id: string, base = baseUrl()) =>
  (await storedTrip(id, base)).trip.members.map((m) => m.name);

/** Makes another build of a folder of pages: no program of it is called as before, and the old ones are gone. */
function buildAnew(webDir: string): void {
  const assets = join(webDir, 'assets');
  const programs = readdirSync(assets).filter((file) => file.endsWith('.js'));
  const anew = (name: string): string => name.replace(/\.js$/, '-anew.js');
  const texts = ['index.html', 'sw.js', ...programs.map((name) => join('assets', name))];
  for (const file of texts) {
    let text = readFileSync(join(webDir, file), 'utf8');
    for (const name of programs) text = text.replaceAll(name, anew(name));
    // What the service worker keeps of the page itself is another one too.
    if (file === 'sw.js') text = text.replace(/(url:"\/?index.html",revision:")[^"]*/, '$1anew');
    writeFileSync(join(webDir, file), text);
  }
  for (const name of programs) renameSync(join(assets, name), join(assets, anew(name)));
}

test('a new version of the program takes over what an older one had not sent', async ({ page }) => {
  const stateDir = newStateDir('update');
  const webDir = join(stateDir, 'web');
  cpSync(join(ROOT, 'apps/web/dist'), webDir, { recursive: true });
  const graft = await startGraft(stateDir, ['--port', String(await freePort()), '--empty'], {
    GRAFT_WEB_DIR: webDir,
  });
  const id = await importTrip(demoText('hut-roof'), graft.url);
  await keepOnDevice(page, id, graft.url);
  await page.route('**/edits', (route) => route.abort());
  await typeInCell(page, 'joss/name', 'Josua');
  await expect(state(page)).toHaveText('Kept here');
  await typeInCell(page, 'eddy/name', 'Edward');

  buildAnew(webDir);
  await page.reload();
  const notice = page.getByRole('status').filter({ hasText: 'A new version of Graft is on this device.' });
  await expect(cell(page, 'joss/name')).toHaveText('Josua');
  await expect(notice).toContainText('What waits to be sent stays.');
  await notice.getByRole('button', { name: 'Load it' }).click();
  await expect(page.locator('script[src$="-anew.js"]')).toHaveCount(1);
  await expect(cell(page, 'joss/name')).toHaveText('Josua');
  await expect(cell(page, 'eddy/name')).toHaveText('Edward');
  expect(await names(id, graft.url)).toEqual(['Joss', 'Eddy']);

  await page.unroute('**/edits');
  await saved(page);
  expect(await names(id, graft.url)).toEqual(['Josua', 'Edward']);
  // The way back came along.
  await page.getByRole('button', { name: /^Undo/ }).click();
  await saved(page);
  expect(await names(id, graft.url)).toEqual(['Josua', 'Eddy']);
  expect(await graft.stop()).toBe(0);
});

test('without room on the device that is said, nothing is called kept, and nothing is sent twice', async ({
  page,
  context,
}) => {
  const id = await importTrip(demoText('hut-roof'));
  await keepOnDevice(page, id);
  // As a browser answers that has no room.
  const full = (isFull: boolean) =>
    page.evaluate((on) => {
      const store = IDBObjectStore.prototype as IDBObjectStore & { plainPut?: IDBObjectStore['put'] };
      store.plainPut ??= store.put;
      store.put = on
        ? () => {
            throw new DOMException('no room', 'QuotaExceededError');
          }
        : store.plainPut;
    }, isFull);
  await context.setOffline(true);
  await full(true);
  await typeInCell(page, 'joss/name', 'Josua');
  await expect(page.getByRole('alert')).toContainText('There is no room left on this device.');
  await expect(page.getByRole('alert')).toContainText('only on this page');
  await expect(state(page)).toHaveText('Not saved');
  await expect(network(page)).not.toContainText('kept on this device');
  // Somebody makes room: what is changed from then on is kept, and all before it.
  await full(false);
  await typeInCell(page, 'eddy/name', 'Edward');
  await expect(state(page)).toHaveText('Kept here');
  await expect(page.getByRole('alert')).toHaveCount(0);
  const { version } = await storedTrip(id);
  await context.setOffline(false);
  await saved(page);
  expect(await names(id)).toEqual(['Josua', 'Edward']);
  const after = (await storedTrip(id)).version;
  await page.reload();
  await saved(page);
  expect((await storedTrip(id)).version).toBe(after);
  expect(after - version).toBeLessThanOrEqual(2);
});

test('storage that the browser takes back under an open page loses nothing that is on it', async ({
  page,
  context,
}) => {
  const id = await importTrip(demoText('hut-roof'));
  await keepOnDevice(page, id);
  await context.setOffline(true);
  await typeInCell(page, 'joss/name', 'Josua');
  await expect(state(page)).toHaveText('Kept here');
  const browser = await context.newCDPSession(page);
  await browser.send('Storage.clearDataForOrigin', {
    origin: new URL(baseUrl()).origin,
    storageTypes: 'indexeddb,cache_storage,service_workers',
  });
  // The next change is kept again, with the one before it.
  await typeInCell(page, 'eddy/name', 'Edward');
  await expect(state(page)).toHaveText('Kept here');
  const { version } = await storedTrip(id);
  await context.setOffline(false);
  await saved(page);
  expect(await names(id)).toEqual(['Josua', 'Edward']);
  expect((await storedTrip(id)).version).toBe(version + 1);
  // Opened anew it comes from the server, once and as it is.
  await page.reload();
  await saved(page);
  await expect(cell(page, 'joss/name')).toHaveText('Josua');
  expect((await storedTrip(id)).version).toBe(version + 1);
});
