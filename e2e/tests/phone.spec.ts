/** The leader's phone: every station by touch, at two sizes and at 200 %; something happens on the way, in three touches. */
import axe from 'axe-core';
import { expect, test, type Page } from '@playwright/test';
import { measure } from '../phone';
import { atRest, baseUrl, demoText, enter, importTrip, saved, storedTrip } from '../support';

const SIZES = [
  { width: 390, height: 844 },
  { width: 360, height: 740 },
  // A desk at 200 %.
  { width: 640, height: 400 },
];
/** Made for a phone: everything there is touched by a thumb. */
const FIRST = ['people', 'shares', 'packs', 'sheets', 'trail', 'trail?view=happened'];
/** Usable there, if dense: targets as WCAG 2.2 AA asks. */
const DENSE = ['start', 'brief', 'kit', 'larder', 'debrief', 'trail?view=weighIn', 'trail?view=safety'];
const THUMB_PX = 44;
const AA_PX = 24;

test.use({
  viewport: SIZES[0]!,
  hasTouch: true,
  isMobile: true,
  contextOptions: { reducedMotion: 'reduce' },
});

async function open(page: Page, id: string, path: string): Promise<void> {
  await page.goto(`${baseUrl()}/trips/${id}/${path}`);
  await expect(page.getByRole('navigation', { name: 'Stations' })).toBeVisible();
  await expect(page.getByRole('main')).not.toBeEmpty();
  await page.waitForFunction(() => document.fonts.status === 'loaded');
  await atRest(page);
}

for (const [trip, least] of [
  ['corvane-census', 'planned by nobody yet'],
  ['hut-roof', 'shared and stowed'],
] as const)
  test(`${trip}, ${least}: nothing scrolls sideways, no words on words, targets for thumbs`, async ({
    page,
  }) => {
    await enter(page);
    const id = await importTrip(demoText(trip));
    const found: string[] = [];
    for (const size of SIZES) {
      await page.setViewportSize(size);
      for (const path of [...FIRST, ...DENSE]) {
        await open(page, id, path);
        const { sideways, small, overlaps } = await measure(page, FIRST.includes(path) ? THUMB_PX : AA_PX);
        const at = `${size.width} ${path}`;
        if (sideways > 0) found.push(`${at}: ${sideways} px sideways`);
        found.push(...small.map((s) => `${at}: ${s}`), ...overlaps.map((s) => `${at}: ${s}`));
      }
    }
    expect(found).toEqual([]);
  });

for (const size of SIZES)
  test(`every station is clean to axe, light, dark and in high contrast, at ${size.width} px`, async ({
    page,
  }) => {
    await enter(page);
    await page.setViewportSize(size);
    const id = await importTrip(demoText('hut-roof'));
    const found: string[] = [];
    for (const path of [...FIRST, ...DENSE]) {
      await open(page, id, path);
      await page.evaluate(axe.source);
      for (const look of ['light', 'dark', 'contrast']) {
        await page.evaluate((classes) => {
          document.documentElement.classList.toggle('dark', classes === 'dark');
          document.documentElement.classList.toggle('contrast', classes === 'contrast');
        }, look);
        await atRest(page);
        const violations = await page.evaluate<{ id: string; nodes: { target: string[] }[] }[]>(
          `axe.run({ runOnly: ['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa'], resultTypes: ['violations'] }).then((r) => r.violations)`,
        );
        found.push(
          ...violations.flatMap((v) =>
            v.nodes
              .filter((n) => !(v.id === 'target-size' && n.target.some((t) => t.includes('data-piece'))))
              .map((n) => `${path} ${look}: ${v.id} ${n.target.join(' ')}`),
          ),
        );
      }
    }
    expect(found).toEqual([]);
  });

test('somebody is hurt: who, what, take this; the handovers are noted and the packs follow', async ({
  page,
}) => {
  await enter(page);
  const id = await importTrip(demoText('hut-roof'));
  await open(page, id, 'trail?view=happened&day=1');
  await page.getByRole('button', { name: 'Eddy', exact: true }).tap();
  await page.getByRole('button', { name: 'is hurt', exact: true }).tap();
  await expect(page.getByRole('heading', { name: 'Eddy is hurt' })).toBeVisible();
  await page.getByRole('button', { name: 'Who takes what?' }).tap();
  const list = page.getByRole('list', { name: 'Handovers', exact: true });
  await expect(list.getByRole('listitem').first()).toContainText('Eddy gives Joss');
  await page.getByRole('button', { name: 'Accept all' }).tap();
  await expect(page.getByText(/^Handed over\./)).toBeVisible();
  await saved(page);
  const { trip } = await storedTrip(id);
  expect(trip.events).toMatchObject([{ kind: 'hurt', memberId: 'eddy', day: 1, factor: 0.5 }]);
  expect(trip.handovers.length).toBeGreaterThan(0);
  expect(new Set(trip.handovers.map((h) => h.toMemberId))).toEqual(new Set(['joss']));
});

test('“cannot carry more than” and a broken thing are noted; the way back leads to who', async ({ page }) => {
  await enter(page);
  const id = await importTrip(demoText('hut-roof'));
  await open(page, id, 'trail?view=happened&day=2');
  await page.getByRole('button', { name: 'Joss', exact: true }).tap();
  await page.getByRole('button', { name: 'cannot carry more than' }).tap();
  await page.getByRole('button', { name: /\(60 %\)/ }).tap();
  await expect(page.getByRole('heading', { name: 'Joss is tired' })).toBeVisible();
  await page.getByRole('button', { name: 'Back' }).tap();
  await page.getByRole('button', { name: 'A thing, a meal, water' }).tap();
  await page.getByRole('button', { name: 'Broken', exact: true }).tap();
  // The first one leads back.
  await page.getByRole('group', { name: 'Broken' }).getByRole('button').nth(1).tap();
  await saved(page);
  const { trip } = await storedTrip(id);
  expect(trip.events.map((e) => [e.kind, e.factor])).toEqual([
    ['tired', 0.6],
    ['broken', undefined],
  ]);
});

test('a piece is given by taps: its carrier’s list, the piece, another carrier', async ({ page }) => {
  await enter(page);
  const id = await importTrip(demoText('hut-roof'));
  await open(page, id, 'shares');
  const before = (await storedTrip(id)).trip.share;
  const row = page.locator('[data-member=eddy]');
  await row.getByText(/^\d+ pieces?$/).tap();
  await row.getByRole('list', { name: 'Pieces of Eddy' }).getByRole('button').first().tap();
  const dialog = page.getByRole('dialog');
  await dialog
    .getByRole('button', { name: /Give|Joss/ })
    .first()
    .tap();
  await expect(dialog).toHaveCount(0);
  await saved(page);
  const after = (await storedTrip(id)).trip.share;
  const moved = after.filter((a) => before.find((b) => b.pieceId === a.pieceId)?.memberId !== a.memberId);
  expect(moved.map((a) => a.memberId)).toEqual(['joss']);
});

test('the head is one line; what else can be done is in its menu, in words', async ({ page }) => {
  await enter(page);
  const id = await importTrip(demoText('hut-roof'));
  await open(page, id, 'trail');
  expect((await page.getByRole('banner').boundingBox())!.height).toBeLessThanOrEqual(48);
  await page.getByRole('button', { name: 'Menu' }).tap();
  await page.getByRole('dialog').getByRole('button', { name: 'High contrast' }).tap();
  await expect(page.locator('html')).toHaveClass(/contrast/);
  await page.reload();
  await expect(page.locator('html')).toHaveClass(/contrast/);
});
