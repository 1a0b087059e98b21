/** What somebody did is not lost with the page: undo after a reload, changes that could not be sent, removed things. */
import { expect, test } from '@playwright/test';
import { demoText, enter, importTrip, openStation, saved, storedTrip } from '../support';

test('undo outlasts a reload, and what was removed is brought back later', async ({ page }) => {
  await enter(page);
  const id = await importTrip(demoText('hut-roof'));
  await openStation(page, id, 'people');
  await page.getByRole('button', { name: 'Remove Eddy', exact: true }).click();
  await page.getByRole('button', { name: 'Remove from the trip' }).click();
  await expect(page.getByText(/^Removed: Eddy, with \d+ things\. It is kept for 30 days/)).toBeVisible();
  await saved(page);
  await page.reload();
  await expect(page.getByRole('button', { name: 'Remove Joss', exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Undo remove Eddy' }).click();
  await expect(page.getByRole('button', { name: 'Remove Eddy', exact: true })).toBeVisible();
  await saved(page);
  await page.getByRole('button', { name: 'Remove Eddy', exact: true }).click();
  await page.getByRole('button', { name: 'Remove from the trip' }).click();
  await page.getByRole('button', { name: 'All right' }).click();
  await saved(page);
  await page.getByRole('button', { name: 'Removed', exact: true }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Bring back' }).click();
  await expect(page.getByRole('button', { name: 'Remove Eddy', exact: true })).toBeVisible();
  await saved(page);
  await page.getByRole('button', { name: 'Removed', exact: true }).click();
  await expect(page.getByText('Nothing was removed in the last 30 days.')).toBeVisible();
});

test('a change that could not be sent is there when the tab was closed, and goes on its way', async ({
  page,
  context,
}) => {
  await enter(page);
  const id = await importTrip(demoText('hut-roof'));
  await openStation(page, id, 'people');
  await page.route('**/edits', (route) => route.abort());
  await page.getByRole('button', { name: 'Remove Eddy', exact: true }).click();
  await page.getByRole('button', { name: 'Remove from the trip' }).click();
  await expect(page.getByText(/kept on this device and sent as soon as/)).toBeVisible();
  await page.close();
  const again = await context.newPage();
  await openStation(again, id, 'people');
  await expect(again.getByRole('button', { name: 'Remove Joss', exact: true })).toBeVisible();
  await expect(again.getByRole('button', { name: 'Remove Eddy', exact: true })).toHaveCount(0);
  await saved(again);
});

test('who does not come stays in the list, carries nothing and comes after all', async ({ page }) => {
  await enter(page);
  const id = await importTrip(demoText('hut-roof'));
  await openStation(page, id, 'people');
  const before = (await storedTrip(id)).trip;
  await page.getByRole('button', { name: 'Remove Eddy', exact: true }).click();
  await page.getByRole('button', { name: 'Does not come', exact: true }).click();
  const home = page.getByRole('region', { name: 'Do not come' });
  await expect(home.getByText('Eddy', { exact: true })).toBeVisible();
  await expect(page.getByText(/^Removed:/)).toHaveCount(0);
  await saved(page);
  const without = (await storedTrip(id)).trip;
  expect(without.members.map((m) => m.id)).toEqual(['joss']);
  expect(without.share.every((a) => a.memberId === 'joss')).toBe(true);
  await page.reload();
  await home.getByRole('button', { name: 'Eddy comes after all' }).click();
  await expect(home).toHaveCount(0);
  await saved(page);
  const back = (await storedTrip(id)).trip;
  expect(back.members).toEqual(before.members);
  expect(back.personalThings.filter((t) => t.memberId === 'eddy').length).toBe(
    before.personalThings.filter((t) => t.memberId === 'eddy').length,
  );
});
