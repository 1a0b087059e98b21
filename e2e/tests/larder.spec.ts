import { expect, test } from '../quick';
import { demoText, importTrip, openStation, saved, station, storedTrip, choose } from '../support';

test('a meal by keyboard: chosen, changed, taken away; its parcel follows', async ({ page }) => {
  const id = await importTrip(demoText('corvane-census'));
  await openStation(page, id, 'larder');
  const meal = page.getByRole('button', { name: /^Dinner on day 1, Cook group North: Couscous/ });
  await meal.focus();
  await page.keyboard.press('Enter');
  await page.getByLabel('Dish for dinner on day 1').selectOption({ label: 'Stew from a tin, 420 g' });
  await expect(
    page.getByRole('button', { name: /^Dinner on day 1, Cook group North: Stew from a tin/ }),
  ).toBeVisible();
  await saved(page);
  const parcel = async () =>
    (await storedTrip(id)).trip.kits
      .flatMap((k) => k.pieces)
      .find((p) => p.id === 'larder-food-cook-north-1');
  // Three eaters: 420 g of stew and 55 g of tin, 95 + 4 g of porridge.
  expect((await parcel())?.massKg).toBeCloseTo(3 * 0.574, 3);
  expect((await parcel())?.consumption?.residueKg).toBeCloseTo(3 * 0.059, 3);

  // Its numbers for this trip; a wrong one stays with its reason.
  await page.getByLabel('A serving').fill('lots');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert')).toHaveText(
    'Type a weight such as 1.2 kg, 850 g, 2 lb 3 oz or 11 st 4',
  );
  await page.getByLabel('A serving').fill('400 g');
  await page.keyboard.press('Enter');
  await saved(page);
  expect((await parcel())?.massKg).toBeCloseTo(3 * 0.554, 3);
  await page.getByRole('button', { name: /^Undo Stew from a tin/ }).click();
  await saved(page);
  expect((await parcel())?.massKg).toBeCloseTo(3 * 0.574, 3);
});

test('spare day, parcels by the meal, a pick-up: kit and loads follow in the same step', async ({ page }) => {
  const id = await importTrip(demoText('corvane-census'));
  await openStation(page, id, 'larder');
  await page.getByLabel('Spare day').selectOption('true');
  await page.getByLabel('Food is shared').selectOption('meal');
  await saved(page);
  const food = (await storedTrip(id)).trip.kits.find((k) => k.id === 'larder-kit-food-cook-ridge')!;
  expect(food.pieces.map((p) => p.name)).toContain('Spare day: dinner and breakfast');
  expect(food.pieces).toHaveLength(11);

  await page.getByLabel('Day of the pick-up').fill('9');
  await page.getByLabel('Name of the pick-up').fill('Box at the ford');
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByRole('alert')).toHaveText('Type a day of the trip, 1 to 6');
  await page.getByLabel('Day of the pick-up').fill('2');
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByText('Day 2: Box at the ford (resupply)')).toBeVisible();
  await saved(page);
  const later = (await storedTrip(id)).trip.kits.find((k) => k.id === 'larder-kit-food-cook-ridge')!;
  expect(later.pieces.find((p) => p.name.startsWith('Day 2 dinner'))?.fromDay).toBe(2);

  await page.getByRole('button', { name: 'Remove Box at the ford' }).click();
  await expect(page.getByText('Day 2: Box at the ford (resupply)')).toHaveCount(0);
  await page.getByRole('button', { name: /^Undo / }).click();
  await saved(page);

  // At Kit the parcels are shown, and say where they are changed.
  await station(page, 'Kit').click();
  await page.getByLabel('Whose things').selectOption('group');
  await page.getByLabel('Filter things').fill('Day 2 dinner');
  const cell = page.getByRole('gridcell', { name: /Day 2 dinner/ }).first();
  await cell.click();
  await expect(cell.getByRole('textbox')).toHaveCount(0);
});

test('fuel: a begun canister is weighed, nonsense refused; water: bags for the dry camp', async ({
  page,
}) => {
  const id = await importTrip(demoText('corvane-census'));
  await openStation(page, id, 'larder');
  await choose(page, 'Food figures', 'Fuel');
  const weighed = page.getByLabel('Weighed, if begun').first();
  await weighed.fill('100 g');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert')).toHaveText(
    'Type between 0.205 kg, the empty vessel, and 0.655 kg, the full one',
  );
  await weighed.fill('430 g');
  await page.keyboard.press('Enter');
  await expect(page.getByText(/225 g carried: \d+ g short/)).toBeVisible();
  await expect(station(page, 'Food')).toContainText('▲');
  await page.getByRole('button', { name: 'Take the lightest that hold it' }).first().click();
  await expect(page.getByText(/short$/)).toHaveCount(0);

  await choose(page, 'Food figures', 'Water');
  await page.getByLabel('Cooking water of dry camps').selectOption('true');
  await expect(page.getByText(/Day 2, Cook group North: 6\.0 L to cook with, bags for/)).toBeVisible();
  await saved(page);
  const { trip } = await storedTrip(id);
  const bags = trip.kits.find((k) => k.id === 'larder-kit-water-cook-north')!.pieces;
  expect(bags.map((p) => [p.massKg, p.fromDay, p.toDay])).toEqual([
    [2, 2, 2],
    [2, 2, 2],
    [2, 2, 2],
  ]);
  expect(trip.canisters.find((c) => c.id === 'fuel-cook-north')?.grossKg).toBe(0.43);
});

test('hidden body weights hide the energy that gives them away', async ({ page }) => {
  const id = await importTrip(demoText('corvane-census'));
  await openStation(page, id, 'larder');
  const grid = page.getByRole('grid', { name: 'Energy by member' });
  await expect(grid.locator('[data-cell="tam/need"]')).toHaveText(/^\d{4}$/);
  await page.getByRole('button', { name: 'Hide body weights' }).click();
  await expect(grid.locator('[data-cell="tam/need"]')).toHaveText('···');
  await expect(grid.locator('[data-cell="tam/share"]')).toHaveText('···');
  await expect(page.getByRole('img', { name: /Energy of/ })).toHaveCount(0);
});
