import { expect, test, type Page } from '@playwright/test';
import { demoText, importTrip, openStation, saved, station, storedTrip } from '../support';

const figures = (page: Page) => page.getByRole('group', { name: 'Centre of gravity' });
const packs = (page: Page) => page.getByRole('navigation', { name: 'Packs' });

test('a pinned thing stays where it was put; planning one pack leaves the others alone', async ({ page }) => {
  const id = await importTrip(demoText('hut-roof'));
  await openStation(page, id, 'packs');
  const before = (await storedTrip(id)).trip;
  await page.getByRole('combobox', { name: 'Place of Head torch' }).selectOption('front/centre');
  await page.getByRole('button', { name: 'Plan this pack' }).click();
  await expect(page.getByRole('button', { name: 'Plan this pack' })).toBeEnabled();
  await saved(page);
  const after = (await storedTrip(id)).trip;
  const stow = (trip: typeof after, member: string) => trip.stows.find((s) => s.memberId === member)!;
  expect(stow(after, 'joss').placements).toContainEqual({
    thingId: 'joss-head-torch',
    zoneId: 'front',
    side: 'centre',
    pinned: true,
  });
  expect(stow(after, 'eddy')).toEqual(stow(before, 'eddy'));
  await page.getByRole('button', { name: 'Pin Head torch here' }).click();
  await expect(page.getByRole('button', { name: 'Pin Head torch here' })).toHaveAttribute(
    'aria-pressed',
    'false',
  );
});

test('another day weighs other things, and moves the centre of gravity', async ({ page }) => {
  const id = await importTrip(demoText('hut-roof'));
  await openStation(page, id, 'packs');
  await packs(page).getByText('Eddy').click();
  const first = await figures(page).innerText();
  await page
    .getByRole('radiogroup', { name: 'Day of the masses' })
    .getByRole('radio', { name: /^3/ })
    .click();
  expect(await figures(page).innerText()).not.toBe(first);
  await expect(figures(page)).toContainText('on day 3, pack included');
  await expect(page.getByRole('complementary', { name: 'Things by zone' })).toContainText('used up');
});

test('what is dangerous is said with its reason, and undone in one step', async ({ page }) => {
  const id = await importTrip(demoText('corvane-census'));
  await openStation(page, id, 'packs');
  await expect(page.getByText('Nothing is stowed yet')).toBeVisible();
  await expect(page.getByRole('group', { name: 'Without a place' })).toContainText('Sleeping bag');
  await page.getByRole('button', { name: 'Plan this pack' }).click();
  await expect(figures(page)).toContainText('in the band');
  await expect(packs(page).getByRole('button').nth(1)).toContainText('stowed');
  await page.getByRole('combobox', { name: 'Place of Bottle, 1 L' }).selectOption('lid/centre');
  const findings = page.getByRole('list', { name: 'Findings' });
  await expect(findings).toContainText('Bottle, 1 L in Lid: what can leak does not ride above the rest');
  await expect(packs(page)).toContainText('to look at');
  await page.getByRole('button', { name: /^Undo put Bottle/ }).click();
  await expect(findings).toBeHidden();
});

test('side and layer of the drawings are chosen; each says what it shows', async ({ page }) => {
  const id = await importTrip(demoText('hut-roof'));
  await openStation(page, id, 'packs');
  const side = page.getByRole('img', { name: /^Side cut of the pack; centre of gravity \d+\.\d cm out/ });
  const back = page.getByRole('img', { name: /^Back view of the pack/ });
  await expect(side).toBeVisible();
  await expect(back).toBeVisible();
  const core = await back.innerHTML();
  await page.getByRole('radio', { name: 'outer layer' }).click();
  expect(await back.innerHTML()).not.toBe(core);
  const right = await side.innerHTML();
  await page.getByRole('radio', { name: '6 cm left of the middle' }).click();
  expect(await side.innerHTML()).not.toBe(right);
});

test('a new piece has no place until it gets one; a larger pack empties the old stow', async ({ page }) => {
  const id = await importTrip(demoText('hut-roof'));
  await openStation(page, id, 'kit');
  await page.getByLabel('Whose things').selectOption({ label: 'Personal things of Joss' });
  await page.getByRole('button', { name: 'Add a thing', exact: true }).click();
  await station(page, 'Packs').click();
  const without = page.getByRole('group', { name: 'Without a place' });
  await expect(without).toContainText('New thing');
  await expect(station(page, 'Packs')).toContainText('1 of 2 stowed');
  await without.getByRole('combobox').selectOption('outer/centre');
  await expect(without).toBeHidden();
  await expect(station(page, 'Packs')).toContainText('2 of 2 stowed');

  await station(page, 'People').click();
  await page.locator('[data-cell="joss/packId"]').click({ position: { x: 80, y: 10 } });
  await page.locator('[data-cell="joss/packId"] select').selectOption('80');
  await expect(page.locator('[data-cell="joss/packId"]')).toHaveText('80 L pack');
  await expect(station(page, 'Packs')).toContainText('1 of 2 stowed');
  await page.keyboard.press('Control+z');
  await expect(station(page, 'Packs')).toContainText('2 of 2 stowed');
  await saved(page);
});

test('a member who leaves: their pieces are carried by nobody, and undo brings all back', async ({
  page,
}) => {
  const id = await importTrip(demoText('hut-roof'));
  await openStation(page, id, 'people');
  const before = (await storedTrip(id)).trip;
  await page.getByRole('button', { name: 'Remove Eddy' }).click();
  await saved(page);
  const alone = (await storedTrip(id)).trip;
  expect(alone.members.map((m) => m.id)).toEqual(['joss']);
  expect(alone.personalThings.some((t) => t.memberId === 'eddy')).toBe(false);
  expect(alone.share.every((a) => a.memberId === 'joss')).toBe(true);
  await page.getByRole('button', { name: 'Undo remove Eddy' }).click();
  await saved(page);
  expect((await storedTrip(id)).trip).toEqual(before);

  await page.getByRole('tab', { name: 'Tents and cook groups' }).click();
  await page.getByLabel('New tent group').fill('Roof tent');
  await page.getByRole('button', { name: 'Add', exact: true }).first().click();
  await expect(page.getByRole('grid', { name: 'Tents' })).toContainText('Roof tent');
  await page.locator('[data-cell="joss/tentGroupId"]').click();
  await page.locator('[data-cell="joss/tentGroupId"] select').selectOption({ label: 'Roof tent' });
  await expect(page.getByRole('grid', { name: 'Tents' })).toContainText('Joss');
  await saved(page);
  expect((await storedTrip(id)).trip.members[0]!.tentGroupId).toBe('tent-roof-tent');
  await page.getByRole('button', { name: 'Remove Roof tent' }).click();
  await saved(page);
  expect((await storedTrip(id)).trip.members[0]).not.toHaveProperty('tentGroupId');
});
