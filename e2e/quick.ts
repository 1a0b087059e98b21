/** Tests whose packs are planned with a part of the usual moves: they are about the page, not about the best stow. */
import { test as plain, type BrowserContext, type Page } from '@playwright/test';

export { expect, type Page } from '@playwright/test';

const VIEWPORT = { width: 1280, height: 800 };
/** What moves is drawn again and again; the journeys look at it moving. */
export const LOOK = { locale: 'en-GB', reducedMotion: 'reduce', viewport: VIEWPORT } as const;

/** How a browser starts in which software draws in three dimensions: there is no graphics card. */
export const SOFTWARE_3D = {
  executablePath: '/usr/bin/chromium-headless-shell',
  args: [
    '--no-sandbox',
    '--use-angle=swiftshader',
    '--enable-unsafe-swiftshader',
    '--disable-background-networking',
  ],
};

const planQuickly = (context: BrowserContext): Promise<unknown> =>
  context.addInitScript(() => window.localStorage.setItem('graft-stow-effort', '0.05'));

/** Each test in a browser context of its own. */
export const freshTest = plain.extend({
  context: async ({ context }, use) => {
    await planQuickly(context);
    await use(context);
  },
});

/**
 * One test after another in the page of a worker. It is loaded anew by each, with nothing kept of the one before: in
 * the same process that costs half of what it costs in a context of its own.
 */
export const test = plain.extend<object, { readonly workerPage: Page }>({
  workerPage: [
    async ({ browser }, use) => {
      const context = await browser.newContext(LOOK);
      await planQuickly(context);
      await use(await context.newPage());
      await context.close();
    },
    { scope: 'worker' },
  ],
  context: ({ workerPage }, use) => use(workerPage.context()),
  page: async ({ workerPage }, use) => {
    await use(workerPage);
    await leaveNothing(workerPage);
  },
});

/** As a page is that was never used, but for its process. */
async function leaveNothing(page: Page): Promise<void> {
  const context = page.context();
  for (const other of context.pages()) if (other !== page) await other.close();
  await context.setOffline(false);
  await page.unrouteAll({ behavior: 'ignoreErrors' });
  const { origin, protocol } = new URL(page.url());
  if (protocol !== 'http:') return;
  // Its program ends, so that it writes nothing any more, and its origin stays, and with it the process.
  await page.goto(`${origin}/graft.svg`);
  page.removeAllListeners('dialog');
  await page.mouse.move(0, 0);
  await page.setViewportSize(VIEWPORT);
  await page.emulateMedia({ colorScheme: null, media: null, reducedMotion: 'reduce' });
  const devTools = await context.newCDPSession(page);
  await devTools.send('Storage.clearDataForOrigin', { origin, storageTypes: 'all' });
  await devTools.detach();
  await context.clearCookies();
}
