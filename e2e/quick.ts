/** Tests whose packs are planned with a part of the usual moves: they are about the page, not about the best stow. */
import { test as plain } from '@playwright/test';

export { expect, type Page } from '@playwright/test';

export const test = plain.extend({
  context: async ({ context }, use) => {
    await context.addInitScript(() => window.localStorage.setItem('graft-stow-effort', '0.05'));
    await use(context);
  },
});
