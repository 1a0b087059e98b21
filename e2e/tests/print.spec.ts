import { expect, test } from '../quick';
import { demoText, importTrip, openStation, storedTrip } from '../support';
import { pdfPages, squeezed } from '../pdf';

/** Widths of paper between its margins, px at 96 to the inch. */
const PAPERS = { A4: 794 - 76, Letter: 816 - 76 } as const;
type Paper = keyof typeof PAPERS;

for (const paper of Object.keys(PAPERS) as Paper[]) {
  test(`${paper}: sheets are one side each, charts are no wider than the page`, async ({ page }) => {
    const id = await importTrip(demoText('hut-roof'));
    await openStation(page, id, 'sheets');
    await page.getByRole('link', { name: 'Print all sheets' }).click();
    await expect(page.locator('.sheet')).toHaveCount(2);
    expect(await page.locator('.step-picture').count()).toBeGreaterThan(8);
    expect(await pdfPages(await page.pdf({ format: paper }))).toHaveLength(2);
    const census = await importTrip(demoText('corvane-census'));
    for (const [trip, station] of [
      [id, 'shares'],
      [id, 'packs'],
      [census, 'brief'],
      [census, 'larder'],
      [census, 'trail?view=days&day=2'],
    ] as const) {
      await openStation(page, trip, station);
      await expect(page.getByRole('main').locator('svg[role=img], svg[role=group]').first()).toBeAttached();
      await page.emulateMedia({ media: 'print' });
      await page.setViewportSize({ width: PAPERS[paper], height: 1000 });
      const wide = await page.evaluate(() =>
        [...document.querySelectorAll('main svg')]
          .map((svg) => svg.getBoundingClientRect().right)
          .filter((right) => right > innerWidth + 1),
      );
      expect([station, ...wide]).toEqual([station]);
      await page.emulateMedia({ media: null });
      await page.setViewportSize({ width: 1280, height: 800 });
    }
  });
}

test('paper is light and filled, whatever the screen is', async ({ page }) => {
  const id = await importTrip(demoText('hut-roof'));
  await openStation(page, id, 'shares');
  await page.getByRole('button', { name: 'Dark colours' }).click();
  const looks = () =>
    page.evaluate(() => ({
      dark: document.documentElement.classList.contains('dark'),
      ground: getComputedStyle(document.body).backgroundColor,
      fills: getComputedStyle(document.querySelector('.piece')!).getPropertyValue('print-color-adjust'),
    }));
  expect((await looks()).dark).toBe(true);
  await page.emulateMedia({ media: 'print' });
  await expect.poll(looks).toEqual({ dark: false, ground: 'rgb(255, 255, 255)', fills: 'exact' });
  await page.emulateMedia({ media: null });
  await expect.poll(async () => (await looks()).dark).toBe(true);
});

test('a table that draws only what is in sight is printed whole, and no page is empty', async ({ page }) => {
  const id = await importTrip(demoText('corvane-census'));
  const { trip } = await storedTrip(id);
  await openStation(page, id, 'kit');
  await expect(page.getByRole('grid', { name: 'Kit' })).toBeVisible();
  const pages = await pdfPages(await page.pdf({ format: 'A4' }));
  const all = pages.join('');
  for (const member of trip.members) expect(all).toContain(squeezed(`${member.name}`));
  const last = trip.personalThings.filter((t) => t.memberId === trip.members.at(-1)!.id).at(-1)!;
  expect(pages.at(-2)! + pages.at(-1)!).toContain(squeezed(last.name));
  for (const text of pages) expect(text.length).toBeGreaterThan(100);
});
